/** What the server sends; names and units are those of the open plan and result files. */

export type Units = 'metric' | 'imperial'

export type PhaseName = 'wet' | 'tacky' | 'window_open' | 'window_shut' | 'hard' | 'cured'

export type Level = 'note' | 'caution' | 'stop'

export type Topic = 'thickness' | 'bench' | 'room' | 'surface' | 'heat' | 'sheet'

export interface Advice {
    code: string
    level: Level
    topic: Topic
    text: string
}

export interface PieceFigures {
    area_cm2: number
    perimeter_mm: number
    coated_edge_mm: number
}

export interface VolumeFigures {
    film: number
    edges: number
    runoff: number
    soak: number
    residue: number
    margin: number
    total: number
}

export interface MixFigures {
    a_ml: number
    b_ml: number
    a_g: number
    b_g: number
    total_ml: number
    total_g: number
}

export interface CoatFigures {
    thickness_mm: number
    volume_ml: VolumeFigures
    mix: MixFigures
    /** How a held film stands at its edge; per piece. */
    held: {
        edge_angle_deg: number | null
        centre_mm: number | null
        limit_ml: number
        limit_thickness_mm: number
    } | null
    film: {
        rate: number
        viscosity_pa_s: number
        open_min: number
        levels_up_to_mm: number
        thinnest_mm: number
        settle_min: number | null
        smallest_bubble_um: number
        drift_mm: number
        level_within_mm_per_m: number
    }
    torch: { passes_min: number[]; look_min: number; closes_min: number; tool: HeatTool }
    drips: { wipes_min: number[]; last_wipe_min: number; edge_film_left_mm: number; dripped_ml: number } | null
    windows: {
        recoat_from_h: number | null
        recoat_to_h: number | null
        sand_from_h: number | null
        handle_h: number | null
        full_cure_h: number | null
    }
}

export type HeatTool = 'flame' | 'heat_gun' | 'breath' | 'none'

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

export type ActKind = 'pass' | 'wipe' | 'look' | 'cover'

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
    edge_depth_mm: number
    quantity: number
}

export type ShapeName = 'rectangle' | 'circle' | 'ellipse' | 'ring' | 'polygon' | 'path'

export interface OutlineSpec {
    shape: ShapeName
    width_mm?: number
    height_mm?: number
    diameter_mm?: number
    inner_mm?: number
    radius_mm?: number
}

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
}

export type SideName = 'top' | 'right' | 'bottom' | 'left'

export interface PieceSpec {
    name?: string
    kind?: string
    outline: OutlineSpec
    edge_depth_mm?: number
    coated_edges?: 'all' | 'none' | SideName[] | number
    surface: string
    quantity?: number
}

export interface PieceRow {
    id: number
    name: string
    spec: PieceSpec
    drawing: Drawing
}

export interface ResinSheet {
    ratio: { a: number; b: number; by: 'volume' | 'weight' }
    family?: string
    density_a_g_ml: number
    density_b_g_ml: number
    viscosity_pa_s: number
    viscosity_at_c: number
    reference_c: number
    open_min: number
    pot_life_min?: number
    pot_life_mass_g?: number
    recoat_from_h?: number
    recoat_to_h?: number
    sand_from_h?: number
    handle_h?: number
    full_cure_h?: number
    max_pour_mm?: number
    mix_min?: number
}

export interface ResinRow {
    id: number
    name: string
    sheet: ResinSheet
}

export interface RoomSpec {
    temperature_c?: number
    humidity_pct?: number
    slope_mm_per_m?: number
    margin_pct?: number
}

/** The room as it is computed with, entered or assumed. */
export type RoomInForce = Required<RoomSpec>

export interface CoatInForce extends RoomInForce {
    edge_film_mm: number
    runoff_pct: number
    cups: number
}

export interface CoatSpec {
    containment?: 'open' | 'held'
    size_by: { thickness_mm?: number; edge_angle_deg?: number }
    edge_film_mm?: number
    runoff_pct?: number
    cups?: number
    residue_ml_per_cup?: number
}

export interface CoatRow {
    id: number
    kind: string
    resin_id: number
    spec: CoatSpec
}

export interface TraceInput {
    symbol: string
    label: string
    value: number | null
    unit: string
    origin: 'entered' | 'label' | 'measured' | 'assumed' | 'computed' | 'constant'
    figure: string | null
}

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

export interface PourActState {
    id: number
    kind: ActKind
    title: string
    how: string
    due_at: number
    done_at: number | null
}

export interface PourState {
    id: number
    title: string
    piece_id: number | null
    coat_id: number | null
    now: number
    started_at: number
    poured_at: number | null
    finished_at: number | null
    open_until: number
    closes_at: number | null
    tool: HeatTool
    phases: { phase: PhaseName; from: number; to: number | null }[]
    acts: PourActState[]
}

export interface PlannedAndUsed {
    planned: MixFigures
    used: { a_ml: number | null; b_ml: number | null }
    /** What it took beyond the plan; null when nothing was written down. */
    more_ml: number | null
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
    no_substitute: string
    said: string | null
    undo: string | null
    [key: string]: unknown
}
