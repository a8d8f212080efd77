/** What the server hands to the pages: rows, a pour under way, and what every page knows. */

import type { ActKind, HeatTool, Level, MixFigures, PhaseName, RoomInForce, ShownFigures } from './answer'
import type { CoatKind, CoatSpec, PieceSpec, ResinSheet } from './plan'

export type Units = 'metric' | 'imperial'

/** An outline as it is drawn: its box, and its edge and its holes as path data in mm. */
export interface Drawing {
    width_mm: number
    height_mm: number
    /** It has four sides that can be coated singly. */
    sides: boolean
    /** Its width is a diameter. */
    round: boolean
    radius_mm: number
    edge: string
    holes: string
    /** What it was measured by; only an outline and a body have a size. */
    by: 'outline' | 'count' | 'water' | 'body'
    /** What each takes, or what it holds. */
    ml: number | null
}

export interface PieceRow {
    id: number
    name: string
    /** Another piece of the plan has its name: it is told by its number. */
    twin?: boolean
    spec: PieceSpec
    drawing: Drawing
}

export interface ResinRow {
    id: number
    name: string
    sheet: ResinSheet
}

/** What is set of the edge of a piece. */
export interface EdgeSpec {
    edge_radius_mm?: number
}

export interface CoatRow {
    id: number
    kind: string
    resin_id: number
    spec: CoatSpec
}

export type HowItWent = 'in_time' | 'early' | 'late' | 'skipped' | 'missed' | 'open'

/** What is laid into a film that has become thick enough. */
export type Pace = 'drops' | 'lines' | 'effect_oil'

/** What hands an act wants. */
export type Gloves = 'sticky' | 'clean' | 'either'

export interface PourActState {
    /** Its name in the schedule: "pass-1". */
    id: string
    kind: ActKind
    title: string
    how: string
    /** How long the hands are at it. */
    lasts_min: number
    /** Of a wipe: what still comes after it. */
    left_ml: number | null
    /** The act by which its cover went on before it; null where it lies open. */
    under: string | null
    gloves: Gloves
    due_min: number
    /** Null before the film is poured. */
    due_at: number | null
    /** As it was planned, where the room has moved it. */
    planned_at: number | null
    /** After which it makes no sense any more; null where that never comes. */
    until_at: number | null
    until_min: number | null
    done_at: number | null
    skipped_because: string | null
    /** Where it was done with another tool than planned. */
    done_with: HeatTool | null
    /** The press that it was done or skipped with. */
    event: string | null
    went: HowItWent
}

/** What was observed of a film, or added to it. */
export interface Seen {
    /** The press that said so. */
    event: string
    at: number
    /** One of the usual things, by its code. */
    what: string | null
    text: string
    ml: number | null
}

export interface PourState {
    id: string
    title: string
    piece_id: number | null
    coat_id: number | null
    /** Out of a cup whose cautions were shown before it was mixed. */
    from_cup: boolean
    now: number
    started_at: number
    poured_at: number | null
    poured_event: string | null
    written_at: number | null
    off_at: number | null
    off_event: string | null
    handle_at: number | null
    open_until: number
    /** From then on it cannot be poured any more. */
    gels_at: number | null
    /** What is said of a film that was poured late. */
    late: { level: Level; text: string } | null
    closes_at: number | null
    closes_min: number | null
    tool: HeatTool
    /** What may be taken in its stead. */
    other_tools: HeatTool[]
    phases: { phase: PhaseName; from_min: number; from: number | null; to: number | null }[]
    acts: PourActState[]
    /** When the film holds what is laid into it. */
    effects: { pace: Pace; from_at: number | null; to_at: number | null; fits: number }[]
    /** When its fill can be judged, and until when what is added still gets a pass. */
    fill: { judge_from: number | null; pass_until: number | null }
    /** What comes after its cover is on. */
    later: { what: 'untouched' | 'tape_off' | 'trim'; from_at: number | null; to_at: number | null }[]
    /** What heat as a tool gains, by each tool that its rules allow. */
    warmings: {
        tool: HeatTool
        seconds: number
        gain_k: number
        viscosity_factor: number
        age_min: number
        cools_min: number
    }[]
    seen: Seen[]
    /** Of what holds nobody knows how much: what was poured so far, and what the cup still holds. */
    staged: { entries: { event: string; at: number; ml: number }[]; poured_ml: number; in_cup_ml: number | null } | null
}

/** A cup that something is in, and nothing was poured from. */
export interface CupOnBench {
    /** Mixed, and nothing is left to be weighed into it or out of it. */
    ready: boolean
    id: string
    title: string
    now: number
    begun_at: number
    mixed_at: number | null
    mixed_event: string | null
    pot_life_min: number | null
    total_ml: number | null
}

/** What became of what was left in a cup. */
export type RestOfMix = 'laid_thin' | 'hardens_in_cup' | 'on_another_piece'

/** The cup that a pour came out of. */
export interface PouredFrom {
    id: string
    /** What was to be left in it when all is poured. */
    rest_ml: number
    /** Whether that is more than clings to it. */
    has_rest: boolean
    rest: RestOfMix | null
    /** The press that said so. */
    event: string | null
}

/** A coat that could take what is left in a cup. */
export interface RestTaker {
    coat_id: number
    piece: string
    kind: CoatKind
    /** Of its pieces that get all that they want. */
    pieces: number
    each_ml: number
    /** What a single piece would lack. */
    lacks_ml: number
}

/** How one knows an amount. */
export type Known = 'weighed' | 'read' | 'planned' | 'unknown'

export interface PlannedAndUsed {
    planned: MixFigures
    used: { a_ml: number | null; b_ml: number | null; a_how: Known | null; b_how: Known | null }
    /** What it took beyond the plan; null while a part is not known. */
    more_ml: number | null
    /** How far A to B is off; null while a part is not known. */
    off_pct: number | null
    tolerance_pct: number
    /** What went into the cup, as one knows it. */
    in_cup: { known: 'planned' | 'read' | 'weighed'; by_volume: boolean; a_ml: number | null; b_ml: number | null }
    /** Of the mix in its cup, weighed back: of the whole cup; and what of that is its own. */
    left_g: number | null
    left_ml: number | null
    /** Weighed in the tray below the piece. */
    tray_g: number | null
    /** What was said to run off; null where nothing does. */
    ran_off: { ml: number; g: number | null } | null
    added_ml: number
    density_a_g_ml: number
    density_b_g_ml: number
    resin: string
    kind: string
    thickness_mm: number
    room: RoomInForce
    /** How it is poured. */
    pour: string
    note: string | null
    photo: string | null
    override_reason: string | null
}

/** Sentences by the name of the field that they belong to. */
export type Sentences = Record<string, string>

export interface SharedProps {
    units: Units
    studio: string | null
    /** The studio's own name in the journal. */
    studio_id: string
    no_substitute: string
    /** Null off the stage. */
    rehearsal: { pace: number; ended: boolean } | null
    said: string | null
    undo: string | null
    [key: string]: unknown
}

/** A film of the run; with what is poured where it is not on the piece yet. */
export interface RunFilm extends PourState {
    /** The cup that it is poured from. */
    cup: string | null
    to_pour: {
        ml: number | null
        /** Of what its cup still holds; null where nothing else is poured from it. */
        of_cup_pct: number | null
        /** The colours that it is laid in, in their order, and how where that is another way; none where it is one. */
        parts: { colour: string; share_pct: number; ml: number | null; how: string | null }[]
        count: number | null
        how: string
        laying_min: number
    } | null
}

/** The cup that is mixed next, or on with. */
export interface NextCup {
    to: string
    /** Its resin. */
    title: string
    /** What is poured from it, before it is begun. */
    pieces: string[]
    begun: boolean
    /** What is ticked when it, or all that are left, are left for another evening; null of one that is begun. */
    leave: { evening: string; this: string; all: string } | null
    total_ml: number | null
    /** How long the hands are at it. */
    lasts_min: number
    /** When nothing comes late by it. */
    begin_at: number
}

/** A rehearsal as it goes. */
export interface RehearsalState {
    now: number
    pace: number
    paces: number[]
    ended: boolean
    /** What went wrong so far. */
    news: { accident: string; at: number; text: string; asks: boolean }[]
    /** How many films are really wet meanwhile. */
    wet: number
}

/** What an evening came to. */
export interface RehearsalScore {
    ml: number
    late_min: number
    faults: number
    risk: number
}

/** What nobody planned, and what to do about it at once. */
export interface Unexpected {
    what: 'short' | 'spill' | 'tipped' | 'hair' | 'smoking' | 'leak'
    of: 'film' | 'cup' | 'lot'
    /** Resin is missing on a piece after it. */
    lacks: boolean
    title: string
    now: string[]
}

/** A film whose cup is empty: what it becomes without the rest, and what it takes to mix it. */
export interface Short {
    missing_ml: number
    /** Null without a face. */
    stretched_mm: number | null
    asked_mm: number | null
    thinnest_mm: number | null
    levels: boolean | null
    mix: { total_ml: number; shown: ShownFigures }
    takes_min: number
    left_min: number
    in_time: boolean
}

/** The room as its sensor last said it is; pages have null without one, or where it has been quiet for half a day. */
export interface RoomNow {
    celsius: number
    humidity_pct: number
    dew_point_c: number
    at: number
    /** Read by somebody, and not by a sensor. */
    by_hand: boolean
    /** It has said nothing for some minutes: this holds till it does. */
    quiet: boolean
    battery_low: boolean
}

/** All that is on the bench as one run. */
/** What is looked at before the first cup of an evening. */
/** One check, and the press that ticked it; off is what is not as it should be. */
export interface Ticked {
    id: string
    title: string
    how: string
    off: boolean
    event: string | null
}

export interface Checks {
    /** What the ticks happen to. */
    evening: string
    /** In the order of the room. */
    checks: Ticked[]
}

/** What is seen to when every film is covered. */
export interface AfterEvening extends Checks {
    /** What stands in cups, and what was not written down. */
    open: { title: string; links: { title: string; to: string }[] }[]
}

export interface BeforeEvening extends Checks {
    /** The page of its first cup. */
    first: string
    /** What holds a clock until it is changed, or answered in writing. */
    stops: { text: string; to: string }[]
}

export interface RunState {
    now: number
    /** In the order in which they were begun. */
    films: RunFilm[]
    cups: CupOnBench[]
    room: RoomNow | null
    rounds: { gloves: Gloves; changes: boolean; acts: { film: string; act: string; begin_at: number }[] }[]
    /** Of gloves to put on, one over the other. */
    pairs: number
    /** What one pair of hands does not come to in time. */
    warnings: string[]
    /** Once the evening is under way; null where no cup is left. */
    mix: NextCup | null
    /** Once all that was mixed is poured. */
    after: AfterEvening | null
    /** While nothing is mixed. */
    before: BeforeEvening | null
}
