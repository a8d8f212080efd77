import type { ReactNode } from 'react'
import type { StackLayer } from '../types/answer'

/** Where the drawing's corners are, and its two scales. */
export interface Frame {
    left: number
    right: number
    ground: number
    /** px of one mm sideways, and of one mm of film. */
    across: number
    up: number
}

interface Span {
    from: number
    to: number
    bottom: number
    top: number
}

/** A coat's place in the drawing: zones lie side by side in their layer. */
export function spanOf(layer: StackLayer, stack: StackLayer[], frame: Frame, thicknessMm: number): Span {
    const width = frame.right - frame.left
    const before = stack
        .slice(0, stack.indexOf(layer))
        .filter((one) => one.layer === layer.layer)
        .reduce((sum, one) => sum + one.share, 0)
    const from = frame.left + width * Math.min(1, layer.from_share ?? (layer.share < 1 ? before : 0))
    const bottom = frame.ground - layer.below_mm * frame.up
    return {
        from,
        to: Math.min(frame.right, from + width * layer.share),
        bottom,
        top: bottom - thicknessMm * frame.up,
    }
}

/**
 * A coat's own outline: level, domed at its edge by the real profile, or climbing a wall. It is drawn
 * down to the piece: what lies below is drawn over it, whatever its surface is.
 */
export function layerPath(layer: StackLayer, span: Span, frame: Frame): string {
    const { from, to, bottom, top } = span
    const floor = layer.share < 1 ? bottom : frame.ground
    const middle = (from + to) / 2
    const rim = layer.rim.map(([inMm, highMm]): [number, number] => [
        Math.min(middle - from, inMm * frame.across),
        layer.containment === 'held' ? bottom - highMm * frame.up : top - highMm * frame.up,
    ])
    if (rim.length === 0) return `M${from} ${floor}V${top}H${to}V${floor}Z`
    const line = (points: [number, number][], x: (d: number) => number): string =>
        points.map(([d, y]) => `L${x(d)} ${y}`).join('')
    return (
        `M${from} ${floor}` + line(rim, (d) => from + d) + line([...rim].reverse(), (d) => to - d) + `L${to} ${floor}Z`
    )
}

/** A wall at each end that holds a dammed coat. */
export function Walls(props: { frame: Frame; bottom: number; heightMm: number }): ReactNode {
    const { frame } = props
    const top = frame.ground - props.heightMm * frame.up
    return (
        <g aria-hidden="true">
            {[frame.left - 12, frame.right].map((x) => (
                <rect
                    key={x}
                    x={x}
                    y={top}
                    width="12"
                    height={props.bottom - top}
                    fill="url(#ground)"
                    stroke="var(--ground-line)"
                    strokeWidth="1.25"
                />
            ))}
        </g>
    )
}

/** How many of one sort are drawn; the rest is said in its word. */
const DRAWN = 9

/** What is embedded, standing where it stands; more than a few are only hinted at. */
export function Inclusions(props: { layer: StackLayer; span: Span; frame: Frame }): ReactNode {
    const { layer, span, frame } = props
    return (
        <g aria-hidden="true" stroke="var(--ink)" strokeWidth="1.25" fill="var(--sheet)" fillOpacity="0.72">
            <defs>
                <pattern id="grains" width="11" height="9" patternUnits="userSpaceOnUse">
                    <path d="M2 2 h2 M7 6 h2 M9 1 h1 M4 7 h1" stroke="var(--ink)" strokeWidth="1.6" opacity="0.6" />
                </pattern>
            </defs>
            {layer.inclusions.map((one, sort) => {
                if (one.height_mm === null) {
                    return (
                        <rect
                            key={sort}
                            x={span.from}
                            y={span.top}
                            width={span.to - span.from}
                            height={span.bottom - span.top - one.bottom_mm * frame.up}
                            fill="url(#grains)"
                            stroke="none"
                        />
                    )
                }
                const shown = Math.min(DRAWN, one.count)
                const bottom = span.bottom - one.bottom_mm * frame.up
                const high = Math.max(3, one.height_mm * frame.up)
                const wide = one.ball ? high : Math.max(14, Math.min(46, (span.to - span.from) / (shown * 2.4)))
                const step = (span.to - span.from) / (shown + 0.6)
                return Array.from({ length: shown }, (_, index) => {
                    const x = span.from + step * (index + 0.8) + (sort % 2) * step * 0.3
                    return one.ball ? (
                        <ellipse key={`${sort}-${index}`} cx={x} cy={bottom - high / 2} rx={wide / 2} ry={high / 2} />
                    ) : (
                        <rect key={`${sort}-${index}`} x={x - wide / 2} y={bottom - high} width={wide} height={high} />
                    )
                })
            })}
        </g>
    )
}

/** A coat below, hatched, or one above, dashed. */
export function OtherLayer(props: { d: string; above: boolean; name: string; onPress: () => void }): ReactNode {
    return (
        <path
            d={props.d}
            fill={props.above ? 'transparent' : 'url(#below)'}
            stroke={props.above ? 'var(--line)' : 'var(--resin-edge)'}
            strokeWidth="1.25"
            strokeDasharray={props.above ? '5 4' : undefined}
            className="cursor-pointer"
            onClick={props.onPress}
        >
            <title>{props.name}</title>
        </path>
    )
}

/** Where one pour of a deep coat ends and the next begins. */
export function Lifts(props: { frame: Frame; layer: StackLayer; top: number; bottom: number }): ReactNode {
    const lines = Array.from({ length: Math.max(0, props.layer.lifts - 1) }, (_, index) => index + 1)
    return (
        <g aria-hidden="true" stroke="var(--resin-edge)" strokeWidth="1.25" strokeDasharray="8 4">
            {lines.map((lift) => {
                const y = props.bottom - ((props.bottom - props.top) * lift) / props.layer.lifts
                return <path key={lift} d={`M${props.frame.left} ${y}H${props.frame.right}`} />
            })}
        </g>
    )
}
