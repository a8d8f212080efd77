/** What the server says of batches, the cups they are mixed in, and a batch being weighed. */

import type { Advice } from './answer'
import type { BatchFigures as ComputedBatch, DoseUnit, HeatTool } from './generated/result'
import type { WayName } from './generated/choices'
import type { CoatKind } from './plan'

export type { WayName } from './generated/choices'
import type { Drawing } from './page'

export type { ColourFigures, DoseUnit, TurnFigures as BatchTurn } from './generated/result'

/** A batch as the plan file writes it; fields that nobody here knows are kept. */
export interface BatchSpec {
    id: string
    coats: string[]
    counts?: Record<string, number>
    vessel?: string
    cup_diameter_mm?: number
    mixed_at_c?: number | string
    emptied_min?: number | string
    /** All of it first, then spread; or one piece after the other. */
    pouring?: Pouring
    /** The mixed cup in warm water, min after the mixing. */
    bath?: { from_min: number | string; to_min: number | string; bath_c: number | string }
    measure?: { by: WayName; graduation_ml?: number | string; resolution_g?: number; fill_ml?: number | string }
    thinned_with?: Thinner
    colours?: ColourSpec[]
}

export type Pouring = 'together' | 'one_by_one'

/** What a batch is thinned with; all but nothing take the flame away. */
export type Thinner = 'none' | 'alcohol' | 'solvent' | 'unknown'

export interface ColourSpec {
    name?: string
    recipe?: string
    doses?: DoseSpec[]
    per_ml?: number
    share_pct?: number | string
    ml?: number | string
    coats?: string[]
    small_cups?: number | string
    reserve_pct?: number | string
}

export type DoseSpec = { colourant: string } & Partial<Record<DoseUnit, number>>

export interface VesselFigures {
    id: string
    name: string
    height_mm: number
    capacity_ml: number
    stirrable_ml: number
    graduation_ml: number | null
    weight_g: number | null
    afterwards: string | null
    /** Inner radius and height, mm, from the floor to the brim. */
    profile: [number, number][]
}

export interface BatchFigures extends Omit<ComputedBatch, 'advice'> {
    advice: Advice[]
    resin: string
    /** Which part goes into the cup first. */
    first: 'a' | 'b'
    open_min: number
    spread_by: number
    mixing_min: number | null
    /** The label's. */
    stir_min: number | null
    colouring_min: number
    hot_min: number | null
    /** Until when the last piece should be spread. */
    spread_until_min: number | null
    runs_away: boolean
    /** Wipes of its pieces, laid together; minutes after it is mixed. */
    wipe_rounds: { min: number; pieces: string[] }[]
    vessel: VesselFigures | null
    lines: { first_mm: number; both_mm: number } | null
    pieces: {
        coat: string
        name: string
        kind: CoatKind
        quantity: number
        drawing: Drawing
        film_mm: number | null
        tool: HeatTool
        /** What one of them takes, ml. */
        each_ml: number
        /** What drips from those that are poured from this cup, and when they are wiped last. */
        dripped_ml: number
        last_wipe_min: number | null
        /** Laid wet on wet, in this order. */
        parts: { colour: string; share_pct: number; laying: string | null }[]
    }[]
}

export interface EveningFigures {
    batches: BatchFigures[]
    minutes: number
}

/** A coat that can be chosen for tonight. */
export interface CoatToChoose {
    coat: string
    coat_id: number
    piece: string
    kind: CoatKind
    resin: string
    resin_key: string
    total_ml: number
    quantity: number
    drawing: Drawing
    state: 'ready' | 'waits' | 'later'
    sentence: string | null
    /** The plan that it is of, where there are several. */
    plan: string | null
}

export type Compared = 'cup' | 'dish' | 'halved' | 'cooler'

export interface StandingFigures {
    /** min, °C, Pa·s */
    plot: [number, number, number][]
    pot_life_min: number | null
    hot_min: number | null
    peak_c: number
    runs_away: boolean
    emptied_c: number | null
    emptied_pa_s: number | null
}

export interface CupFigures {
    until_min: number
    compared: Partial<Record<Compared, StandingFigures>>
    dish_mm: number | null
    waits: {
        pa_s: number
        /** So thick that it stays where it is placed; thinner, drops stay apart in it. */
        stays: boolean
        wait: { in: 'cup' | 'dish'; min: number; celsius: number; left_min: number | null } | null
    }[]
    ways: {
        by: WayName
        step: number
        worst: number | null
        likely: number | null
        /** What typical densities add when it is weighed, %. */
        densities: number
        /** How much A comes to be more by what clings to two cups, %; less where it is negative. */
        clings: number
        /** How often a small cup is filled, how far each time, and what it takes at most. */
        fills: { a: number; b: number; ml: number; cup_ml: number } | null
        from_ml: number
    }[]
    tolerance_pct: number
    /** The two amounts in other measures. */
    otherwise: { unit: string; a: number; b: number }[]
}

export interface BathFigures {
    celsius: number
    thinner: number
    pot_life_min: number | null
    pot_life_in_room_min: number | null
    open_on_piece_min: number
}

export interface Supplies {
    vessels: { id: string; name: string; capacity_ml: number }[]
    colourants: { id: string; name: string; form: string; colour: string | null }[]
    recipes: { id: string; name: string }[]
}

export type WeighKind = 'a' | 'b' | 'more_a' | 'more_b' | 'resin' | 'dose'

export interface WeighStep {
    id: string
    kind: WeighKind
    what: string
    target_g: number
    got_g: number | null
    past_g: number | null
    /** Of what is put on. */
    g_ml: number
    /** Where it is counted. */
    counted: { amount: number; unit: string } | null
    /** Its own part fell short; else the other went past its mark. */
    short: boolean
    /** Where a part is not read as an amount of its own: the mark that all in the cup comes up to, or fills of a small cup. */
    mark: { up_to_ml: number | null; up_to_mm: number | null; fills: number | null; fill_ml: number | null } | null
}

export interface MixingState {
    id: string
    title: string
    /** The page that this cup was begun from. */
    planned_at: string
    by_volume: boolean
    now: number
    steps: WeighStep[]
    next: string | null
    measured: boolean
    off_pct: number | null
    tolerance_pct: number
    surplus_ml: number
    spares: string | null
    /** The press of the reading that was taken last. */
    last_reading: string | null
    stirred_from: number | null
    first_stirred_at: number | null
    /** What a second cup would keep. */
    second_cup_ml: number
    mixed_at: number | null
    mixed_event: string | null
    discarded_at: number | null
    pot_life_min: number | null
    /** It is what the label prints, for the label's mass: for this cup it cannot be worked out. */
    pot_life_of_label: boolean
    stir_min: number
    /** No label says how long. */
    stir_is_assumed: boolean
    pours: { id: string; title: string }[]
}

export interface ScaleReading {
    grams: number | null
    steady: boolean
    resolution_g: number
    fault: string | null
    sentence: string | null
    standin: boolean
}

/** By batch: whether it is being mixed, mixed or poured. */
export type Mixings = Record<string, { id: string; mixed: boolean; poured: boolean }>
