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
    /** Null for what is counted or measured by water. */
    area_cm2: number | null
    perimeter_mm: number | null
    coated_edge_mm: number
    holds_ml: number | null
}

export interface VolumeFigures {
    film: number
    edges: number
    runoff: number
    soak: number
    climb: number
    displaced: number
    residue: number
    margin: number
    total: number
}

export interface MixFigures {
    a_ml: number
    b_ml: number
    a_g: number
    /** Null where the label gives no density of part B. */
    b_g: number | null
    total_ml: number
    total_g: number | null
}

export interface CoatFigures {
    /** Null where there is no face, and so no mean film. */
    thickness_mm: number | null
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
        levels_up_to_mm: number | null
        thinnest_mm: number
        settle_min: number | null
        smallest_bubble_um: number | null
        drift_mm: number | null
        level_within_mm_per_m: number | null
        peak_c: number | null
        stays_on_relief_mm: number | null
    }
    lifts: {
        depth_mm: number
        total_ml: number
        a_ml: number
        b_ml: number
        a_g: number
        b_g: number | null
        peak_c: number | null
    }[]
    parts: { colour: string; share_pct: number; ml: number }[]
    /** The lip that a dammed coat leaves, and the top coat that it holds. */
    lip: { rise_mm: number; holds_mm: number | null } | null
    /** From when to when it stays where it is placed. */
    placed: { from_min: number; to_min: number } | null
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

/** What the coat page hears: the coat, and the stack that it lies in. */
export interface StackAnswer extends Answer {
    stack: StackLayer[]
    whole: { thickness_mm: number | null; target_thickness_mm: number | null; resin_ml: number; resin_g: number }
    steps: CoatStep[]
    schools: Schools
    wall_mm: number | null
    face_down: boolean
}

export type CoatKind = 'seal' | 'base' | 'flood' | 'layer' | 'dome' | 'skim' | 'top' | 'back'

export type Containment = 'open' | 'held' | 'dammed' | 'placed'

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

export type ShapeName = 'rectangle' | 'circle' | 'ellipse' | 'ring' | 'polygon' | 'path'

export interface OutlineSpec {
    shape: ShapeName
    width_mm?: number
    height_mm?: number
    diameter_mm?: number
    inner_mm?: number
    radius_mm?: number
    d?: string
    points_mm?: [number, number][]
    holes?: unknown[]
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
    /** What it was measured by; only an outline and a body have a size. */
    by: 'outline' | 'count' | 'water' | 'body'
    /** What each takes, or what it holds. */
    ml: number | null
}

export type SideName = 'top' | 'right' | 'bottom' | 'left'

export interface PieceSpec {
    name?: string
    kind?: string
    outline?: OutlineSpec | null
    measure?: MeasureSpec
    edge_depth_mm?: number
    coated_edges?: 'all' | 'none' | SideName[] | number
    edge_turn?: 'square' | 'bevelled' | 'none'
    surface: string
    quantity?: number
    recess_mm?: number
    lip_mm?: number
    face_down?: boolean
    target_thickness_mm?: number
    release?: string
}

export interface MeasureSpec {
    each_ml?: number
    water_g?: number
    ellipsoid_mm?: number[]
    cylinder?: { diameter_mm: number; height_mm: number; side?: 'inside' | 'outside' | 'both' }
}

export interface PieceRow {
    id: number
    name: string
    spec: PieceSpec
    drawing: Drawing
}

export interface ResinSheet {
    /** A polyester has a catalyst table instead. */
    ratio?: { a: number; b: number; by: 'volume' | 'weight' }
    catalyst?: { depth_mm: number; pct: number }[]
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
    containment: Containment
    dam: string | null
}

export type SizeField =
    | 'thickness_mm'
    | 'ml_per_cm2'
    | 'ml_per_piece'
    | 'total_depth_mm'
    | 'edge_angle_deg'
    | 'rest_leaving_mm'
    | 'rest_leaving_ml'

export interface InclusionSpec {
    name?: string
    count?: number
    size_mm?: number | number[]
    volume_ml?: number
    bulk_ml?: number
    bottom_mm?: number
    height_mm?: number
    floats?: boolean
    drinks?: boolean
    traps_air?: boolean
    heat_tolerant?: boolean
    on_top?: boolean
}

export interface ZoneSpec {
    shape?: ShapeName
    width_mm?: number
    height_mm?: number
    diameter_mm?: number
    x_mm?: number
    y_mm?: number
    share_pct?: number
    surface?: string
    name?: string
}

export interface PartSpec {
    colour?: string
    share_pct?: number
    laying?: string
}

export interface StepSpec {
    step?: string
    state?: 'open' | 'done' | 'skipped'
    reason?: string
    text?: string
    after?: boolean
}

export interface CoatSpec {
    kind?: CoatKind
    containment?: Containment
    size_by: Partial<Record<SizeField, number>> & { counted?: 'laid' | 'mixed' }
    dam?: string
    laying?: string
    tape_underside?: boolean
    over_hard?: 'sand' | 'wipe'
    after_oil?: boolean
    turn_first?: boolean
    dry_media?: string
    relief_mm?: number
    texture?: number
    coverage_pct?: number
    zone?: ZoneSpec
    inclusions?: InclusionSpec[]
    parts?: PartSpec[]
    steps?: StepSpec[]
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
