import { type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { StaleStrip } from '../../controls/StaleStrip'
import type { Sentences } from '../../types/page'
import type { ShelfResin } from './types'
import * as texts from '@words/shelf'

interface Props {
    /** The sheet that is changed; null for a new one. */
    resin: ShelfResin | null
    sending: boolean
    sentences: Sentences
    /** Keeps it over what somebody else changed to that version. */
    onMine: (version: number) => void
    onAway: () => void
}

/** Keeps a sheet, or takes it off the shelf. */
export function KeepResin({ resin, sending, sentences, onMine, onAway }: Props): ReactNode {
    return (
        <div className="sticky bottom-0 space-y-2 border-t ruled bg-sheet pt-2 lg:static lg:border-0">
            <div className="flex flex-wrap gap-3">
                <Button look="next" type="submit" disabled={sending} className="min-w-36">
                    {texts.keepTheSheet}
                </Button>
                {resin !== null && <Button onClick={onAway}>{texts.takeItAway}</Button>}
            </div>
            {sentences.stale !== undefined ? (
                <StaleStrip sentence={sentences.form} onMine={() => onMine(Number(sentences.stale))} />
            ) : (
                (sentences.form ?? '') !== '' && <p className="font-semibold text-danger">{sentences.form}</p>
            )}
            {resin !== null && <p className="text-sm text-soft">{texts.whatWasPouredKeepsTheSheetAsItWas}</p>}
        </div>
    )
}
