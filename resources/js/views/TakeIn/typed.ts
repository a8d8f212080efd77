import { fieldLength } from '../../lib/format'
import type { OutlineSpec, PieceSpec, SideName } from '../../types'

/** What was typed of a piece, as texts. */
export interface Typed {
    name?: string
    kind?: string
    shape?: 'rectangle' | 'circle'
    width?: string
    height?: string
    diameter?: string
    edge?: string
    edges?: 'all' | 'none' | SideName[]
    surface?: string
    quantity?: string
}

/** Everything that is saved, as it stands in the fields. */
export function allOf(spec: PieceSpec, units: 'metric' | 'imperial'): Typed {
    return {
        ...(spec.kind === undefined ? {} : { kind: spec.kind }),
        shape: spec.outline.shape,
        width: fieldLength(spec.outline.width_mm, units),
        height: fieldLength(spec.outline.height_mm, units),
        diameter: fieldLength(spec.outline.diameter_mm, units),
        edge: fieldLength(spec.edge_depth_mm, units),
        surface: spec.surface,
        ...(typeof spec.coated_edges === 'number' || spec.coated_edges === undefined
            ? {}
            : { edges: spec.coated_edges }),
        quantity: String(spec.quantity ?? 1),
    }
}

/** What was typed, under the plan file's names; only what was touched, so that the rest stays as exact as it was. */
export function body(typed: Typed, savedOutline: OutlineSpec | null): Record<string, unknown> {
    const shape = typed.shape ?? savedOutline?.shape
    const outline: Record<string, unknown> = {}
    if (shape === 'circle') {
        Object.assign(
            outline,
            { shape, width_mm: null, height_mm: null },
            typed.diameter === undefined ? {} : { diameter_mm: typed.diameter },
        )
    } else if (shape === 'rectangle') {
        Object.assign(
            outline,
            { shape, diameter_mm: null },
            typed.width === undefined ? {} : { width_mm: typed.width },
            typed.height === undefined ? {} : { height_mm: typed.height },
        )
    }
    return {
        ...(typed.name === undefined ? {} : { name: typed.name }),
        ...(typed.kind === undefined ? {} : { kind: typed.kind }),
        outline,
        ...(typed.edge === undefined ? {} : { edge_depth_mm: typed.edge }),
        ...(typed.edges === undefined ? {} : { coated_edges: typed.edges }),
        ...(typed.surface === undefined ? {} : { surface: typed.surface }),
        ...(typed.quantity === undefined ? {} : { quantity: typed.quantity }),
    }
}
