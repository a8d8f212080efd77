import { useState, type ReactNode } from 'react'
import { useWidth } from '../lib/width'
import type { StackLayer } from '../types/answer'
import { apart, type Level } from './labels'
import { linear } from './linear'
import { filmPath, Grip, Ground, Levels, Shine } from './sectionParts'
import type { FilmNow } from '../lib/filmClock'
import { FilmPull } from './FilmPull'
import { Drops, EdgeDetail, Laid, openFilmPath, ThinBands } from './openFilm'
import { Inclusions, layerPath, Lifts, OtherLayer, RimDetail, Ruler, spanOf, Walls, type Frame } from './stackParts'
import * as words from '@words/drawings'

const LEFT = 58
const RIGHT = 176
/** Narrower than this the labels stand inside the drawing. */
const NARROW = 600
const HEIGHT = 198
const GROUND = 134
const TOP = 12
/** How much higher than what is planned the drawing reaches. */
const HEADROOM = 1.3
const LEAST_REACH_MM = 4

interface Props {
    /** All coats of the piece, from the lowest on. */
    stack: StackLayer[]
    currentId: number
    /** Film of the current coat, as it is pulled; null when it has none. */
    thicknessMm: number | null
    pieceMm: number
    edgeDepthMm: number
    edgeFilmMm: number
    soakMl: number
    coatedEdges: boolean
    /** A film that is flooded over the edge, as it is at one moment. */
    openFilm: {
        now: FilmNow
        fromEdgeMm: number[]
        /** Where it sets thin. */
        thinMm: number
        thinLabel: string
        /** With what is poured to run off. */
        laidMm: number
        laidLabel: string
        radiusMm: number
        keepsMm: number
        onRadius: (mm: number, letGo: boolean) => void
    } | null
    labelMaxMm: number | null
    /** What the edge holds at most, of a held film. */
    holdsMm: number | null
    edgeAngleDeg: number | null
    wallMm: number | null
    faceDown: boolean
    /** Drawn out of its mould, the face up, as it will hang. */
    hangs: boolean
    /** Null where the film flows no more. */
    thinnestMm: number | null
    nameOf: (layer: StackLayer) => string
    say: (mm: number) => string
    /** What the ruler counts in. */
    ruler: { unit: string; unitMm: number }
    sayLength: (mm: number) => string
    onPull: (mm: number) => void
    onLetGo: (mm: number) => void
    onChoose: (id: number) => void
}

/**
 * The piece cut through, with its whole stack of coats. Piece and films share one scale sideways;
 * upwards the films are drawn larger by the factor that is written beside them. The surface of the
 * coat at hand is what one pulls; the others are pressed to go to them.
 */
export function Section(props: Props): ReactNode {
    const [frameElement, setFrame] = useState<HTMLDivElement | null>(null)
    const width = useWidth(frameElement, 880)
    const [pulling, setPulling] = useState<number | null>(null)

    const current = props.stack.find((layer) => layer.id === props.currentId)
    const film = props.thicknessMm ?? 0
    const shift = film - (current?.thickness_mm ?? 0)
    const stack = props.stack.map((layer) =>
        current !== undefined && layer.layer > current.layer
            ? { ...layer, below_mm: Math.max(0, layer.below_mm + shift * current.share) }
            : layer,
    )
    const here = stack.find((layer) => layer.id === props.currentId)
    const below = here?.below_mm ?? 0
    const reach = Math.max(
        LEAST_REACH_MM,
        (current?.below_mm ?? 0) + (props.openFilm?.laidMm ?? 0) * 1.15,
        ...props.stack.map((layer) => (layer.below_mm + (layer.thickness_mm ?? 0)) * HEADROOM),
        props.wallMm === null ? 0 : props.wallMm * 1.15,
        below + 1.15 * Math.min(props.labelMaxMm ?? 0, 30),
    )
    // while it is pulled the scale stands still
    const mostMm = pulling ?? reach

    const narrow = width < NARROW
    const rim = width - (narrow ? 26 : RIGHT)
    const [left, right] = [LEFT + (narrow ? 10 : 26), rim - (narrow ? 6 : 26)]
    const across = (right - left) / props.pieceMm
    const height = linear([0, mostMm], [GROUND, TOP])
    const frame: Frame = { left, right, ground: GROUND, across, up: (GROUND - TOP) / mostMm }
    const factor = frame.up / across
    const top = height(Math.min(below + film, mostMm))
    const trueDepth = props.edgeDepthMm * across
    const depth = Math.min(38, Math.max(14, trueDepth))
    const side = props.coatedEdges && props.edgeDepthMm > 0 ? Math.max(2, props.edgeFilmMm * frame.up) : 0
    const bottom = GROUND + depth

    const pull = (mm: number): void => {
        setPulling((held) => held ?? reach)
        props.onPull(mm)
    }
    const letGo = (mm: number): void => {
        setPulling(null)
        props.onLetGo(mm)
    }

    const dammed = stack.some((layer) => layer.containment === 'dammed')
    const detail = here !== undefined && here.rim.length > 0 && !narrow
    const { openFilm } = props
    const running =
        openFilm === null || here?.share !== 1
            ? null
            : { frame, floor: height(below), bottom, fromEdgeMm: openFilm.fromEdgeMm, now: openFilm.now }
    const round = running !== null && !narrow && props.edgeDepthMm > 0
    const figureAt = narrow ? top - 9 : Math.min(top + 9, GROUND - (round ? 34 : 3))
    const levels: Level[] = []
    if (!props.hangs) {
        const { labelMaxMm, holdsMm, thinnestMm } = props
        if (labelMaxMm !== null && below + labelMaxMm < mostMm && (!narrow || labelMaxMm > film))
            levels.push({ y: height(below + labelMaxMm), label: words.labelAtMost(props.say(labelMaxMm)) })
        if (holdsMm !== null && below + holdsMm < mostMm)
            levels.push({ y: height(below + holdsMm), label: words.edgeHolds(props.say(holdsMm)) })
        const levelsFrom = height(below + (thinnestMm ?? 0))
        if (
            thinnestMm !== null &&
            !detail &&
            !narrow &&
            !round &&
            height(below) - levelsFrom > 3 &&
            levelsFrom - top > 24
        )
            levels.push({ y: levelsFrom, label: words.levelsFrom(props.say(thinnestMm)) })
    }
    const pathOf = (layer: StackLayer): string => {
        const mm = layer.id === props.currentId ? film : (layer.thickness_mm ?? 0)
        const span = spanOf(layer, stack, frame, mm)
        if (layer.id === props.currentId && running !== null) return openFilmPath(running)
        return layer.id === props.currentId && layer.containment === 'open' && layer.share === 1
            ? filmPath(left, right, span.top, GROUND, bottom, side)
            : layerPath(layer, span, frame)
    }

    return (
        <div ref={setFrame} className="relative w-full">
            <svg
                width="100%"
                height={HEIGHT}
                viewBox={`0 0 ${width} ${HEIGHT}`}
                className="block touch-none select-none"
            >
                <g transform={props.hangs ? `translate(0 ${GROUND + TOP + 20}) scale(1 -1)` : undefined}>
                    {!props.hangs && (
                        <Ground left={left} right={right} top={GROUND} bottom={bottom} broken={trueDepth > 38} />
                    )}
                    {props.soakMl > 0 && (
                        <rect
                            x={left}
                            y={GROUND}
                            width={right - left}
                            height="7"
                            fill="url(#soak)"
                            aria-hidden="true"
                        />
                    )}
                    {dammed && !props.hangs && (
                        <Walls
                            frame={frame}
                            bottom={bottom}
                            heightMm={props.wallMm ?? Math.min(mostMm, below + film + 1)}
                        />
                    )}
                    {[...stack].reverse().map((layer) =>
                        layer.id !== props.currentId ? (
                            layer.thickness_mm !== null && (
                                <OtherLayer
                                    key={layer.id}
                                    d={pathOf(layer)}
                                    above={here !== undefined && layer.layer > here.layer}
                                    name={`${props.nameOf(layer)}, ${props.say(layer.thickness_mm)}`}
                                    onPress={() => props.onChoose(layer.id)}
                                />
                            )
                        ) : (
                            <g key={layer.id}>
                                <path
                                    d={pathOf(layer)}
                                    fill="url(#gloss)"
                                    stroke="var(--resin-edge)"
                                    strokeWidth="1.25"
                                    strokeLinejoin="round"
                                />
                                <Lifts frame={frame} layer={layer} top={top} bottom={height(below)} />
                                <Inclusions layer={layer} span={spanOf(layer, stack, frame, film)} frame={frame} />
                                {running !== null && openFilm !== null && (
                                    <Laid
                                        left={left}
                                        right={right}
                                        y={height(below + openFilm.laidMm)}
                                        label={narrow ? '' : openFilm.laidLabel}
                                    />
                                )}
                                {running !== null && openFilm !== null && (
                                    <ThinBands
                                        place={running}
                                        mm={openFilm.thinMm}
                                        label={narrow ? '' : openFilm.thinLabel}
                                    />
                                )}
                                {layer.share === 1 && running === null && (
                                    <Shine left={left} right={right} top={top} ground={height(below)} />
                                )}
                                {running !== null && <Drops place={running} />}
                            </g>
                        ),
                    )}
                </g>
                {!props.hangs && <Ruler left={LEFT} height={height} mostMm={mostMm} {...props.ruler} />}

                <Levels
                    levels={apart(levels, narrow ? top - 12 : figureAt - 24, narrow ? top + 12 : figureAt + 5)}
                    left={LEFT}
                    right={rim}
                    narrow={narrow}
                />
                <g className="text-[12px]" fill="var(--ink-soft)">
                    {props.edgeDepthMm > 0 && !narrow && !detail && !round && (
                        <>
                            <path
                                d={`M${rim - 8} ${GROUND} h14 M${rim - 8} ${bottom} h14 M${rim + 2} ${GROUND} V${bottom}`}
                                stroke="var(--line)"
                                strokeWidth="1.25"
                                fill="none"
                            />
                            <text x={rim + 12} y={Math.max(GROUND + 18, (GROUND + bottom) / 2 + 4)}>
                                {words.edge} {props.sayLength(props.edgeDepthMm)}
                            </text>
                        </>
                    )}
                    <text x={running === null ? left : left + 20} y={HEIGHT - 6}>
                        {words.longestSide} {props.sayLength(props.pieceMm)}
                        {words.filmDrawn}
                        {factor < 10 ? factor.toFixed(1) : Math.round(factor)} {words.thicker}
                        {props.faceDown &&
                            (props.hangs ? words.asItWillHangItsFaceUp : words.itLiesFaceDownWhatIsLowestHereBecomes)}
                    </text>
                </g>
                {detail && !props.hangs && (
                    <RimDetail
                        x={rim + 8}
                        y={GROUND - 2}
                        layer={here}
                        say={
                            props.edgeAngleDeg === null
                                ? words.atTheWallTrueProportions
                                : words.edgeAtDegTrueProportions(Math.round(props.edgeAngleDeg))
                        }
                    />
                )}

                {round && openFilm !== null && (
                    <EdgeDetail
                        x={rim + 8}
                        y={GROUND - 26}
                        radiusMm={openFilm.radiusMm}
                        keepsMm={openFilm.keepsMm}
                        sideMm={openFilm.now.edge_film_mm}
                        say={props.say}
                        onPull={(mm) => openFilm.onRadius(mm, false)}
                        onLetGo={(mm) => openFilm.onRadius(mm, true)}
                    />
                )}
                {props.thicknessMm !== null && !props.hangs && (
                    <>
                        <Grip x={narrow ? left + 44 : (left + right) / 2} y={top} pulling={pulling !== null} />
                        <g pointerEvents="none">
                            {!narrow && (
                                <path
                                    d={`M${right + 4} ${top} H${rim - 4} L${rim + 8} ${figureAt - 9}`}
                                    fill="none"
                                    stroke="var(--ink)"
                                    strokeWidth="1.25"
                                />
                            )}
                            <text
                                x={narrow ? right : rim + 14}
                                y={figureAt}
                                textAnchor={narrow ? 'end' : 'start'}
                                className={`figure ${narrow ? 'text-[20px]' : 'text-[26px]'}`}
                                fill="var(--ink)"
                                stroke="var(--bench)"
                                strokeWidth="5"
                                paintOrder="stroke"
                            >
                                {props.say(film)}
                            </text>
                        </g>
                    </>
                )}
                <defs>
                    <pattern id="soak" width="6" height="7" patternUnits="userSpaceOnUse">
                        <path d="M1 0 v4 M4 0 v6" stroke="var(--resin-edge)" strokeWidth="1.4" />
                    </pattern>
                    <pattern
                        id="below"
                        width="6"
                        height="6"
                        patternUnits="userSpaceOnUse"
                        patternTransform="rotate(45)"
                    >
                        <rect width="6" height="6" fill="var(--resin-light)" />
                        <path d="M0 0 v6" stroke="var(--resin-edge)" strokeWidth="0.8" opacity="0.55" />
                    </pattern>
                </defs>
            </svg>
            {props.thicknessMm !== null && !props.hangs && (
                <FilmPull
                    filmMm={film}
                    mostMm={mostMm - below}
                    box={{ left, width: right - left, top: TOP, height: height(below) - TOP }}
                    text={props.say(film)}
                    onPull={pull}
                    onLetGo={letGo}
                />
            )}
        </div>
    )
}
