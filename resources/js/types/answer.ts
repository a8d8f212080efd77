/** What pages are told beside the open result file, whose types are written from its schema. */

import type { CoatFigures, Level, PieceFigures, StackFigures } from './generated/result'
import type { CoatKind, Containment, RoomSpec } from './plan'

export type {
    CoatFigures,
    HeatTool,
    Level,
    MixFigures,
    PartsShown,
    PieceFigures,
    ShownFigures,
    VolumeFigures,
} from './generated/result'

export type PhaseName = 'wet' | 'tacky' | 'window_open' | 'window_shut' | 'hard' | 'cured'

export type Topic = 'thickness' | 'bench' | 'room' | 'surface' | 'heat' | 'sheet'

export interface Advice {
    code: string
    level: Level
    topic: Topic
    text: string
    /** Presses that take its reason away. */
    remedies?: Remedy[]
}

export interface Remedy {
    kind: 'film' | 'lifts' | 'coats' | 'halve' | 'together' | 'runoff'
    value: number
}

export interface PhaseSpan {
    phase: PhaseName
    from_min: number
    to_min: number | null
}

export interface Act {
    id: string
    kind: ActKind
    due_min: number
    title: string
    how: string
}

export type ActKind = 'pass' | 'wipe' | 'pick' | 'mend' | 'nudge' | 'place' | 'look' | 'cover'

export interface Answer {
    piece: PieceFigures
    coat: CoatFigures
    advice: Advice[]
    phases: PhaseSpan[]
    acts: Act[]
    stir: string
    pour: string
    dew_point_c: number
    /** What is computed with, entered or assumed. */
    in_force: CoatInForce
    max_pour_mm: number | null
    /** How far the ratio may be off when it is weighed by typical densities, per cent. */
    weighed_off_pct?: number
    edge_depth_mm: number
    quantity: number
}

/** The room as it is computed with, entered or assumed. */
export type RoomInForce = Required<Omit<RoomSpec, 'surface_c' | 'measure_by' | 'heat_tool' | 'look_every_min'>>

export interface CoatInForce extends RoomInForce {
    edge_film_mm: number
    runoff_pct: number
    cups: number
    containment: Containment
    dam: string | null
}

/** How warm the hottest lift gets, and those below it, through their depth and over time; only where it passes 40 °C. */
export interface HeatStrip {
    /** Counted from 1. */
    lift: number
    depth_mm: number
    /** It is drawn where it is hotter. */
    drawn_from_c: number
    /** Past this a figure means only that it runs away. */
    most_c: number
    peak_c: number
    /** After its pour. */
    peak_min: number
    warm_from_min: number
    /** Null where it is warm for longer than is shown. */
    warm_until_min: number | null
    mins: number[]
    /** °C from the floor to the top, at those times. */
    frames: number[][]
}

/** A film that is flooded over an edge, from the pour until it has set. */
export interface EdgeFilm {
    radius_mm: number
    most_radius_mm: number
    /** Covered face for each mm of coated edge. */
    reach_mm: number
    /** Coated edge of all pieces. */
    coated_m: number
    asked_mm: number
    /** The most that can sensibly stay on this face. */
    most_stays_mm: number
    /** From the edge inwards, where it sets thinner than nine tenths of its middle. */
    thin_within_mm: number
    gels_min: number
    wipes_min: number[]
    /** What still drips after the first wipe, where it is the only one. */
    one_wipe_ml_per_m: number
    from_edge_mm: number[]
    /** In time; the last, without a time, as it sets. */
    frames: FilmFrame[]
}

/** One way to keep a film that runs over its edge, worked out beside the plan as it is asked. */
export interface WayToKeep {
    kind: 'as_asked' | 'coats' | 'held' | 'older' | 'more' | 'sharper' | 'resin'
    value: number | null
    resin: string | null
    coats: number
    film_mm: number | null
    mixed_ml: number
    floor_ml: number
    stays_mm: number
    middle_mm: number
    edge_mm: number
    wipes: number
    next_from_h: number | null
    next_to_h: number | null
    /** How many times as thick the mix is when it is laid. */
    thicker: number
    change: {
        split?: number
        coat?: Record<string, unknown>
        piece?: Record<string, number>
        resin_id?: number
    } | null
}

export interface FilmFrame {
    min: number | null
    mean_mm: number
    edge_film_mm: number
    /** Still to drip. */
    left_ml_per_m: number
    /** From the edge inwards, at from_edge_mm. */
    profile_mm: number[]
}

/** What the coat page hears: the coat, and the stack that it lies in. */
export interface StackAnswer extends Answer {
    /** Null where it is not flooded over an edge. */
    edge_film: EdgeFilm | null
    heat_strip: HeatStrip | null
    stack: StackLayer[]
    whole: StackFigures
    steps: CoatStep[]
    schools: Schools
    wall_mm: number | null
    face_down: boolean
}

/** One coat in the stack of its piece, as it is drawn. */
export interface StackLayer {
    id: number
    kind: CoatKind
    resin: string
    containment: Containment
    layer: number
    below_mm: number
    thickness_mm: number | null
    lifts: number
    total_ml: number
    /** How much of the face it covers, and where along it. */
    share: number
    from_share: number | null
    zone: string | null
    stop: boolean
    /** Its surface from the edge inwards: mm in, mm high. */
    rim: [number, number][]
    inclusions: { name: string; count: number; bottom_mm: number; height_mm: number | null; ball: boolean }[]
}

export interface CoatStep {
    id: string
    title: string
    how: string
    after: boolean
    own: boolean
    state: 'open' | 'done' | 'skipped'
    reason: string | null
    cautions: string[]
}

/** The same coat by every school of sizing, for one piece. */
export interface Schools {
    thickness_mm: number | null
    ml_per_cm2: number | null
    laid_ml: number
    mixed_ml: number
}

export interface TraceInput {
    symbol: string
    label: string
    value: number | null
    unit: string
    origin: 'entered' | 'label' | 'measured' | 'assumed' | 'computed' | 'constant'
    figure: string | null
}

/** By figure. */
/** Between what eight draws of ten lie, and what that mostly comes from. */
export interface FigureRange {
    low: number
    high: number
    mostly: { what: string; share_pct: number }[]
}

export type Ranges = Record<string, FigureRange>

export interface Trace {
    figure: string
    label: string
    unit: string
    result: number | null
    words: string
    expression: string
    note: string
    inputs: TraceInput[]
}
