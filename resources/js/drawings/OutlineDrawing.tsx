import type { ReactNode } from 'react'
import type { Drawing } from '../types/page'
import type { SideName } from '../types/plan'
import { SIDES, sidePath, Edge, Side } from './Sides'

interface Props {
    drawing: Drawing
    coatedEdges: 'all' | 'none' | SideName[] | number
    /** px of the longest side. */
    size: number
    /** Set to make the sides pressable. */
    onSide?: (side: SideName) => void
    dimensions?: { width: string; height: string } | null
    glossy?: boolean
}

/** A piece from above, to scale, its coated edges drawn heavy; with its dimensions where wanted. */
export function OutlineDrawing(props: Props): ReactNode {
    const { drawing, size } = props
    const [w, h] = boxOf(drawing)
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
            <path d={drawing.edge + drawing.holes} transform={`scale(${scale})`} fill={fill} fillRule="evenodd" />
            {drawing.holes !== '' && <Edge d={drawing.holes} scale={scale} width={1.25} />}
            {!drawing.sides && <Edge d={drawing.edge} scale={scale} width={coated('top') ? heavy : 1.25} />}
            {props.glossy && <Glint width={width} height={height} inset={drawing.sides ? 8 : width * 0.2} />}
            {drawing.sides &&
                SIDES.map((side) => (
                    <Side
                        key={side}
                        side={side}
                        d={sidePath(side, width, height, drawing.radius_mm * scale)}
                        strokeWidth={coated(side) ? heavy : 1.25}
                        coated={coated(side)}
                        {...(props.onSide ? { onPress: props.onSide } : {})}
                    />
                ))}
            {props.dimensions && (
                <g className="text-[14px]" fill="var(--ink)" stroke="none">
                    <Dimension from={[0, height + 24]} to={[width, height + 24]} />
                    <text x={width / 2} y={height + 42} textAnchor="middle">
                        {props.dimensions.width}
                    </text>
                    {!drawing.round && (
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

export function boxOf(drawing: Drawing): [number, number] {
    return [drawing.width_mm, drawing.height_mm]
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
