import * as texts from '@words/lib'
/** The trade's words for what the plan file names. */

export const SURFACES: { value: string; label: string }[] = [
    { value: 'primed_canvas', label: texts.primedCanvas },
    { value: 'sealed', label: texts.sealedOrPainted },
    { value: 'old_paint', label: texts.oldPaintOrVarnish },
    { value: 'raw_ply', label: texts.rawPlywood },
    { value: 'raw_mdf', label: texts.rawMDF },
    { value: 'raw_wood', label: texts.rawSolidWood },
    { value: 'unsealed_paper', label: texts.unsealedPaperOrPrint },
    { value: 'fabric', label: texts.fabric },
    { value: 'glazed_tile', label: texts.glazedTile },
    { value: 'unglazed_ceramic', label: texts.unglazedCeramic },
    { value: 'slate', label: texts.slate },
    { value: 'metal', label: texts.metal },
    { value: 'cured_resin', label: texts.curedResin },
    { value: 'printed_plastic', label: texts.printedPlastic },
]

export const KINDS: { value: string; label: string }[] = [
    { value: 'canvas', label: texts.canvas },
    { value: 'board', label: texts.board },
    { value: 'print', label: texts.printOnPanel },
    { value: 'tile', label: texts.tile },
    { value: 'coaster', label: texts.coaster },
    { value: 'tray', label: texts.tray },
    { value: 'tabletop', label: texts.tabletop },
    { value: 'cutout', label: 'Cut-out' },
    { value: 'slab', label: texts.slab },
    { value: 'casting', label: texts.castingWithARaisedLip },
    { value: 'mould', label: texts.mould },
    { value: 'bezel', label: texts.bezelOrReceptacle },
    { value: 'pendant', label: texts.pendantOrTag },
    { value: 'stone', label: texts.stoneOrFigure },
    { value: 'vessel', label: texts.printedVessel },
    { value: 'other', label: texts.somethingElse },
]

export const COAT_KINDS: Record<string, string> = {
    seal: texts.sealCoat,
    base: texts.baseCoat,
    flood: texts.floodCoat,
    layer: texts.layer,
    dome: texts.dome,
    skim: texts.skimCoat,
    top: texts.topCoat,
    back: texts.backCoat,
}

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
}

export const DAMS: { value: string; label: string }[] = [
    { value: 'tape', label: texts.tapePropped },
    { value: 'frame', label: texts.woodenFrame },
    { value: 'border', label: texts.slickBorder },
    { value: 'mould', label: texts.mouldWall },
    { value: 'lip', label: texts.itsOwnLip },
    { value: 'drape', label: texts.plasticOverAFormer },
]

export const LAYINGS: { value: string; label: string }[] = [
    { value: 'centre', label: texts.fromTheMiddle },
    { value: 'ribbons', label: texts.ribbons },
    { value: 'stripes', label: texts.stripes },
    { value: 'cups', label: texts.turnedCups },
    { value: 'drops', label: texts.dropsKeptApart },
    { value: 'lines', label: texts.linesKeptApart },
    { value: 'lacing', label: texts.blownLacing },
    { value: 'skim', label: texts.skimmedByHand },
    { value: 'brush', label: texts.brushed },
]

export const TOOLS: Record<string, string> = {
    flame: texts.flame,
    heat_gun: texts.heatGun,
    breath: texts.breathOrAPin,
    none: texts.noHeat,
}

export function surfaceWord(surface: string): string {
    return SURFACES.find((entry) => entry.value === surface)?.label ?? surface
}

/** What one sees in a film while it sets, by its code. */
export const SEEN: Record<string, string> = {
    bubbles: texts.bubbles,
    dust: texts.dustInIt,
    fisheyes: texts.fisheyes,
    run: texts.aRun,
    thin: texts.aThinSpot,
    insect: texts.anInsect,
}
