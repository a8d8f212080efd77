import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Choice } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { Sheet } from '../../controls/Sheet'
import type { BatchFigures } from '../../types/mixing'
import type { Sentences } from '../../types/page'
import type { Block } from './BatchRow'
import * as words from '@words/evening'

interface Props {
    block: Block | null
    batches: BatchFigures[]
    sentences: Sentences
    busy: boolean
    onClose: () => void
    onMove: (to: string | null, count: string) => Promise<void>
}

/** How many of a coat's pieces go into which cup: the same as dragging, for gloves and keyboards. */
export function MoveSheet(props: Props): ReactNode {
    return (
        <Sheet open={props.block !== null} onClose={props.onClose} title={props.block?.name ?? ''}>
            {props.block !== null && (
                <Move key={`${props.block.from} ${props.block.coat}`} {...props} block={props.block} />
            )}
        </Sheet>
    )
}

function Move(props: Props & { block: Block }): ReactNode {
    const others = props.batches.filter(
        (batch) =>
            batch.id !== props.block.from &&
            batch.resin === props.batches.find((one) => one.id === props.block.from)?.resin,
    )
    const [to, setTo] = useState(others[0]?.id ?? '')
    const [count, setCount] = useState(String(props.block.count))
    return (
        <form
            className="space-y-5"
            onSubmit={(event) => {
                event.preventDefault()
                void props.onMove(to === '' ? null : to, count)
            }}
        >
            <div className="grid grid-cols-2 gap-6">
                <Field
                    label={words.howManyOfThe(props.block.count)}
                    value={count}
                    inputMode="numeric"
                    onChange={setCount}
                    sentence={props.sentences.count}
                    large
                />
                <Choice
                    label={words.into}
                    value={to}
                    options={[
                        ...others.map((batch) => ({
                            value: batch.id,
                            label: words.cup(props.batches.indexOf(batch) + 1, batch.resin),
                        })),
                        { value: '', label: words.aCupOfItsOwn },
                    ]}
                    onChange={setTo}
                />
            </div>
            {props.sentences.form !== undefined && <p className="font-semibold text-danger">{props.sentences.form}</p>}
            <div className="flex justify-end gap-3">
                <Button onClick={props.onClose}>{words.leaveIt}</Button>
                <Button look="next" type="submit" disabled={props.busy} className="min-w-32">
                    {words.moveShort}
                </Button>
            </div>
        </form>
    )
}
