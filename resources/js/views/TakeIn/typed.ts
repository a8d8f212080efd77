import type { OutlineSpec, PieceSpec, ShapeName, SideName } from '../../types'

/** What was typed of a piece, as texts; only what was touched. */
export interface Typed {
    name?: string
    kind?: string
    shape?: ShapeName
    lengths?: Partial<Record<LengthField, string>>
    edge?: string
    edges?: 'all' | 'none' | SideName[]
    surface?: string
    quantity?: string
}

export type LengthField = 'width_mm' | 'height_mm' | 'radius_mm' | 'diameter_mm' | 'inner_mm'

/** The lengths that a shape is typed with; a traced or imported outline has none. */
export const SHAPE_LENGTHS: Record<ShapeName, LengthField[]> = {
    rectangle: ['width_mm', 'height_mm', 'radius_mm'],
    ellipse: ['width_mm', 'height_mm'],
    circle: ['diameter_mm'],
    ring: ['diameter_mm', 'inner_mm'],
    polygon: [],
    path: [],
}

/** Without these there is nothing to draw yet. */
export const NEEDED_LENGTHS = (shape: ShapeName): LengthField[] =>
    SHAPE_LENGTHS[shape].filter((field) => field !== 'radius_mm')

/** What was typed, under the plan file's names; fields of another shape are taken away. */
export function changes(typed: Typed): Record<string, unknown> {
    const outline: Record<string, unknown> = { ...typed.lengths }
    if (typed.shape !== undefined) {
        outline.shape = typed.shape
        for (const field of Object.values(SHAPE_LENGTHS).flat()) {
            if (!SHAPE_LENGTHS[typed.shape].includes(field)) outline[field] = null
        }
    }
    return {
        ...(typed.name === undefined ? {} : { name: typed.name }),
        ...(typed.kind === undefined ? {} : { kind: typed.kind }),
        ...(Object.keys(outline).length === 0 ? {} : { outline }),
        ...(typed.edge === undefined ? {} : { edge_depth_mm: typed.edge }),
        ...(typed.edges === undefined ? {} : { coated_edges: typed.edges }),
        ...(typed.surface === undefined ? {} : { surface: typed.surface }),
        ...(typed.quantity === undefined ? {} : { quantity: typed.quantity }),
    }
}

/** The whole piece with what was typed laid over what is saved. */
export function whole(saved: PieceSpec, typed: Typed): Record<string, unknown> & { outline: OutlineSpec } {
    const changed = changes(typed)
    return {
        ...saved,
        ...changed,
        outline: { ...saved.outline, ...(changed.outline as Partial<OutlineSpec> | undefined) },
    }
}
