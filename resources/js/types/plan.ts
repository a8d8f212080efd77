/** What the plan file says; names and units are its own. */

import type { CoatKind, Containment, HeatTool, SideName } from './generated/choices'

export type { CoatKind, Containment, SideName } from './generated/choices'

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

export interface PieceSpec {
    name?: string
    kind?: string
    outline?: OutlineSpec | null
    measure?: MeasureSpec
    edge_depth_mm?: number
    /** Of what it is coated on. */
    base_mm?: number
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
    /** Of one that is counted. */
    area_cm2?: number
    water_g?: number
    deepest_mm?: number
    ellipsoid_mm?: number[]
    cylinder?: { diameter_mm: number; height_mm: number; side?: 'inside' | 'outside' | 'both' }
}

export interface ResinSheet {
    /** A polyester has a catalyst table instead. */
    ratio?: { a: number; b: number; by: 'volume' | 'weight' }
    catalyst?: { depth_mm: number; pct: number }[]
    family?: string
    density_a_g_ml?: number
    density_b_g_ml?: number
    viscosity_pa_s?: number
    viscosity_at_c?: number
    reference_c?: number
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
    pour_first?: 'a' | 'b'
    cap_a?: string
    cap_b?: string
    min_batch_ml?: number
    colourant_limit_pct?: number
    watery_limit_pct?: number
    filler_limit_pct?: number
    ratio_tolerance_pct?: number
    packs_ml?: number[]
    /** What its label says in words, and which stage that means. */
    label_words?: { word: string; hours: string; stage?: string }[]
}

export interface RoomSpec {
    temperature_c?: number
    /** Of what is coated, where it is not as warm as the room. */
    surface_c?: number
    humidity_pct?: number
    slope_mm_per_m?: number
    margin_pct?: number
    spread_min?: number
    second_torch_min?: number
    /** How its people measure, where they have said so. */
    measure_by?: string
    /** What they take bubbles out with by habit. */
    heat_tool?: HeatTool
    /** How often they look until a film closes. */
    look_every_min?: number
}

export type SizeField =
    | 'thickness_mm'
    | 'ml_per_cm2'
    | 'ml_per_piece'
    | 'total_depth_mm'
    | 'edge_angle_deg'
    | 'stays_mm'
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
    after_heat?: boolean
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
    /** Of a deep coat: when the next is poured onto the last. */
    lift_interval_h?: number
    residue_ml_per_cup?: number
}
