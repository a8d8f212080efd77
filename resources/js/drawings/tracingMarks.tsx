import { memo, type PointerEvent, type ReactNode } from 'react'

/** How large a mark is on the screen, px, and how near one has to press. */
export const MARK_PX = 5

export const REACH_PX = 14

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
