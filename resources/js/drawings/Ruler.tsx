import { ticks } from 'd3-array'
import type { ReactNode } from 'react'

/** The ruler at the side of the section. */
export function Ruler(props: {
    left: number
    height: (mm: number) => number
    mostMm: number
    /** What it counts in, and how many mm one is. */
    unit: string
    unitMm: number
}): ReactNode {
    const { height, mostMm, unitMm } = props
    const steps = ticks(0, mostMm / unitMm, 6)
    return (
        <g className="text-[12px]" fill="var(--ink-soft)" pointerEvents="none">
            {steps.map((at) => (
                <g key={at}>
                    <path d={`M${props.left - 8} ${height(at * unitMm)} h8`} stroke="var(--line)" strokeWidth="1.25" />
                    <text x={props.left - 13} y={height(at * unitMm) + 4} textAnchor="end">
                        {at}
                    </text>
                </g>
            ))}
            <path d={`M${props.left} ${height(0)} V${height(mostMm)}`} stroke="var(--line)" strokeWidth="1.25" />
            <text x={props.left + 7} y={height(mostMm) + 8} className="text-[11px]">
                {props.unit}
            </text>
        </g>
    )
}
