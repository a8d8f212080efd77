import { useRef, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react'
import * as words from '@words/drawings'

export const PX_MM = 9

/** The edge in true proportions: its round, the film that it keeps, and the round to take hold of. */
export function EdgeDetail(props: {
    x: number
    y: number
    radiusMm: number
    mostRadiusMm: number
    keepsMm: number
    sideMm: number
    say: (mm: number) => string
    onPull: (mm: number) => void
    onLetGo: (mm: number) => void
}): ReactNode {
    const group = useRef<SVGGElement>(null)
    const held = useRef(false)
    const { x, y, radiusMm, keepsMm, sideMm } = props
    const [wide, high] = [96, 44]
    // the top right corner of what is coated
    const [cornerX, cornerY] = [x + wide, y + 16]
    const r = Math.min(radiusMm * PX_MM, high - 4)
    const film = Math.min(keepsMm * PX_MM, 20)
    const side = Math.max(1.5, sideMm * PX_MM)
    const base = cornerY + high
    const mmAt = (event: PointerEvent): number => {
        const box = group.current!.ownerSVGElement!.getBoundingClientRect()
        const view = group.current!.ownerSVGElement!.viewBox.baseVal
        const px = ((event.clientX - box.left) * view.width) / box.width
        const py = ((event.clientY - box.top) * view.height) / box.height
        // the middle of a round of radius r lies r·(1 − 1/√2) in from the corner, each way
        const inwards = (cornerX - px + (py - cornerY)) / 2
        return Math.min(8, Math.max(0, Math.round((inwards / (1 - Math.SQRT1_2) / PX_MM) * 10) / 10))
    }
    const press = (event: KeyboardEvent): void => {
        const to: Record<string, number> = {
            ArrowUp: radiusMm + 0.5,
            ArrowRight: radiusMm + 0.5,
            ArrowDown: radiusMm - 0.5,
            ArrowLeft: radiusMm - 0.5,
            PageUp: radiusMm + 2.5,
            PageDown: radiusMm - 2.5,
            Home: 0,
            End: props.mostRadiusMm,
        }
        const mm = to[event.key]
        if (mm === undefined) return
        event.preventDefault()
        props.onLetGo(Math.min(props.mostRadiusMm, Math.max(0, mm)))
    }
    const inset = r * (1 - Math.SQRT1_2)
    return (
        <g ref={group}>
            <path
                d={`M${x} ${cornerY - film}H${cornerX - r}A${r + side} ${r + film} 0 0 1 ${cornerX + side} ${cornerY + r}V${base}H${x}Z`}
                fill="url(#gloss)"
                stroke="var(--resin-edge)"
                strokeWidth="1.25"
            />
            <path
                d={`M${x} ${cornerY}H${cornerX - r}A${r} ${r} 0 0 1 ${cornerX} ${cornerY + r}V${base}H${x}Z`}
                fill="url(#ground)"
                stroke="var(--ground-line)"
                strokeWidth="1.25"
            />
            <circle
                cx={cornerX - inset}
                cy={cornerY + inset}
                r="5.5"
                fill="var(--ink)"
                stroke="var(--bench)"
                strokeWidth="2"
            />
            <rect
                x={cornerX - inset - 22}
                y={cornerY + inset - 22}
                width="44"
                height="44"
                fill="transparent"
                className="cursor-nesw-resize"
                role="slider"
                tabIndex={0}
                aria-label={words.radiusOfTheEdge}
                aria-valuemin={0}
                aria-valuemax={props.mostRadiusMm}
                aria-valuenow={radiusMm}
                aria-valuetext={words.itKeeps(props.say(radiusMm), props.say(keepsMm))}
                onPointerDown={(event) => {
                    event.currentTarget.setPointerCapture(event.pointerId)
                    held.current = true
                }}
                onPointerMove={(event) => {
                    if (held.current) props.onPull(mmAt(event))
                }}
                onPointerUp={(event) => {
                    if (held.current) props.onLetGo(mmAt(event))
                    held.current = false
                }}
                onPointerCancel={() => (held.current = false)}
                onKeyDown={press}
            />
            <g className="text-[12px]" fill="var(--ink-soft)">
                <text x={x + wide + 16} y={cornerY + 14}>
                    {words.round}
                </text>
                <text x={x + wide + 16} y={cornerY + 29}>
                    {props.say(radiusMm)}
                </text>
            </g>
        </g>
    )
}
