import type { Drawing } from '../../types/page'
import type { PieceSpec } from '../../types/plan'
import { isShape, SHAPE_LENGTHS, WAY_OF_MEASURE, type LengthField, type Typed, type MeasuredAs } from './typed'

/** Stands on the page until there is a size to draw. */
export function unmeasured(way: MeasuredAs): Drawing {
    const square = way === 'circle' || way === 'ring' || !isShape(way)
    const [width, height] = square ? [2, 2] : [3, 2]
    const oval = (rx: number, ry: number): string =>
        `M${width / 2 - rx} 1a${rx} ${ry} 0 0 1 ${2 * rx} 0a${rx} ${ry} 0 0 1 ${-2 * rx} 0Z`
    return {
        width_mm: width,
        height_mm: height,
        sides: way === 'rectangle',
        round: square,
        radius_mm: 0,
        edge: way === 'rectangle' ? 'M0 0H3V2H0Z' : oval(width / 2, 1),
        holes: way === 'ring' ? oval(0.4, 0.4) : '',
        by: 'outline',
        ml: null,
    }
}

/** What a kind of piece usually is, as the core has it. */
export interface UsualPiece {
    /** The plan file's shape, or its field of the measure. */
    by: string
    coated_edges: 'all' | 'none'
    surface: string
    face_down: boolean
}

/** What such a piece usually is, where nothing else was said yet. */
export function beginPiece(usual: UsualPiece | undefined, typed: Typed): Typed {
    if (usual === undefined) return {}
    const measured = typed.lengths !== undefined || typed.d !== undefined || typed.each !== undefined
    return {
        surface: usual.surface,
        edges: usual.coated_edges,
        faceDown: usual.face_down,
        ...(measured ? {} : { way: WAY_OF_MEASURE[usual.by] ?? (usual.by as MeasuredAs) }),
    }
}

/** Whether there is enough to measure. */
export function isReady(
    saved: PieceSpec,
    typed: Typed,
    way: MeasuredAs,
    lengthText: (field: LengthField) => string,
): boolean {
    const measure = saved.measure ?? {}
    switch (way) {
        case 'path':
            return (typed.d ?? saved.outline?.d ?? '') !== ''
        case 'polygon':
            return typed.points !== undefined || saved.outline?.points_mm !== undefined
        case 'count':
            return (typed.each ?? measure.each_ml ?? '') !== ''
        case 'water':
            return (typed.water ?? measure.water_g ?? '') !== ''
        case 'stone':
            return (typed.stone ?? measure.ellipsoid_mm ?? '') !== ''
        case 'vessel':
            return (['diameter_mm', 'height_mm'] as const).every(
                (name) => (typed.vessel?.[name] ?? measure.cylinder?.[name] ?? '') !== '',
            )
        default:
            return SHAPE_LENGTHS[way]
                .filter((field) => field !== 'radius_mm')
                .every((field) => lengthText(field).trim() !== '')
    }
}

export const NEW: PieceSpec = {
    kind: 'canvas',
    outline: { shape: 'rectangle' },
    coated_edges: 'all',
    surface: 'primed_canvas',
}
