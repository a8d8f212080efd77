import type { PhaseSpan } from '../../types/answer'
import type { Read } from '../../lib/http'
import type { DoseSpec, VesselFigures } from '../../types/mixing'
import type { ResinRow } from '../../types/page'

export interface LotRow {
    id: number
    read: Read
    name: string
    opened_on: string | null
    best_before: string | null
    past: boolean
    left_a_ml: number | null
    left_b_ml: number | null
    bought_ml: number | null
    price: number | null
}

export interface ShelfResin extends ResinRow {
    read: Read
    phases: PhaseSpan[]
    /** What is hard to believe of it. */
    doubts: string[]
    /** What its label does not say, and what that costs. */
    silences: string[]
    lots: LotRow[]
    /** What the coats that are planned and not poured take, ml. */
    needed_ml: number
    left_ml: number
    /** How many packs of each size in ml. */
    to_buy: Record<string, number>
}

/** A sheet as the plan file writes it; fields nobody here knows are kept. */
export type SupplySheet = Record<string, unknown> & {
    name?: string
    form?: string
    colour?: string
    finish?: string
    flammable?: string
    watery?: boolean
    doses?: DoseSpec[]
    per_ml?: number
}

/** What a colourant is counted in where it does not say otherwise, as this studio does. */
export interface Counts {
    drop_ml: number
    dip_ml: number
    density_g_ml: number
}

export interface ShelfSupply {
    id: number
    read: Read
    kind: 'vessel' | 'colourant' | 'recipe'
    key: string
    name: string
    sheet: SupplySheet
    /** By its label, or as its kind is taken to be; of colourants. */
    flammable: 'yes' | 'no' | 'unknown' | null
    /** It is past its date. */
    past: boolean
    /** How many of a vessel can be mixed in now; null where nobody counts them. */
    counted: { free: number; used_once: boolean; back_h: number | null } | null
    vessel: Pick<VesselFigures, 'height_mm' | 'capacity_ml' | 'stirrable_ml' | 'profile'> | null
}
