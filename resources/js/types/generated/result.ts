/* Written by bin/types from the schema. */

export type PieceWithStack = PieceFigures & {
    stack: StackFigures
}
export type HeatTool = 'flame' | 'heat_gun' | 'breath' | 'none'
export type Level = 'note' | 'caution' | 'stop'
export type PouringTaken = 'together' | 'one_by_one'
export type DoseUnit = 'ml' | 'g' | 'drops' | 'dips' | 'scoops'

/**
 * What a plan comes to.
 */
export interface ResultDocument {
    format: 'open-glaze-result'
    version: 1
    pieces: PieceWithStack[]
    coats: CoatFigures[]
    batches: BatchFigures[]
    /**
     * How sure figures are, by their pointers in this file: asked for with --ranges.
     */
    ranges?: {
        [k: string]: RangeFigures
    }
}
/**
 * One piece, measured.
 */
export interface PieceFigures {
    id: string
    /**
     * Null for what is counted or measured by water.
     */
    area_cm2: number | null
    perimeter_mm: number | null
    hole_perimeter_mm: number | null
    coated_edge_mm: number
    /**
     * Twice the area over the edge.
     */
    effective_radius_mm: number | null
    /**
     * What a recess or mould holds.
     */
    holds_ml: number | null
}
/**
 * The whole stack of coats of one piece: its thickness, and the resin that stays on one.
 */
export interface StackFigures {
    thickness_mm: number | null
    target_thickness_mm: number | null
    resin_ml: number
    resin_g: number
}
/**
 * One coat, computed.
 */
export interface CoatFigures {
    id: string
    piece: string
    /**
     * Null where there is no face, and so no mean film.
     */
    thickness_mm: number | null
    volume_ml: VolumeFigures
    mix: MixFigures
    held: HeldFigures | null
    lip: LipFigures | null
    placed: PlacedFigures | null
    lifts: LiftFigures[]
    layer: number
    parts: PartFigures[]
    film: FilmFigures
    torch: TorchFigures
    /**
     * Null unless it is open with a coated edge.
     */
    edge: EdgeFigures | null
    /**
     * Null unless it is open with a coated edge.
     */
    drips: DripsFigures | null
    windows: WindowFigures
    advice: AdviceFigures[]
}
/**
 * Where the resin of a coat goes, ml for all its pieces.
 */
export interface VolumeFigures {
    film: number
    edges: number
    runoff: number
    soak: number
    climb: number
    /**
     * At most 0: what embedded things take the place of.
     */
    displaced: number
    /**
     * Stays in the cups.
     */
    residue: number
    margin: number
    total: number
}
/**
 * What is mixed.
 */
export interface MixFigures {
    a_ml: number
    b_ml: number
    a_g: number
    /**
     * Null where the label gives no density of part B.
     */
    b_g: number | null
    total_ml: number
    total_g: number | null
    shown: ShownFigures
}
/**
 * What to measure out, as it is shown: in whole steps of its unit, and in the ratio.
 */
export interface ShownFigures {
    g: PartsShown | null
    ml: PartsShown
    fl_oz: PartsShown
}
/**
 * Both parts in whole steps, and what they add up to.
 */
export interface PartsShown {
    a: number
    b: number
    total: number
}
/**
 * How a held film stands at its edge; per piece.
 */
export interface HeldFigures {
    edge_angle_deg: number | null
    centre_mm: number | null
    limit_ml: number
    limit_thickness_mm: number
    /**
     * What the edge holds beyond this film, per cent.
     */
    in_hand_pct: number
}
/**
 * The lip that a dammed coat leaves, and the top coat that it holds.
 */
export interface LipFigures {
    rise_mm: number
    holds_mm: number | null
}
/**
 * From when to when it stays where it is placed.
 */
export interface PlacedFigures {
    from_min: number
    to_min: number
}
/**
 * One pour of a deep coat.
 */
export interface LiftFigures {
    depth_mm: number
    a_ml: number
    b_ml: number
    a_g: number
    /**
     * Null where the label gives no density of part B.
     */
    b_g: number | null
    total_ml: number
    total_g: number | null
    shown: ShownFigures
    peak_c: number | null
    displaced_ml: number
}
/**
 * One colour of a coat, laid wet on wet.
 */
export interface PartFigures {
    colour: string
    share_pct: number
    ml: number
}
/**
 * How the film behaves in this room.
 */
export interface FilmFigures {
    /**
     * How many times as fast as on the label.
     */
    rate: number
    viscosity_pa_s: number
    open_min: number
    gels_min: number
    mobility_m_s_kg: number
    levels_up_to_mm: number | null
    thinnest_mm: number | null
    settle_min: number | null
    smallest_bubble_um: number | null
    /**
     * By the radius of the bubble in µm.
     */
    rise_min: {
        '30': number | null
        '50': number | null
        '100': number | null
    }
    drift_mm: number | null
    /**
     * How much the film differs from one end to the other.
     */
    end_to_end_mm: number | null
    level_within_mm_per_m: number | null
    peak_c: number | null
    /**
     * The peak means only that it runs away.
     */
    runs_away: boolean
    must_level: boolean
    stays_on_relief_mm: number | null
}
/**
 * Which heat, and when; minutes after the pour.
 */
export interface TorchFigures {
    passes_min: number[]
    look_min: number | null
    /**
     * Looks before the last, where something gives off air from below.
     */
    looks_min: number[]
    closes_min: number
    tool: HeatTool
    /**
     * Until when its vapours may burn, hours after the pour: until then no flame and no heat gun over anything in the room. Null where nothing in it burns.
     */
    vapours_until_h: number | null
}
/**
 * What an edge keeps of an open film.
 */
export interface EdgeFigures {
    laid_mm: number
    keeps_mm: number
    stays_mm: number
    runs_off_ml: number
}
/**
 * When to wipe; minutes after the pour.
 */
export interface DripsFigures {
    wipes_min: number[]
    last_wipe_min: number
    edge_film_left_mm: number | null
    dripped_ml: number
}
/**
 * Hours after the pour; null where the label does not say.
 */
export interface WindowFigures {
    recoat_from_h: number | null
    recoat_to_h: number | null
    sand_from_h: number | null
    handle_h: number | null
    full_cure_h: number | null
}
/**
 * What is advised: its code, how grave, and a sentence.
 */
export interface AdviceFigures {
    code: string
    level: Level
    text: string
}
/**
 * Coats that are mixed together, computed.
 */
export interface BatchFigures {
    id: string
    a_ml: number
    b_ml: number
    a_g: number
    /**
     * Null where the label gives no density of part B.
     */
    b_g: number | null
    total_ml: number
    total_g: number | null
    shown: ShownFigures
    residue_ml: number
    margin_ml: number
    heat_kj_kg: number | null
    pouring: PouringTaken
    pot_life_min: number | null
    emptied_min: number
    emptied_c: number | null
    emptied_age_min: number
    peak_c: number | null
    peak_min: number | null
    ratio_error_pct: RatioErrorFigures
    turns: TurnFigures[]
    colours: ColourFigures[]
    clear_ml: number
    swatches: SwatchFigures[]
    advice: AdviceFigures[]
}
/**
 * How far the ratio may be off as it is measured.
 */
export interface RatioErrorFigures {
    worst: number | null
    likely: number | null
}
/**
 * One coat of a batch, in the order of pouring; minutes after the mixing.
 */
export interface TurnFigures {
    coat: string
    count: number
    /**
     * What leaves the cup for one piece.
     */
    each_ml: number
    /**
     * Its first pour begins.
     */
    from_min: number
    /**
     * The last of it is poured.
     */
    poured_min: number
    /**
     * The last of it is spread.
     */
    spread_min: number
    /**
     * Of the mix when the last of it is poured.
     */
    age_min: number
    /**
     * Of the mix when the last of it is spread.
     */
    spread_age_min: number
}
/**
 * One colour cup of a batch.
 */
export interface ColourFigures {
    name: string
    recipe: string | null
    resin_ml: number
    residue_ml: number
    small_cups: number
    /**
     * Null where it is not split.
     */
    small_cup_ml: number | null
    reserve_ml: number
    colourant_pct: number
    watery_pct: number
    filler_pct: number
    stir_again: boolean
    oil: boolean
    doses: DoseFigures[]
}
/**
 * One colourant of a colour cup.
 */
export interface DoseFigures {
    colourant: string
    name: string
    amount: number
    unit: DoseUnit
    ml: number
    g: number
}
/**
 * How a colour looks over what lies below; #rrggbb.
 */
export interface SwatchFigures {
    colour: string
    coat: string
    ground: string
    seen: string
}
/**
 * Between what eight draws of ten lie, and what that mostly comes from: fields of the plan file with their share of the variance.
 *
 * This interface was referenced by `undefined`'s JSON-Schema definition
 * via the `patternProperty` "^/(coats|batches)/".
 */
export interface RangeFigures {
    p10: number
    p90: number
    causes: [unknown, unknown][]
}
