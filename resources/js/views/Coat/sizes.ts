import type { Containment, SizeField } from '../../types/plan'
import * as texts from '@words/coat'

export const SCHOOLS: { value: SizeField; label: string; only?: Containment }[] = [
    { value: 'thickness_mm', label: texts.filmThickness },
    { value: 'ml_per_cm2', label: texts.spreadRate },
    { value: 'ml_per_piece', label: texts.amountForEachPiece },
    { value: 'total_depth_mm', label: texts.depthInLifts, only: 'dammed' },
    { value: 'rest_leaving_mm', label: texts.theRestOfTheRecess, only: 'dammed' },
    { value: 'rest_leaving_ml', label: texts.theRestOfTheMould, only: 'dammed' },
    { value: 'stays_mm', label: texts.whatIsToStay, only: 'open' },
    { value: 'edge_angle_deg', label: texts.angleAtTheEdge, only: 'held' },
]

export const NOTHING = Object.fromEntries(SCHOOLS.map(({ value }) => [value, null]))

/** Sized by one school: all others are left out, so that it stands alone. */
export function sizedBy(
    school: SizeField,
    value: unknown,
    counted: 'laid' | 'mixed' | null = null,
): Record<string, unknown> {
    return { ...NOTHING, counted, usual: null, [school]: value }
}

/** Another way to end at the edge takes a school away that goes only with the one before: then the same film is meant. */
export function fitting(
    size: Record<string, unknown>,
    containment: Containment,
    filmMm: number | null,
): Record<string, unknown> | null {
    const by = SCHOOLS.find(({ value }) => size[value] !== undefined && size[value] !== null)
    return by?.only === undefined || by.only === containment || filmMm === null
        ? null
        : sizedBy('thickness_mm', Math.round(filmMm * 1000) / 1000)
}
