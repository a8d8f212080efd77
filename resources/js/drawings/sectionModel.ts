import { apart, type LabelledLevel, type PlacedLevel } from './labels'
import { linear, type Linear } from './linear'
import type { StackLayer } from '../types/answer'
import type { FilmNow } from '../lib/filmClock'
import { openFilmPath, type Place } from './openFilm'
import { filmPath } from './sectionParts'
import { layerPath, spanOf, type Frame } from './stackParts'
import * as words from '@words/drawings'

export const LEFT = 58
export const RIGHT = 176
/** Narrower than this the labels stand inside the drawing. */
export const NARROW = 600
export const HEIGHT = 198
export const GROUND = 134
export const TOP = 12
/** How much higher than what is planned the drawing reaches. */
export const HEADROOM = 1.3
export const LEAST_REACH_MM = 4

export interface SectionProps {
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
        mostRadiusMm: number
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

/** Where everything of a section stands, px. */
export interface SectionModel {
    narrow: boolean
    rim: number
    left: number
    right: number
    frame: Frame
    height: Linear
    /** How much larger films are drawn upwards than sideways. */
    factor: number
    stack: StackLayer[]
    here: StackLayer | undefined
    film: number
    /** What lies below the coat at hand, mm. */
    below: number
    /** The height that the drawing reaches by itself, and now, mm. */
    reach: number
    mostMm: number
    top: number
    bottom: number
    /** The piece is deeper than it is drawn. */
    broken: boolean
    dammed: boolean
    /** Its rim is drawn beside it. */
    detail: boolean
    /** The place of a film that is flooded over the edge. */
    running: Place | null
    /** Its edge is drawn beside it. */
    round: boolean
    figureAt: number
    levels: PlacedLevel[]
    pathOf: (layer: StackLayer) => string
}

/** @param heldMm the height that the drawing had when it was taken hold of: while it is pulled the scale stands still */
export function sectionOf(props: SectionProps, width: number, heldMm: number | null): SectionModel {
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
    const mostMm = heldMm ?? reach

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

    const dammed = stack.some((layer) => layer.containment === 'dammed')
    const detail = here !== undefined && here.rim.length > 0 && !narrow
    const { openFilm } = props
    const running =
        openFilm === null || here?.share !== 1
            ? null
            : { frame, floor: height(below), bottom, fromEdgeMm: openFilm.fromEdgeMm, now: openFilm.now }
    const round = running !== null && !narrow && props.edgeDepthMm > 0
    const figureAt = narrow ? top - 9 : Math.min(top + 9, GROUND - (round ? 34 : 3))
    const levels: LabelledLevel[] = []
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

    return {
        narrow,
        rim,
        left,
        right,
        frame,
        height,
        factor,
        stack,
        here,
        film,
        below,
        reach,
        mostMm,
        top,
        bottom,
        broken: trueDepth > 38,
        dammed,
        detail,
        running,
        round,
        figureAt,
        pathOf,
        levels: apart(levels, narrow ? top - 12 : figureAt - 24, narrow ? top + 12 : figureAt + 5),
    }
}
