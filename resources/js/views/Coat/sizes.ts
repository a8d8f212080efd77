import type { CoatKind, Containment, SizeField } from '../../types/plan'
import * as texts from '@words/coat'

/** What can be chosen for a coat, as the studio says: what needs a film that ends in one way goes with no other. */
export interface CoatChoices {
    kinds: { value: CoatKind; needs: Containment | null }[]
    sizes: { value: SizeField; needs: Containment | null; can_be_mixed: boolean }[]
}

export const SIZES: Record<SizeField, string> = {
    thickness_mm: texts.filmThickness,
    ml_per_cm2: texts.spreadRate,
    ml_per_piece: texts.amountForEachPiece,
    total_depth_mm: texts.depthInLifts,
    rest_leaving_mm: texts.theRestOfTheRecess,
    rest_leaving_ml: texts.theRestOfTheMould,
    stays_mm: texts.whatIsToStay,
    edge_angle_deg: texts.angleAtTheEdge,
}

const NOTHING = Object.fromEntries(Object.keys(SIZES).map((field) => [field, null]))

/** What a coat is sized by. */
export function sizedWith(size: Record<string, unknown>): SizeField {
    return (
        (Object.keys(SIZES) as SizeField[]).find((field) => size[field] !== undefined && size[field] !== null) ??
        'thickness_mm'
    )
}

/** Sized by one field: all others are left out, so that it stands alone. */
export function sizedBy(
    field: SizeField,
    value: unknown,
    counted: 'laid' | 'mixed' | null = null,
): Record<string, unknown> {
    return { ...NOTHING, counted, usual: null, [field]: value }
}

/** Another way to end at the edge takes a size away that goes only with the one before: then the same film is meant. */
export function fitting(
    { sizes }: CoatChoices,
    size: Record<string, unknown>,
    containment: Containment,
    filmMm: number | null,
): Record<string, unknown> | null {
    const needs = sizes.find(({ value }) => value === sizedWith(size))?.needs ?? null
    return needs === null || needs === containment || filmMm === null
        ? null
        : sizedBy('thickness_mm', Math.round(filmMm * 1000) / 1000)
}
