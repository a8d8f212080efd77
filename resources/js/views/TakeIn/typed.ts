import { fieldLength } from '../../lib/format'
import type { Units } from '../../types/page'
import { bothSides } from '../../lib/inTwo'
import type { OutlineSpec, PieceSpec, ShapeName, SideName } from '../../types/plan'

/** What a piece can be measured by. */
export type MeasuredAs = ShapeName | 'count' | 'water' | 'stone' | 'vessel'

export type LengthField = 'width_mm' | 'height_mm' | 'radius_mm' | 'diameter_mm' | 'inner_mm'

export type DepthField = 'edge_depth_mm' | 'base_mm' | 'recess_mm' | 'lip_mm' | 'target_thickness_mm'

export interface TypedHole {
    shape: 'circle'
    diameter_mm: string | number
    x_mm: string | number
    y_mm: string | number
}

/** What was typed of a piece, as texts; only what was touched. */
export interface Typed {
    name?: string
    kind?: string
    way?: MeasuredAs
    lengths?: Partial<Record<LengthField, string>>
    /** Path data of an outline that was traced or brought. */
    d?: string
    /** A polygon's points, one pair a line. */
    points?: string
    holes?: TypedHole[]
    each?: string
    /** The area of one that is counted. */
    face?: string
    water?: string
    deepest?: string
    stone?: string
    vessel?: { diameter_mm?: string; height_mm?: string; side?: string }
    depths?: Partial<Record<DepthField, string>>
    turn?: string
    release?: string
    faceDown?: boolean
    edges?: 'all' | 'none' | SideName[]
    surface?: string
    quantity?: string
}

/** The lengths that a shape is typed with. */
export const SHAPE_LENGTHS: Record<MeasuredAs, LengthField[]> = {
    rectangle: ['width_mm', 'height_mm', 'radius_mm'],
    ellipse: ['width_mm', 'height_mm'],
    circle: ['diameter_mm'],
    ring: ['diameter_mm', 'inner_mm'],
    polygon: [],
    path: [],
    count: [],
    water: [],
    stone: [],
    vessel: [],
}

export function isShape(way: MeasuredAs): way is ShapeName {
    return !['count', 'water', 'stone', 'vessel'].includes(way)
}

/** The way by the plan file's field of the measure. */
export const WAY_OF_MEASURE: Record<string, MeasuredAs> = {
    each_ml: 'count',
    water_g: 'water',
    ellipsoid_mm: 'stone',
    cylinder: 'vessel',
}

/** How a saved piece is measured. */
export function wayOf(spec: PieceSpec): MeasuredAs {
    if (spec.outline) return spec.outline.shape
    const measure: Record<string, unknown> = { ...spec.measure }
    const field = Object.keys(WAY_OF_MEASURE).find((one) => measure[one] !== undefined && measure[one] !== null)
    return WAY_OF_MEASURE[field ?? ''] ?? 'vessel'
}

const OUTLINE_FIELDS = [
    'shape',
    'width_mm',
    'height_mm',
    'diameter_mm',
    'inner_mm',
    'radius_mm',
    'd',
    'points_mm',
    'holes',
] as const

/** What was typed, under the plan file's names; what belongs to another way of measuring is taken away. */
export function changes(saved: PieceSpec, typed: Typed): Record<string, unknown> {
    const way = typed.way ?? wayOf(saved)
    const put = (field: string, value: unknown): Record<string, unknown> =>
        value === undefined ? {} : { [field]: value }
    return {
        ...put('name', typed.name),
        ...put('kind', typed.kind),
        ...outlineOf(saved, typed, way),
        ...measureOf(typed, way, wayOf(saved)),
        ...typed.depths,
        ...put('edge_turn', typed.turn),
        ...put('face_down', typed.faceDown),
        ...put('release', typed.release === '' ? null : typed.release),
        ...put('coated_edges', isShape(way) ? typed.edges : 'none'),
        ...put('surface', typed.surface),
        ...put('quantity', typed.quantity),
    }
}

/** The typed lengths; a size that was written in one of its two fields fills both. */
export function sides(lengths: NonNullable<Typed['lengths']>): NonNullable<Typed['lengths']> {
    const both = bothSides(lengths.width_mm ?? '') ?? bothSides(lengths.height_mm ?? '')
    return both === null ? { ...lengths } : { ...lengths, width_mm: both[0], height_mm: both[1] }
}

function outlineOf(saved: PieceSpec, typed: Typed, way: MeasuredAs): Record<string, unknown> {
    if (!isShape(way)) return saved.outline ? { outline: null } : {}
    const outline: Record<string, unknown> = sides(typed.lengths ?? {})
    if (typed.d !== undefined) outline.d = typed.d
    if (typed.points !== undefined) outline.points_mm = pairs(typed.points)
    if (typed.holes !== undefined) outline.holes = typed.holes.length === 0 ? null : typed.holes
    if (typed.way !== undefined) {
        outline.shape = way
        const own: string[] = [
            ...SHAPE_LENGTHS[way],
            'shape',
            'holes',
            ...(way === 'path' ? ['d'] : []),
            ...(way === 'polygon' ? ['points_mm'] : []),
        ]
        for (const field of OUTLINE_FIELDS) {
            if (!own.includes(field)) outline[field] = null
        }
    }
    return Object.keys(outline).length === 0 ? {} : { outline }
}

function measureOf(typed: Typed, way: MeasuredAs, before: MeasuredAs): Record<string, unknown> {
    const fresh = typed.way !== undefined && typed.way !== before
    const nothing = {
        each_ml: null,
        area_cm2: null,
        water_g: null,
        deepest_mm: null,
        ellipsoid_mm: null,
        cylinder: null,
    }
    const measures = (fields: Record<string, unknown>): Record<string, unknown> => {
        const said = Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined))
        return Object.keys(said).length === 0 && !fresh ? {} : { measure: { ...(fresh ? nothing : {}), ...said } }
    }
    const measure = (field: string, value: unknown): Record<string, unknown> => measures({ [field]: value })
    switch (way) {
        case 'count':
            return measures({ each_ml: typed.each, area_cm2: typed.face })
        case 'water':
            return measures({ water_g: typed.water, deepest_mm: typed.deepest })
        case 'stone':
            return measure('ellipsoid_mm', typed.stone)
        case 'vessel':
            return measure('cylinder', typed.vessel)
        default:
            return isShape(before) ? {} : { measure: null }
    }
}

/** Pairs of numbers, one a line; what is no pair stays as it is, for the server to say so. */
function pairs(text: string): unknown[] {
    return text
        .split('\n')
        .map((line) => line.trim())
        .filter((line) => line !== '')
        .map((line) => {
            const parts = line.split(/[\s,;]+/).map(Number)
            return parts.length === 2 && parts.every((part) => Number.isFinite(part)) ? parts : line
        })
}

/** The whole piece with what was typed laid over what is saved. */
export function whole(saved: PieceSpec, typed: Typed): Record<string, unknown> {
    const changed = changes(saved, typed)
    const over = (before: unknown, after: unknown): unknown =>
        after === undefined
            ? before
            : after === null
              ? null
              : { ...(before as object | undefined), ...(after as object) }
    return {
        ...saved,
        ...changed,
        outline: over(saved.outline, changed.outline) as OutlineSpec | null,
        measure: over(saved.measure, changed.measure),
    }
}

/** A length of the outline as it stands in its field. */
export function textOf(field: LengthField, typed: Typed, saved: PieceSpec, units: Units): string {
    return typed.lengths?.[field] ?? fieldLength(saved.outline?.[field], units)
}
