import { useState, type ReactNode } from 'react'
import { useWidth } from '../lib/width'
import type { VolumeFigures } from '../types/answer'
import * as words from '@words/drawings'

type Part = Exclude<keyof VolumeFigures, 'total'>

export const VOLUME_PARTS: { part: Part; word: string; fill: string }[] = [
    { part: 'film', word: 'film', fill: 'url(#gloss)' },
    { part: 'edges', word: 'edges', fill: 'url(#part-edges)' },
    { part: 'runoff', word: 'run-off', fill: 'url(#part-runoff)' },
    { part: 'soak', word: 'soak', fill: 'url(#part-soak)' },
    { part: 'climb', word: words.upTheWall, fill: 'url(#part-climb)' },
    { part: 'displaced', word: 'displaced', fill: 'none' },
    { part: 'residue', word: 'cups', fill: 'url(#part-residue)' },
    { part: 'margin', word: 'margin', fill: 'url(#part-margin)' },
]

/** These are shown even when they are nothing. */
const ALWAYS: Part[] = ['film', 'residue', 'margin']

/** The parts that a mix has. */
export function partsOf(volume: VolumeFigures): typeof VOLUME_PARTS {
    return VOLUME_PARTS.filter(({ part }) => volume[part] !== 0 || ALWAYS.includes(part))
}

const HEIGHT = 32
const LEADER = 18

interface Props {
    volume: VolumeFigures
    /** The amount under each leader; pressing it is up to the page. */
    label: (part: Part, word: string) => ReactNode
}

/** A measuring cylinder laid on its side, to scale: what part of the mix goes where. */
export function WhereItGoes({ volume, label }: Props): ReactNode {
    const [frame, setFrame] = useState<HTMLDivElement | null>(null)
    const width = useWidth(frame, 880)
    const inner = width - 16
    const parts = partsOf(volume)
    const column = width / parts.length
    // what is displaced takes no place in the cup: the bar is what is mixed with it counted out
    const whole = parts.reduce((sum, { part }) => sum + Math.max(0, volume[part]), 0)
    let from = 8
    const stretches = parts.map((entry, index) => {
        const wide = whole > 0 ? (Math.max(0, volume[entry.part]) / whole) * inner : 0
        const stretch = { ...entry, x: from, wide, labelX: column * (index + 0.5) }
        from += wide
        return stretch
    })
    return (
        <div ref={setFrame} className="w-full">
            <svg
                width="100%"
                height={HEIGHT + LEADER}
                viewBox={`0 0 ${width} ${HEIGHT + LEADER}`}
                aria-hidden="true"
                className="block"
            >
                <defs>
                    <PartPattern id="part-edges" d="M0 2 h6" />
                    <PartPattern id="part-runoff" d="M2 0 v3" dash />
                    <PartPattern id="part-soak" d="M1 0 v6 M4 0 v6" />
                    <PartPattern id="part-climb" d="M0 6 q4 -1 5 -6" />
                    <PartPattern id="part-residue" d="M0 0 l6 6" />
                    <pattern id="part-margin" width="6" height="6" patternUnits="userSpaceOnUse">
                        <rect width="6" height="6" fill="var(--sheet)" />
                        <circle cx="3" cy="3" r="0.9" fill="var(--line)" />
                    </pattern>
                </defs>
                {stretches.map(({ part, x, wide, fill, labelX }) => (
                    <g key={part}>
                        <rect
                            x={x}
                            y="4"
                            width={wide}
                            height={HEIGHT - 8}
                            fill={fill}
                            stroke="var(--ink)"
                            strokeWidth={wide > 0 ? 1 : 0}
                        />
                        {wide > 0 && (
                            <path
                                d={`M${x + wide / 2} ${HEIGHT - 4} v6 L${labelX} ${HEIGHT + LEADER - 6} v5`}
                                fill="none"
                                stroke="var(--line)"
                                strokeWidth="1.25"
                            />
                        )}
                    </g>
                ))}
                <path
                    d={`M14 7.5 h${inner * 0.3}`}
                    stroke="var(--gloss)"
                    strokeWidth="2"
                    strokeLinecap="round"
                    opacity="0.8"
                />
                <rect
                    x="7"
                    y="3"
                    width={inner + 2}
                    height={HEIGHT - 6}
                    rx="4"
                    fill="none"
                    stroke="var(--ink)"
                    strokeWidth="2"
                />
                {[0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9].map((share) => (
                    <path
                        key={share}
                        d={`M${8 + inner * share} 3 v${share === 0.5 ? 9 : 6}`}
                        stroke="var(--ink)"
                        strokeWidth="1.25"
                    />
                ))}
            </svg>
            <div className="grid auto-cols-fr grid-flow-col">
                {stretches.map(({ part, word }) => (
                    <div key={part} className="text-center">
                        {label(part, word)}
                    </div>
                ))}
            </div>
        </div>
    )
}

function PartPattern({ id, d, dash = false }: { id: string; d: string; dash?: boolean }): ReactNode {
    return (
        <pattern id={id} width="6" height="6" patternUnits="userSpaceOnUse">
            <rect width="6" height="6" fill="var(--resin)" />
            <path
                d={d}
                stroke="var(--resin-edge)"
                strokeWidth="1.6"
                {...(dash ? { strokeLinecap: 'round' as const } : {})}
            />
        </pattern>
    )
}
