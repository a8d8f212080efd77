import { ticks } from 'd3-array'
import type { ReactNode } from 'react'
import { linear } from './linear'

const SIZES_ML = [
    10, 20, 30, 50, 100, 150, 200, 300, 400, 500, 750, 1000, 1500, 2000, 3000, 5000, 10000, 20000, 50000, 100000,
]

/** The smallest usual cup that takes both parts, each in its own, with room to spare. */
export function cupFor(ml: number): number {
    return SIZES_ML.find((size) => size >= ml * 1.12) ?? ml * 1.2
}

interface Props {
    part: 'A' | 'B'
    ml: number
    cupMl: number
    height: number
    className?: string
}

/**
 * A graduated cup with its level, both parts at one scale. A always stands left and wears a square
 * label, B right and a round one.
 */
export function Cup({ part, ml, cupMl, height, className = '' }: Props): ReactNode {
    const width = height * 0.78
    const [rim, floor] = [7, height - 6]
    const level = linear([0, cupMl], [floor, rim + 6])
    const inset = (y: number): number => 4 + ((y - rim) / (floor - rim)) * width * 0.11
    const y = level(Math.min(ml, cupMl))
    const marks = ticks(0, cupMl, 5).filter((mark) => mark > 0 && mark < cupMl)
    const wall = `M${inset(rim)} ${rim} L${inset(floor)} ${floor} H${width - inset(floor)} L${width - inset(rim)} ${rim}`
    return (
        <svg
            width={width}
            height={height}
            viewBox={`0 0 ${width} ${height}`}
            aria-hidden="true"
            className={`shrink-0 ${className}`}
        >
            <path
                d={`M${inset(y)} ${y} L${inset(floor)} ${floor} H${width - inset(floor)} L${width - inset(y)} ${y} Z`}
                fill="url(#gloss)"
            />
            <path d={`M${inset(y) + 1} ${y} H${width - inset(y) - 1}`} stroke="var(--resin-edge)" strokeWidth="1.5" />
            <path
                d={`M${inset(y) + width * 0.1} ${y + 5} L${inset(floor) + width * 0.08} ${Math.max(y + 6, floor - 8)}`}
                stroke="var(--gloss)"
                strokeWidth="4"
                strokeLinecap="round"
                opacity={floor - y > 18 ? 0.55 : 0}
            />
            {marks.map((mark) => (
                <path
                    key={mark}
                    d={`M${width - inset(level(mark))} ${level(mark)} h${-width * 0.16}`}
                    stroke="var(--ink)"
                    strokeWidth="1.25"
                    opacity="0.7"
                />
            ))}
            <path d={wall} fill="none" stroke="var(--ink)" strokeWidth="2" strokeLinejoin="round" />
            <path d={`M1 ${rim} H${width - 1}`} stroke="var(--ink)" strokeWidth="3" strokeLinecap="round" />
            <PartLabel part={part} x={width * 0.44} y={height * 0.62} size={Math.max(20, height * 0.26)} />
        </svg>
    )
}

/** The letter on its label: square for A, round for B. */
export function PartLabel(props: { part: 'A' | 'B'; x: number; y: number; size: number }): ReactNode {
    const half = props.size / 2
    return (
        <g>
            <rect
                x={props.x - half}
                y={props.y - half}
                width={props.size}
                height={props.size}
                rx={props.part === 'A' ? 3 : half}
                fill="var(--sheet)"
                stroke="var(--ink)"
                strokeWidth="1.5"
            />
            <text
                x={props.x}
                y={props.y + props.size * 0.25}
                textAnchor="middle"
                className="figure"
                fontSize={props.size * 0.68}
                fill="var(--ink)"
            >
                {props.part}
            </text>
        </g>
    )
}
