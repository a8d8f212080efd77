import type { ReactNode } from 'react'
import { Figure } from '../../controls/TraceSheet'
import { linear } from '../../drawings/linear'
import { joined, volumesOf } from '../../lib/format'
import type { Units } from '../../types/page'

/** A measuring cylinder on its side, A then B, to the scale of the larger of the two. */
export function Measure(props: {
    word: string
    a: number
    b: number
    most: number
    units: Units
    figure?: string
}): ReactNode {
    const x = linear([0, Math.max(props.most, 1)], [0, 100])
    const shown = volumesOf(props.a, props.b, props.units)
    return (
        <div className="grid grid-cols-[5rem_1fr_8.5rem] items-center gap-3">
            <span className="text-soft">{props.word}</span>
            <svg width="100%" height="26" viewBox="0 0 100 26" preserveAspectRatio="none" aria-hidden="true">
                {[
                    { part: 'a', from: 0, ml: props.a, fill: 'url(#gloss)' },
                    { part: 'b', from: props.a, ml: props.b, fill: 'var(--resin-light)' },
                ].map(({ part, from, ml, fill }) => (
                    <rect
                        key={part}
                        x={x(from)}
                        y="3"
                        width={x(ml)}
                        height="20"
                        fill={fill}
                        stroke="var(--ink)"
                        strokeWidth="1.2"
                        vectorEffect="non-scaling-stroke"
                    />
                ))}
            </svg>
            <span className="text-right">
                {props.figure === undefined ? (
                    <strong className="text-lg">{joined(shown.total)}</strong>
                ) : (
                    <Figure of={props.figure} className="text-lg font-bold">
                        {joined(shown.total)}
                    </Figure>
                )}
                <span className="block text-sm whitespace-nowrap text-soft">
                    A {shown.a.text}, B {shown.b.text}
                </span>
            </span>
        </div>
    )
}
