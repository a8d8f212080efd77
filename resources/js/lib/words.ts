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
    { value: 'other', label: 'Something else' },
]

export const COAT_KINDS: Record<string, string> = {
    seal: 'Seal coat',
    base: 'Base coat',
    flood: 'Flood coat',
    layer: 'Layer',
    skim: 'Skim coat',
    top: 'Top coat',
    back: 'Back coat',
}

export const TOOLS: Record<string, string> = {
    flame: 'Flame',
    heat_gun: 'Heat gun',
    breath: 'Breath or a pin',
    none: 'No heat',
}

export function surfaceWord(surface: string): string {
    return SURFACES.find((entry) => entry.value === surface)?.label ?? surface
}
