import { memo, type PointerEvent, type ReactNode } from 'react'
import type { Marks, Point } from '../lib/marks'

/** How large a mark is on the screen, px, and how near one has to press. */
export const MARK_PX = 5

export const REACH_PX = 14

// An edge has hundreds of pieces and marks, and a drag moves one: each is drawn anew only when it
// changes itself, so that the browser paints again no more than the place where it lies.
export const Piece = memo(function Piece({ d, width }: { d: string; width: number }): ReactNode {
    return (
        <>
            <path d={d} stroke="#ffffff" strokeWidth={2.2 * width} opacity="0.85" />
            <path d={d} stroke="#a3340a" strokeWidth={width} />
        </>
    )
})

export const Mark = memo(function Mark(props: {
    x: number
    y: number
    r: number
    corner: boolean
    dim: boolean
}): ReactNode {
    const { x, y, r, corner } = props
    const look = {
        fill: '#ffffff',
        stroke: '#1b292c',
        strokeWidth: r * 0.35,
        opacity: props.dim ? 0.55 : 1,
        className: 'cursor-move',
    }
    return corner ? (
        <rect x={x - r} y={y - r} width={2 * r} height={2 * r} {...look} />
    ) : (
        <circle cx={x} cy={y} r={r} {...look} />
    )
})

/** What the edge encloses, and where it is pressed to put a point in between. */
export function Inside(props: {
    d: string
    hole: boolean
    /** How wide the edge can be pressed; 0 when it cannot. */
    grip: number
    onPress: (event: PointerEvent<SVGPathElement>) => void
}): ReactNode {
    return (
        <>
            <path
                d={props.d}
                fill={props.hole ? '#ffffff' : '#e39a26'}
                fillOpacity={props.hole ? 0.5 : 0.22}
                pointerEvents="none"
            />
            {props.grip > 0 && (
                <path
                    d={props.d}
                    stroke="transparent"
                    strokeWidth={props.grip}
                    pointerEvents="stroke"
                    className="cursor-copy"
                    onPointerDown={props.onPress}
                />
            )}
        </>
    )
}

/** The known length, or the known sheet, as far as it is marked. */
export function ScaleLines({ length, sheet, perPx }: Pick<Marks, 'length' | 'sheet'> & { perPx: number }): ReactNode {
    const path = (points: Point[]): string => `M${points.map((p) => `${p.x} ${p.y}`).join('L')}`
    const corners = `${path(sheet)}${sheet.length === 4 ? 'Z' : ''}`
    return (
        <>
            {sheet.length > 1 && <path d={corners} stroke="#ffffff" strokeWidth={3 * perPx} />}
            {sheet.length > 1 && (
                <path
                    d={corners}
                    stroke="#1f4aa0"
                    strokeWidth={1.5 * perPx}
                    strokeDasharray={`${6 * perPx} ${4 * perPx}`}
                />
            )}
            {length.length === 2 && <path d={path(length)} stroke="#1f4aa0" strokeWidth={2 * perPx} />}
        </>
    )
}
