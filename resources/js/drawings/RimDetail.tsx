import type { ReactNode } from 'react'
import type { StackLayer } from '../types/answer'

/** The edge of a held film or the foot of a wall in its true proportions. */
export function RimDetail(props: { x: number; y: number; layer: StackLayer; say: string }): ReactNode {
    const { layer } = props
    const [wide, high] = [132, 42]
    const tallest = Math.max(...layer.rim.map(([, mm]) => mm), 0.1)
    const held = layer.containment === 'held'
    const bulge = Math.max(0, ...layer.rim.map(([mm]) => -mm))
    const scale = Math.min((high - 4) / tallest, 24)
    const x0 = props.x + 8 + bulge * scale
    const points = layer.rim
        .map(([inMm, highMm]): [number, number] => [
            x0 + inMm * scale,
            props.y + high - highMm * scale - (held ? 0 : 8),
        ])
        .filter(([x]) => x <= props.x + wide)
    const last = points[points.length - 1] ?? [x0, props.y + high]
    const base = props.y + high
    return (
        <g aria-hidden="true">
            <path
                d={`M${x0} ${base}${points.map(([x, y]) => `L${x} ${y}`).join('')}L${props.x + wide} ${last[1]}V${base}Z`}
                fill="url(#gloss)"
                stroke="var(--resin-edge)"
                strokeWidth="1.25"
                strokeLinejoin="round"
            />
            <path
                d={
                    held
                        ? `M${x0} ${base + 9}V${base}H${props.x + wide}`
                        : `M${x0} ${props.y - 2}V${base}H${props.x + wide}`
                }
                fill="none"
                stroke="var(--ink)"
                strokeWidth="1.25"
            />
            <text x={props.x} y={base + 20} className="text-[11px]" fill="var(--ink-soft)">
                {props.say}
            </text>
        </g>
    )
}
