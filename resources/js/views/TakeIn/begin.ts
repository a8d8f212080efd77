import type { Drawing } from '../../types/page'
import type { PieceSpec } from '../../types/plan'
import { KIND_BEGINS } from './kinds'
import { isShape, SHAPE_LENGTHS, type LengthField, type Typed, type Way } from './typed'

/** Stands on the page until there is a size to draw. */
export function unmeasured(way: Way): Drawing {
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

/** What such a piece usually is, where nothing else was said yet. */
export function begin(kind: string, typed: Typed): Typed {
    const usual = KIND_BEGINS[kind] ?? {}
    const measured = typed.lengths !== undefined || typed.d !== undefined || typed.each !== undefined
    return {
        ...(usual.surface === undefined ? {} : { surface: usual.surface }),
        ...(usual.edges === undefined ? {} : { edges: usual.edges }),
        ...(usual.faceDown === undefined ? { faceDown: false } : { faceDown: usual.faceDown }),
        ...(usual.way === undefined || measured ? {} : { way: usual.way }),
    }
}

/** Whether there is enough to measure. */
export function isReady(saved: PieceSpec, typed: Typed, way: Way, lengthText: (field: LengthField) => string): boolean {
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
