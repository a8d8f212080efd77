import type { ReactNode } from 'react'
import type { OutlineSpec, SideName } from '../types'

interface Props {
    outline: OutlineSpec
    coatedEdges: 'all' | 'none' | SideName[] | number
    /** px of the longest side. */
    size: number
    /** Set to make the sides pressable. */
    onSide?: (side: SideName) => void
    dimensions?: { width: string; height: string } | null
    glossy?: boolean
}

const SIDES: SideName[] = ['top', 'right', 'bottom', 'left']

/** A piece from above, to scale, its coated edges drawn heavy; with its dimensions where wanted. */
export function OutlineDrawing(props: Props): ReactNode {
    const { outline, size } = props
    const [w, h] = boxOf(outline)
    const scale = size / Math.max(w, h)
    const [width, height] = [w * scale, h * scale]
    const heavy = Math.min(5, Math.max(2.5, Math.min(width, height) / 40))
    const pad = props.dimensions ? 46 : 5
    const coated = (side: SideName): boolean =>
        props.coatedEdges === 'all' ||
        typeof props.coatedEdges === 'number' ||
        (Array.isArray(props.coatedEdges) && props.coatedEdges.includes(side))
    const fill = props.glossy ? 'url(#gloss)' : 'var(--sheet)'
    return (
        <svg
            width={width + 2 * pad}
            height={height + 2 * pad}
            viewBox={`${-pad} ${-pad} ${width + 2 * pad} ${height + 2 * pad}`}
            className="block max-w-full"
            aria-hidden={props.onSide === undefined}
        >
            {outline.shape === 'circle' ? (
                <>
                    <circle
                        cx={width / 2}
                        cy={height / 2}
                        r={width / 2}
                        fill={fill}
                        stroke="var(--ink)"
                        strokeWidth={coated('top') ? heavy : 1.25}
                    />
                    {props.glossy && <Glint width={width} height={height} inset={width * 0.18} />}
                </>
            ) : (
                <>
                    <rect width={width} height={height} fill={fill} stroke="var(--ink)" strokeWidth="1.25" />
                    {props.glossy && <Glint width={width} height={height} inset={8} />}
                    {SIDES.map((side) => (
                        <Side
                            key={side}
                            side={side}
                            d={sidePath(side, width, height)}
                            strokeWidth={coated(side) ? heavy : 1.25}
                            coated={coated(side)}
                            {...(props.onSide ? { onPress: props.onSide } : {})}
                        />
                    ))}
                </>
            )}
            {props.dimensions && (
                <g className="text-[14px]" fill="var(--ink)" stroke="none">
                    <Dimension from={[0, height + 24]} to={[width, height + 24]} />
                    <text x={width / 2} y={height + 42} textAnchor="middle">
                        {props.dimensions.width}
                    </text>
                    {outline.shape === 'rectangle' && (
                        <>
                            <Dimension from={[-24, 0]} to={[-24, height]} />
                            <text
                                x={-32}
                                y={height / 2}
                                textAnchor="middle"
                                transform={`rotate(-90 -32 ${height / 2})`}
                            >
                                {props.dimensions.height}
                            </text>
                        </>
                    )}
                </g>
            )}
        </svg>
    )
}

export function boxOf(outline: OutlineSpec): [number, number] {
    return outline.shape === 'circle'
        ? [outline.diameter_mm ?? 1, outline.diameter_mm ?? 1]
        : [outline.width_mm ?? 1, outline.height_mm ?? 1]
}

function sidePath(side: SideName, width: number, height: number): string {
    return {
        top: `M0 0 H${width}`,
        right: `M${width} 0 V${height}`,
        bottom: `M0 ${height} H${width}`,
        left: `M0 0 V${height}`,
    }[side]
}

function Side(props: {
    side: SideName
    d: string
    coated: boolean
    strokeWidth: number
    onPress?: (side: SideName) => void
}): ReactNode {
    return (
        <>
            <path d={props.d} stroke="var(--ink)" strokeWidth={props.strokeWidth} strokeLinecap="square" />
            {props.onPress && (
                <path
                    d={props.d}
                    stroke="transparent"
                    strokeWidth="32"
                    className="cursor-pointer"
                    role="checkbox"
                    tabIndex={0}
                    aria-checked={props.coated}
                    aria-label={`Coat the ${props.side} edge`}
                    onClick={() => props.onPress?.(props.side)}
                    onKeyDown={(event) => {
                        if (event.key !== ' ' && event.key !== 'Enter') return
                        event.preventDefault()
                        props.onPress?.(props.side)
                    }}
                />
            )}
        </>
    )
}

function Glint(props: { width: number; height: number; inset: number }): ReactNode {
    const reach = Math.min(props.width, props.height) * 0.5
    return (
        <path
            d={`M${props.inset} ${props.inset + reach} L${props.inset + reach} ${props.inset}`}
            stroke="var(--gloss)"
            strokeWidth={Math.max(3, reach * 0.1)}
            strokeLinecap="round"
            opacity="0.55"
        />
    )
}

function Dimension({ from, to }: { from: [number, number]; to: [number, number] }): ReactNode {
    const upright = from[0] === to[0]
    const tick = (at: [number, number]): string =>
        upright ? `M${at[0] - 6} ${at[1]} h12` : `M${at[0]} ${at[1] - 6} v12`
    return (
        <path
            d={`M${from[0]} ${from[1]} L${to[0]} ${to[1]} ${tick(from)} ${tick(to)}`}
            stroke="var(--line)"
            strokeWidth="1.25"
            fill="none"
        />
    )
}
