import type { ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Check } from '../../controls/Choice'
import { placeOf, turned, without, type Held, type Marks } from '../../lib/marks'
import * as words from '@words/takeIn'

/** The edge of the piece and its holes: which is marked, and what becomes of the point that is held. */
export function TracerEdge(props: {
    marks: Marks
    marking: Held['of']
    held: Held | null
    corner: boolean
    onChange: (next: (before: Marks) => Marks) => void
    onMarking: (of: Held['of']) => void
    onHold: (held: Held | null) => void
    onCorner: (on: boolean) => void
}): ReactNode {
    const { marks, marking, held, corner, onChange } = props
    const hole = typeof marking === 'number' && marking > 0
    return (
        <section className="space-y-2 border-t ruled pt-3">
            <h3 className="text-sm text-soft">{words.n2TheEdge}</h3>
            <div className="flex flex-wrap gap-2">
                {marks.loops.map((loop, index) => (
                    <Button
                        key={index}
                        look={marking === index ? 'plain' : 'quiet'}
                        aria-pressed={marking === index}
                        onClick={() => props.onMarking(index)}
                    >
                        {index === 0 ? words.edge : words.holeNumber(index)}: {loop.length}
                    </Button>
                ))}
                <Button
                    look="quiet"
                    disabled={(marks.loops[marks.loops.length - 1]?.length ?? 0) < 3}
                    onClick={() => {
                        onChange((before) => ({ ...before, loops: [...before.loops, []] }))
                        props.onMarking(marks.loops.length)
                    }}
                >
                    {words.addAHole}
                </Button>
            </div>
            <p className="text-sm text-soft">{hole ? words.pressRoundTheHole : words.pressRoundThePiece}</p>
            <Check label={words.theNextPointsAreCorners} on={corner} onChange={props.onCorner} />
            {held !== null && typeof held.of === 'number' && placeOf(marks, held) !== undefined && (
                <div className="flex flex-wrap gap-2">
                    <Button onClick={() => onChange((before) => turned(before, held))}>
                        {marks.loops[held.of]?.[held.index]?.corner === true ? words.makeItSmooth : words.makeItACorner}
                    </Button>
                    <Button
                        onClick={() => {
                            onChange((before) => without(before, held))
                            props.onHold(null)
                        }}
                    >
                        {words.takeItAway}
                    </Button>
                </div>
            )}
        </section>
    )
}
