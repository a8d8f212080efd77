/** The trade's words for what the plan file names. */

export const SURFACES: { value: string; label: string }[] = [
    { value: 'primed_canvas', label: 'Primed canvas' },
    { value: 'sealed', label: 'Sealed or painted' },
    { value: 'raw_ply', label: 'Raw plywood' },
    { value: 'raw_mdf', label: 'Raw MDF' },
    { value: 'raw_wood', label: 'Raw solid wood' },
    { value: 'unsealed_paper', label: 'Unsealed paper or print' },
    { value: 'fabric', label: 'Fabric' },
    { value: 'glazed_tile', label: 'Glazed tile' },
    { value: 'unglazed_ceramic', label: 'Unglazed ceramic' },
    { value: 'slate', label: 'Slate' },
    { value: 'metal', label: 'Metal' },
    { value: 'cured_resin', label: 'Cured resin' },
    { value: 'printed_plastic', label: 'Printed plastic' },
]

export const KINDS: { value: string; label: string }[] = [
    { value: 'canvas', label: 'Canvas' },
    { value: 'board', label: 'Board' },
    { value: 'print', label: 'Print on panel' },
    { value: 'tile', label: 'Tile' },
    { value: 'coaster', label: 'Coaster' },
    { value: 'tray', label: 'Tray' },
    { value: 'tabletop', label: 'Tabletop' },
    { value: 'cutout', label: 'Cut-out' },
    { value: 'slab', label: 'Slab' },
    { value: 'casting', label: 'Casting with a raised lip' },
    { value: 'mould', label: 'Mould' },
    { value: 'bezel', label: 'Bezel or receptacle' },
    { value: 'pendant', label: 'Pendant or tag' },
    { value: 'stone', label: 'Stone or figure' },
    { value: 'vessel', label: 'Printed vessel' },
    { value: 'other', label: 'Something else' },
]

export const COAT_KINDS: Record<string, string> = {
    seal: 'Seal coat',
    base: 'Base coat',
    flood: 'Flood coat',
    layer: 'Layer',
    dome: 'Dome',
    skim: 'Skim coat',
    top: 'Top coat',
    back: 'Back coat',
}

/** What each kind of coat is for. */
export const COAT_KINDS_FOR: Record<string, string> = {
    seal: 'so that nothing drinks',
    base: 'a ground for colours',
    flood: 'over the whole face',
    layer: 'colour on colour',
    dome: 'held high by its edge',
    skim: 'thin, spread by hand',
    top: 'clear, the last',
    back: 'for the underside',
}

export const DAMS: { value: string; label: string }[] = [
    { value: 'tape', label: 'Tape, propped' },
    { value: 'frame', label: 'Wooden frame' },
    { value: 'border', label: 'Slick border' },
    { value: 'mould', label: 'Mould wall' },
    { value: 'lip', label: 'Its own lip' },
    { value: 'drape', label: 'Plastic over a former' },
]

export const LAYINGS: { value: string; label: string }[] = [
    { value: 'centre', label: 'From the middle' },
    { value: 'ribbons', label: 'Ribbons' },
    { value: 'stripes', label: 'Stripes' },
    { value: 'cups', label: 'Turned cups' },
    { value: 'drops', label: 'Drops, kept apart' },
    { value: 'lines', label: 'Lines, kept apart' },
    { value: 'lacing', label: 'Blown lacing' },
    { value: 'skim', label: 'Skimmed by hand' },
    { value: 'brush', label: 'Brushed' },
]

export const TOOLS: Record<string, string> = {
    flame: 'Flame',
    heat_gun: 'Heat gun',
    breath: 'Breath or a pin',
    none: 'No heat',
}

export function surfaceWord(surface: string): string {
    return SURFACES.find((entry) => entry.value === surface)?.label ?? surface
}

/** What one sees in a film while it sets, by its code. */
export const SEEN: Record<string, string> = {
    bubbles: 'Bubbles',
    dust: 'Dust in it',
    fisheyes: 'Fisheyes',
    run: 'A run',
    thin: 'A thin spot',
    insect: 'An insect',
}
