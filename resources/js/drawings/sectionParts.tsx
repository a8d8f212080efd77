import type { ReactNode } from 'react'
import type { PlacedLevel } from './labels'

/** The film's outline: its surface with a meniscus that turns over the rim and down the sides. */
export function filmPath(
    left: number,
    right: number,
    top: number,
    ground: number,
    bottom: number,
    side: number,
): string {
    const film = ground - top
    const turn = Math.min(18, Math.max(4, film))
    if (side === 0) {
        return `M${left} ${ground} V${top + turn * 0.5} Q${left} ${top} ${left + turn} ${top} H${right - turn} Q${right} ${top} ${right} ${top + turn * 0.5} V${ground} Z`
    }
    return (
        `M${left - side} ${bottom} V${ground - film * 0.35} Q${left - side} ${top} ${left + turn} ${top} H${right - turn} ` +
        `Q${right + side} ${top} ${right + side} ${ground - film * 0.35} V${bottom} H${right} V${ground} H${left} V${bottom} Z`
    )
}

/** What is coated, hatched; a break in it where its edge is deeper than the drawing. */
export function Ground(props: {
    left: number
    right: number
    top: number
    bottom: number
    broken: boolean
}): ReactNode {
    const { left, right, top, bottom } = props
    return (
        <g aria-hidden="true">
            <defs>
                <pattern id="ground" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
                    <rect width="9" height="9" fill="var(--ground)" />
                    <path d="M0 0 h9" stroke="var(--ground-line)" strokeWidth="1" />
                </pattern>
            </defs>
            <rect
                x={left}
                y={top}
                width={right - left}
                height={bottom - top}
                fill="url(#ground)"
                stroke="var(--ground-line)"
                strokeWidth="1.25"
            />
            {props.broken && (
                <path
                    d={`M${left - 8} ${bottom - 20} h${right - left + 16} M${left - 8} ${bottom - 16} h${right - left + 16}`}
                    stroke="var(--bench)"
                    strokeWidth="2.5"
                />
            )}
        </g>
    )
}

/** The one highlight: a window at the upper left. */
export function Shine(props: { left: number; right: number; top: number; ground: number }): ReactNode {
    const film = props.ground - props.top
    const reach = (props.right - props.left) * 0.42
    const pane = Math.min(film * 0.5, 16)
    return (
        <g aria-hidden="true" pointerEvents="none">
            <path
                d={`M${props.left + 14} ${props.top + 2.2} h${reach}`}
                stroke="url(#window-light)"
                strokeWidth="2.4"
                strokeLinecap="round"
            />
            {pane > 4 && (
                <path
                    d={`M${props.left + 34} ${props.top + 5} h26 l-${pane / 2} ${pane} h-26 z M${props.left + 66} ${props.top + 5} h26 l-${pane / 2} ${pane} h-26 z`}
                    fill="var(--gloss)"
                    opacity="0.5"
                />
            )}
        </g>
    )
}

/** Heights with their words beside them, none over another. */
export function Levels(props: { levels: PlacedLevel[]; left: number; right: number; narrow: boolean }): ReactNode {
    return props.levels.map(({ y, at, label }) => (
        <g key={label} pointerEvents="none">
            <path
                d={`M${props.left} ${y} H${props.right}` + (props.narrow ? '' : ` L${props.right + 6} ${at}`)}
                stroke="var(--line)"
                strokeWidth="1.25"
                strokeDasharray="2 5"
                fill="none"
            />
            <text
                x={props.narrow ? props.left + 36 : props.right + 10}
                y={at + 4}
                className="text-[12px]"
                fill="var(--ink-soft)"
                stroke="var(--bench)"
                strokeWidth="3"
                paintOrder="stroke"
            >
                {label}
            </text>
        </g>
    ))
}

/** Where one takes hold. */
export function Grip(props: { x: number; y: number; pulling: boolean }): ReactNode {
    return (
        <g transform={`translate(${props.x} ${props.y})`} pointerEvents="none" aria-hidden="true">
            <rect x="-30" y="-11" width="60" height="22" rx="4" fill={props.pulling ? 'var(--act)' : 'var(--ink)'} />
            <path
                d="M-14 3.5 l5 -6 5 6 M4 -2.5 l5 6 5 -6"
                fill="none"
                stroke="var(--bench)"
                strokeWidth="2.2"
                strokeLinecap="round"
                strokeLinejoin="round"
            />
        </g>
    )
}
