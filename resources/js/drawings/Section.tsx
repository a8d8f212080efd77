import { scaleLinear } from 'd3-scale'
import { useRef, useState, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react'
import { useWidth } from '../lib/width'
import { Beads, filmPath, Grip, Ground, Mark, Shine } from './sectionParts'

const LEFT = 58
const RIGHT = 176
/** Narrower than this the labels stand inside the drawing. */
const NARROW = 600
const HEIGHT = 214
const SURFACE_ROOM = 128
const STEP_MM = 0.1
const LEAST_MM = 0.1

interface Props {
    thicknessMm: number
    pieceMm: number
    edgeDepthMm: number
    edgeFilmMm: number
    soakMl: number
    coatedEdges: boolean
    labelMaxMm: number | null
    /** What the edge holds at most, of a held film. */
    holdsMm: number | null
    thinnestMm: number
    say: (mm: number) => string
    sayLength: (mm: number) => string
    onPull: (mm: number) => void
    onLetGo: (mm: number) => void
}

/**
 * The piece cut through, with its film. Piece and film share one scale sideways; upwards the film is
 * drawn larger by the factor that is written beside it. Its surface is what one pulls.
 */
export function Section(props: Props): ReactNode {
    const [frame, setFrame] = useState<HTMLDivElement | null>(null)
    const width = useWidth(frame, 880)
    const svg = useRef<SVGSVGElement>(null)
    const [pulling, setPulling] = useState(false)

    const mostMm = Math.max(6, 1.25 * (props.labelMaxMm ?? 0))
    const narrow = width < NARROW
    const rim = width - (narrow ? 26 : RIGHT)
    const [left, right] = [LEFT + (narrow ? 4 : 26), rim - (narrow ? 0 : 26)]
    const acrossPxPerMm = (right - left) / props.pieceMm
    const ground = SURFACE_ROOM + 14
    const height = scaleLinear([0, mostMm], [ground, 14])
    const filmPxPerMm = (ground - 14) / mostMm
    const factor = filmPxPerMm / acrossPxPerMm
    const top = height(Math.min(props.thicknessMm, mostMm))
    const trueDepth = props.edgeDepthMm * acrossPxPerMm
    const depth = Math.min(64, Math.max(14, trueDepth))
    const side = props.coatedEdges && props.edgeDepthMm > 0 ? Math.max(2, props.edgeFilmMm * filmPxPerMm) : 0
    const bottom = ground + depth

    const mmAt = (clientY: number): number => {
        const box = svg.current!.getBoundingClientRect()
        const mm = height.invert(((clientY - box.top) * HEIGHT) / box.height)
        return Math.min(mostMm, Math.max(LEAST_MM, Math.round(mm / 0.05) * 0.05))
    }
    const grab = (event: PointerEvent<SVGRectElement>): void => {
        event.currentTarget.setPointerCapture(event.pointerId)
        setPulling(true)
        props.onPull(mmAt(event.clientY))
    }
    const move = (event: PointerEvent<SVGRectElement>): void => {
        if (pulling) props.onPull(mmAt(event.clientY))
    }
    const drop = (event: PointerEvent<SVGRectElement>): void => {
        if (!pulling) return
        setPulling(false)
        props.onLetGo(mmAt(event.clientY))
    }
    const press = (event: KeyboardEvent): void => {
        const steps: Record<string, number> = {
            ArrowUp: STEP_MM,
            ArrowRight: STEP_MM,
            ArrowDown: -STEP_MM,
            ArrowLeft: -STEP_MM,
            PageUp: 5 * STEP_MM,
            PageDown: -5 * STEP_MM,
        }
        const step = steps[event.key]
        if (step === undefined) return
        event.preventDefault()
        props.onLetGo(Math.min(mostMm, Math.max(LEAST_MM, Math.round((props.thicknessMm + step) * 100) / 100)))
    }

    const film = filmPath(left, right, top, ground, bottom, side)
    const ticks = height.ticks(6)

    return (
        <div ref={setFrame} className="w-full">
            <svg
                ref={svg}
                width="100%"
                height={HEIGHT}
                viewBox={`0 0 ${width} ${HEIGHT}`}
                className="block touch-none select-none"
            >
                <Ground left={left} right={right} top={ground} bottom={bottom} broken={trueDepth > 64} />
                {props.soakMl > 0 && (
                    <rect x={left} y={ground} width={right - left} height="7" fill="url(#soak)" aria-hidden="true" />
                )}
                <path
                    d={film}
                    fill="url(#gloss)"
                    stroke="var(--resin-edge)"
                    strokeWidth="1.25"
                    strokeLinejoin="round"
                />
                <Shine left={left} right={right} top={top} ground={ground} />
                {side > 0 && <Beads left={left} right={right} bottom={bottom} side={side} />}

                <g className="text-[12px]" fill="var(--ink-soft)">
                    {ticks.map((mm) => (
                        <g key={mm}>
                            <path d={`M${LEFT - 8} ${height(mm)} h8`} stroke="var(--line)" strokeWidth="1.25" />
                            <text x={LEFT - 13} y={height(mm) + 4} textAnchor="end">
                                {mm}
                            </text>
                        </g>
                    ))}
                    <path d={`M${LEFT} ${height(0)} V${height(mostMm)}`} stroke="var(--line)" strokeWidth="1.25" />
                    <text x={LEFT + 7} y={height(mostMm) + 8} className="text-[11px]">
                        mm
                    </text>
                </g>

                {props.labelMaxMm !== null && (
                    <Mark
                        y={height(props.labelMaxMm)}
                        left={LEFT}
                        right={rim}
                        narrow={narrow}
                        label={`label: ${props.say(props.labelMaxMm)} at most`}
                    />
                )}
                {props.holdsMm !== null && props.holdsMm < mostMm && (
                    <Mark
                        y={height(props.holdsMm)}
                        left={LEFT}
                        right={rim}
                        narrow={narrow}
                        label={`edge holds ${props.say(props.holdsMm)}`}
                    />
                )}
                {ground - height(props.thinnestMm) > 3 && (
                    <Mark
                        y={height(props.thinnestMm)}
                        left={LEFT}
                        right={rim}
                        narrow={narrow}
                        label={narrow ? '' : `levels from ${props.say(props.thinnestMm)}`}
                    />
                )}
                <g className="text-[12px]" fill="var(--ink-soft)">
                    {props.edgeDepthMm > 0 && !narrow && (
                        <>
                            <path
                                d={`M${rim - 8} ${ground} h14 M${rim - 8} ${bottom} h14 M${rim + 2} ${ground} V${bottom}`}
                                stroke="var(--line)"
                                strokeWidth="1.25"
                                fill="none"
                            />
                            <text x={rim + 12} y={(ground + bottom) / 2 + 4}>
                                edge {props.sayLength(props.edgeDepthMm)}
                            </text>
                        </>
                    )}
                    <text x={left} y={HEIGHT - 5}>
                        longest side {props.sayLength(props.pieceMm)}, film drawn ×
                        {factor < 10 ? factor.toFixed(1) : Math.round(factor)} thicker
                    </text>
                </g>

                <Grip x={(left + right) / 2} y={top} pulling={pulling} />
                <rect
                    x={left}
                    y={top - 26}
                    width={right - left}
                    height="52"
                    fill="transparent"
                    className="cursor-ns-resize"
                    role="slider"
                    tabIndex={0}
                    aria-label="Film thickness"
                    aria-orientation="vertical"
                    aria-valuemin={LEAST_MM}
                    aria-valuemax={Math.round(mostMm * 10) / 10}
                    aria-valuenow={Math.round(props.thicknessMm * 100) / 100}
                    aria-valuetext={props.say(props.thicknessMm)}
                    onPointerDown={grab}
                    onPointerMove={move}
                    onPointerUp={drop}
                    onPointerCancel={drop}
                    onKeyDown={press}
                />
                <g pointerEvents="none">
                    {!narrow && <path d={`M${right + 4} ${top} H${rim + 8}`} stroke="var(--ink)" strokeWidth="1.25" />}
                    <text
                        x={narrow ? right : rim + 14}
                        y={narrow ? top - 9 : top + 9}
                        textAnchor={narrow ? 'end' : 'start'}
                        className="figure text-[26px]"
                        fill="var(--ink)"
                        stroke="var(--bench)"
                        strokeWidth="5"
                        paintOrder="stroke"
                    >
                        {props.say(props.thicknessMm)}
                    </text>
                </g>
                <defs>
                    <pattern id="soak" width="6" height="7" patternUnits="userSpaceOnUse">
                        <path d="M1 0 v4 M4 0 v6" stroke="var(--resin-edge)" strokeWidth="1.4" />
                    </pattern>
                </defs>
            </svg>
        </div>
    )
}
