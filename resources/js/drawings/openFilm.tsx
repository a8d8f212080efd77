import { type ReactNode } from 'react'
import type { FilmNow } from '../lib/filmClock'
import type { Frame } from './stackParts'

export interface Place {
    frame: Frame
    /** Where the film stands on: y of its floor. */
    floor: number
    bottom: number
    fromEdgeMm: number[]
    now: FilmNow
}

/** Its surface from the edge inwards, at both sides as far as the middle. */
function surface({ frame, floor, fromEdgeMm, now }: Place): [number, number][] {
    const half = (frame.right - frame.left) / 2
    return fromEdgeMm.map((mm, at): [number, number] => [
        Math.min(half, mm * frame.across),
        floor - now.profile_mm[at]! * frame.up,
    ])
}

function sideOf({ frame, now }: Place): number {
    return Math.max(2, now.edge_film_mm * frame.up)
}

/** The film as it is fed over the edge: its surface falls to it, turns over it and goes down its side. */
export function openFilmPath(place: Place): string {
    const { frame, bottom, floor } = place
    const side = sideOf(place)
    const points = surface(place)
    const edgeY = points[0]![1]
    const turn = Math.min(7, Math.max(3, floor - edgeY))
    const rest = points.filter(([x]) => x > turn)
    const inner = rest.length > 0 ? rest : [points[points.length - 1]!]
    const low = frame.ground - (floor - edgeY) * 0.35
    return (
        `M${frame.left - side} ${bottom}V${low}Q${frame.left - side} ${edgeY} ${frame.left + turn} ${edgeY}` +
        inner.map(([x, y]) => `L${frame.left + x} ${y}`).join('') +
        [...inner]
            .reverse()
            .map(([x, y]) => `L${frame.right - x} ${y}`)
            .join('') +
        `L${frame.right - turn} ${edgeY}Q${frame.right + side} ${edgeY} ${frame.right + side} ${low}V${bottom}H${frame.right}V${frame.ground}H${frame.left}V${bottom}Z`
    )
}

/** Where it sets thinner than nine tenths of its middle: marked from both edges inwards. */
export function ThinBands({ place, mm, label }: { place: Place; mm: number; label: string }): ReactNode {
    const { frame } = place
    const wide = Math.min((frame.right - frame.left) / 2, mm * frame.across)
    if (wide < 5) return null
    const y = frame.ground + 15
    return (
        <g pointerEvents="none">
            {[frame.left, frame.right - wide].map((x) => (
                <path
                    key={x}
                    d={`M${x} ${y - 4}v8M${x} ${y}h${wide}m0 -4v8`}
                    stroke="var(--ink)"
                    strokeWidth="1.5"
                    fill="none"
                />
            ))}
            <text
                x={frame.left + wide + 8}
                y={y + 4}
                className="text-[12px]"
                fill="var(--ink)"
                stroke="var(--ground)"
                strokeWidth="4"
                paintOrder="stroke"
            >
                {label}
            </text>
        </g>
    )
}

/** What hangs below the edge: the more has gathered, the larger the drop. */
export function Drops({ place }: { place: Place }): ReactNode {
    const { frame, bottom, now } = place
    const side = sideOf(place)
    const r = Math.min(10, 2.5 + 2.4 * Math.sqrt(now.hangs_ml_per_m))
    if (now.hangs_ml_per_m < 0.02) return null
    return (
        <g aria-hidden="true">
            {[frame.left - side / 2, frame.right + side / 2].map((x) => (
                <g key={x}>
                    <path
                        d={`M${x - r} ${bottom - 2}Q${x - r} ${bottom + 2 * r} ${x} ${bottom + 2.2 * r}Q${x + r} ${bottom + 2 * r} ${x + r} ${bottom - 2}Z`}
                        fill="url(#gloss)"
                        stroke="var(--resin-edge)"
                        strokeWidth="1.25"
                    />
                    <circle cx={x - r * 0.36} cy={bottom + r * 0.7} r="1.2" fill="var(--gloss)" opacity="0.8" />
                </g>
            ))}
        </g>
    )
}

/** How high it is laid before any of it runs. */
export function Laid(props: { left: number; right: number; y: number; label: string }): ReactNode {
    return (
        <g pointerEvents="none">
            <path
                d={`M${props.left} ${props.y}H${props.right}`}
                stroke="var(--resin-edge)"
                strokeWidth="1.25"
                strokeDasharray="7 5"
                fill="none"
            />
            <text
                x={props.right - 6}
                y={props.y - 5}
                textAnchor="end"
                className="text-[12px]"
                fill="var(--ink-soft)"
                stroke="var(--bench)"
                strokeWidth="3"
                paintOrder="stroke"
            >
                {props.label}
            </text>
        </g>
    )
}
