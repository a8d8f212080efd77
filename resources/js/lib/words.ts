import type { CoatKind, Dam, Laying, PieceKind, Surface } from '../types/generated/choices'
import type { HeatTool } from '../types/generated/result'
import * as texts from '@words/lib'
/** The trade's words for what the plan file names: each choice that its schema knows, or it does not build. */

/** What is chosen from, in the order in which it is offered. */
export function choices<T extends string>(words: Record<T, string>): { value: T; label: string }[] {
    return (Object.keys(words) as T[]).map((value) => ({ value, label: words[value] }))
}

export const SURFACES = choices<Surface>({
    primed_canvas: texts.primedCanvas,
    sealed: texts.sealed,
    painted: texts.painted,
    old_paint: texts.oldPaintOrVarnish,
    raw_ply: texts.rawPlywood,
    raw_mdf: texts.rawMDF,
    raw_wood: texts.rawSolidWood,
    unsealed_paper: texts.unsealedPaperOrPrint,
    fabric: texts.fabric,
    glazed_tile: texts.glazedTile,
    glass: texts.glass,
    unglazed_ceramic: texts.unglazedCeramic,
    slate: texts.slate,
    metal: texts.metal,
    cured_resin: texts.curedResin,
    printed_plastic: texts.printedPlastic,
})

export const KINDS = choices<PieceKind>({
    canvas: texts.canvas,
    board: texts.board,
    print: texts.printOnPanel,
    tile: texts.tile,
    coaster: texts.coaster,
    tray: texts.tray,
    tabletop: texts.tabletop,
    cutout: texts.cutOut,
    slab: texts.slab,
    casting: texts.castingWithARaisedLip,
    mould: texts.mould,
    bezel: texts.bezelOrReceptacle,
    pendant: texts.pendantOrTag,
    stone: texts.stoneOrFigure,
    vessel: texts.printedVessel,
    other: texts.somethingElse,
})

export const COAT_KINDS: Record<string, string> = {
    seal: texts.sealCoat,
    base: texts.baseCoat,
    flood: texts.floodCoat,
    layer: texts.layer,
    dome: texts.dome,
    skim: texts.skimCoat,
    top: texts.topCoat,
    back: texts.backCoat,
} satisfies Record<CoatKind, string>

/** What each kind of coat is for. */
export const COAT_KINDS_FOR: Record<string, string> = {
    seal: texts.soThatNothingDrinks,
    base: texts.aGroundForColours,
    flood: texts.overTheWholeFace,
    layer: texts.colourOnColour,
    dome: texts.heldHighByItsEdge,
    skim: texts.thinSpreadByHand,
    top: texts.clearTheLast,
    back: texts.forTheUnderside,
} satisfies Record<CoatKind, string>

export const DAMS = choices<Dam>({
    tape: texts.tapePropped,
    frame: texts.woodenFrame,
    border: texts.slickBorder,
    mould: texts.mouldWall,
    lip: texts.itsOwnLip,
    drape: texts.plasticOverAFormer,
})

export const LAYINGS = choices<Laying>({
    centre: texts.fromTheMiddle,
    ribbons: texts.ribbons,
    stripes: texts.stripes,
    cups: texts.turnedCups,
    drops: texts.dropsKeptApart,
    lines: texts.linesKeptApart,
    lacing: texts.blownLacing,
    skim: texts.skimmedByHand,
    brush: texts.brushed,
})

export const TOOLS: Record<string, string> = {
    flame: texts.flame,
    heat_gun: texts.heatGun,
    breath: texts.breathOrAPin,
    none: texts.noHeat,
} satisfies Record<HeatTool, string>

export function surfaceWord(surface: string): string {
    return SURFACES.find((entry) => entry.value === surface)?.label ?? surface
}

/** What one sees in a film while it sets, by its code. */
/** How thick somebody found a film, by its code. */
export const THICKNESSES = {
    flows: texts.itFlows,
    holds_a_drop: texts.itHoldsADrop,
    drags_threads: texts.itDragsThreads,
}

export const SEEN: Record<string, string> = {
    bubbles: texts.bubbles,
    dust: texts.dustInIt,
    fisheyes: texts.fisheyes,
    run: texts.aRun,
    thin: texts.aThinSpot,
    insect: texts.anInsect,
}

/** What happened to a film, or was done with it. */
export const HAPPENED: Record<string, string> = {
    short: texts.shortOfResin,
    spill: texts.aSpill,
    hair: texts.aHair,
    leak: texts.aLeak,
    oiled: texts.effectOil,
    oiled_drops: texts.effectOilInDrops,
    oiled_touches: texts.effectOilInTouches,
}
