import type { Typed } from './typed'

/** What a kind of piece usually is: where a new one begins, until somebody says otherwise. */
export const KIND_BEGINS: Record<string, Pick<Typed, 'way' | 'edges' | 'surface' | 'faceDown'>> = {
    canvas: { way: 'rectangle', edges: 'all', surface: 'primed_canvas' },
    print: { way: 'rectangle', edges: 'none', surface: 'sealed' },
    board: { way: 'rectangle', edges: 'all', surface: 'raw_ply' },
    tile: { way: 'rectangle', edges: 'none', surface: 'glazed_tile' },
    coaster: { way: 'circle', edges: 'none', surface: 'sealed' },
    tray: { way: 'ellipse', edges: 'none', surface: 'slate' },
    tabletop: { way: 'circle', edges: 'none', surface: 'sealed' },
    cutout: { way: 'path', edges: 'all', surface: 'raw_ply' },
    slab: { way: 'path', edges: 'all', surface: 'raw_wood' },
    casting: { way: 'path', edges: 'none', surface: 'cured_resin', faceDown: true },
    mould: { way: 'water', edges: 'none', surface: 'sealed', faceDown: true },
    bezel: { way: 'water', edges: 'none', surface: 'metal' },
    pendant: { way: 'circle', edges: 'none', surface: 'metal' },
    stone: { way: 'stone', edges: 'none', surface: 'slate' },
    vessel: { way: 'vessel', edges: 'none', surface: 'printed_plastic' },
}
