/* Written by bin/types from the schema. */

export type HeatTool = 'flame' | 'heat_gun' | 'breath' | 'none'
export type WayName = 'cups' | 'one_cup' | 'pen_lines' | 'fills' | 'scale' | 'scale_untared'
export type ResinFamily = 'coating' | 'casting' | 'fast' | 'dome' | 'polyester'
export type RatioBy = 'volume' | 'weight'
export type PieceKind =
    | 'canvas'
    | 'print'
    | 'board'
    | 'tile'
    | 'coaster'
    | 'tray'
    | 'tabletop'
    | 'cutout'
    | 'slab'
    | 'casting'
    | 'mould'
    | 'bezel'
    | 'pendant'
    | 'stone'
    | 'vessel'
    | 'other'
export type SideName = 'top' | 'right' | 'bottom' | 'left'
export type Surface =
    | 'raw_ply'
    | 'raw_mdf'
    | 'raw_wood'
    | 'primed_canvas'
    | 'unsealed_paper'
    | 'fabric'
    | 'unglazed_ceramic'
    | 'slate'
    | 'printed_plastic'
    | 'glazed_tile'
    | 'glass'
    | 'metal'
    | 'painted'
    | 'sealed'
    | 'old_paint'
    | 'cured_resin'
export type EdgeTurn = 'square' | 'bevelled' | 'none'
export type CylinderSide = 'inside' | 'outside' | 'both'
export type CoatKind = 'seal' | 'base' | 'flood' | 'layer' | 'dome' | 'skim' | 'top' | 'back'
export type Containment = 'open' | 'held' | 'dammed' | 'placed'
export type Counted = 'laid' | 'mixed'
export type Laying = 'centre' | 'ribbons' | 'stripes' | 'cups' | 'drops' | 'lines' | 'lacing' | 'skim' | 'brush'
export type Dam = 'tape' | 'frame' | 'border' | 'mould' | 'lip' | 'drape'
export type OverHard = 'sand' | 'wipe'
export type StepState = 'open' | 'done' | 'skipped'
export type Pouring = 'together' | 'one_by_one'

export interface PlanChoices {
    HeatTool: HeatTool
    WayName: WayName
    ResinFamily: ResinFamily
    RatioBy: RatioBy
    PieceKind: PieceKind
    SideName: SideName
    Surface: Surface
    EdgeTurn: EdgeTurn
    CylinderSide: CylinderSide
    CoatKind: CoatKind
    Containment: Containment
    Counted: Counted
    Laying: Laying
    Dam: Dam
    OverHard: OverHard
    StepState: StepState
    Pouring: Pouring
}
