/** What the server hands to the pages: rows, a pour under way, and what every page knows. */

import type { ActKind, HeatTool, MixFigures, PhaseName, RoomInForce } from './answer'
import type { CoatSpec, PieceSpec, ResinSheet } from './plan'

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
    spec: PieceSpec
    drawing: Drawing
}

export interface ResinRow {
    id: number
    name: string
    sheet: ResinSheet
}

export interface CoatRow {
    id: number
    kind: string
    resin_id: number
    spec: CoatSpec
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
