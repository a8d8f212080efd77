import { FileIcon, ImageIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Field } from '../../controls/Field'
import { send } from '../../lib/http'
import { attempted } from '../../lib/attempt'
import type { Sentences } from '../../types/page'
import { Tracer, type MadeOutline } from './Tracer'
import type { MeasureProps } from './Measures'
import { FileChoice } from '../../controls/FileChoice'
import * as words from '@words/takeIn'

/** An outline that is traced over a photo, or brought in a drawing. */
export function Freeform({ saved, typed, change }: MeasureProps): ReactNode {
    const [tracing, setTracing] = useState(false)
    const [file, setFile] = useState<File | null>(null)
    const [width, setWidth] = useState('')
    const [sentences, setSentences] = useState<Sentences>({})
    const has = (typed.d ?? saved.outline?.d ?? '') !== ''
    const bring = async (svg: File, widthText: string): Promise<void> => {
        const made = await attempted(async () =>
            send<MadeOutline>(`/outlines/svg?width=${encodeURIComponent(widthText)}`, await svg.text()),
        )
        setFile(made.done ? null : svg)
        if (made.done) change({ d: made.value.d })
        setSentences(
            made.done
                ? {}
                : made.isUnreachable
                  ? { outline: words.theStudioDoesNotAnswerBringTheDrawing }
                  : made.sentences,
        )
    }
    const asksWidth = sentences.width !== undefined
    return (
        <div className="space-y-3">
            <p className="text-soft">
                {has ? words.itsOutlineIsAtHandToReplaceIt : words.itsOutlineComesFromAPhotoOrADrawing}
            </p>
            <div className="flex flex-wrap gap-2">
                <Button onClick={() => setTracing(true)}>
                    <ImageIcon size={20} /> {words.traceAPhoto}
                </Button>
                <FileChoice
                    accept=".svg,image/svg+xml"
                    onFile={(svg) => void bring(svg, '')}
                    className="inline-flex min-h-11 items-center gap-2 rounded border border-line bg-sheet px-4 hover:bg-recess"
                >
                    <FileIcon size={20} /> {words.bringAnSVG}
                </FileChoice>
            </div>
            {sentences.outline !== undefined && <p className="font-semibold text-danger">{sentences.outline}</p>}
            {asksWidth && file !== null && (
                <div className="flex items-end gap-3">
                    <Field
                        label={words.widthOfThePiece}
                        value={width}
                        onChange={setWidth}
                        sentence={sentences.width}
                        className="flex-1"
                    />
                    <Button onClick={() => void bring(file, width)}>{words.takeIt}</Button>
                </div>
            )}
            <Tracer
                open={tracing}
                onClose={() => setTracing(false)}
                onUse={(made) => {
                    change({ d: made.d })
                    setTracing(false)
                }}
            />
        </div>
    )
}
