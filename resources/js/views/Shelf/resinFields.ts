import { fieldLength, fieldNumber, fieldTemperature, fieldVolume } from '../../lib/format'
import { bothParts } from '../../lib/inTwo'
import type { Units } from '../../types/page'
import type { ResinSheet } from '../../types/plan'
import type { ShelfResin } from './types'
import * as texts from '@words/shelf'

/** What stands in the form, by the plan file's names. */
export type TypedLabel = Record<string, string>

/** Fields in the label's own groups: name, words, unit. */
export const MIXING: [string, string, string][] = [
    ['density_a_g_ml', texts.densityOfA, 'g/ml'],
    ['density_b_g_ml', texts.densityOfB, 'g/ml'],
    ['cap_a', texts.markOnCapA, ''],
    ['cap_b', texts.markOnCapB, ''],
    ['mix_min', texts.stirFor, 'min'],
    ['min_batch_ml', texts.smallestBatch, 'ml'],
    ['ratio_tolerance_pct', texts.ratioMayBeOffBy, '%'],
    ['viscosity_pa_s', texts.thicknessMixed, 'Pa·s'],
]

/** Where a label's working time was measured. */
export type WorkingIn = 'open_min' | 'pot_life_min'

/** The other of its two times, by the one that the label gives. */
export const OTHER_TIME: Record<WorkingIn, [string, string, string]> = {
    open_min: ['pot_life_min', texts.potLifeInTheCup, 'min'],
    pot_life_min: ['open_min', texts.openTimeInTheFilm, 'min'],
}

export const TIMES: [string, string, string][] = [
    ['pot_life_mass_g', texts.ofSoMuch, 'g'],
    ['recoat_from_h', texts.recoatFrom, 'h'],
    ['recoat_to_h', texts.recoatTo, 'h'],
    ['sand_from_h', texts.sandFrom, 'h'],
    ['handle_h', texts.handleFrom, 'h'],
    ['full_cure_h', texts.fullyCured, 'h'],
]

export const LIMITS: [string, string, string][] = [
    ['max_pour_mm', texts.deepestPour, 'mm'],
    ['colourant_limit_pct', texts.colourUpTo, '%'],
    ['watery_limit_pct', texts.wateryColourUpTo, '%'],
    ['filler_limit_pct', texts.fillerUpTo, '%'],
    ['max_humidity_pct', texts.humidityUpTo, '%'],
    ['shrinkage_pct', texts.shrinksBy, '%'],
    ['heat_kj_kg', texts.heatOfReaction, 'kJ/kg'],
    ['surface_tension_n_m', texts.surfaceTension, 'N/m'],
]

export const LENGTHS = ['max_pour_mm']

export const PACKS = 'packs_ml'

/** A new sheet, one that is changed, or one that begins as another. */
export function beginLabel(resin: ShelfResin | null, copy: boolean, units: Units): TypedLabel {
    if (resin === null)
        return { family: 'coating', pour_first: 'a', 'ratio.by': 'volume', reference_c: '', viscosity_at_c: '' }
    const sheet = resin.sheet as ResinSheet & Record<string, unknown>
    const typed: TypedLabel = {
        name: copy ? texts.adjusted(resin.name) : resin.name,
        family: sheet.family ?? 'coating',
        pour_first: sheet.pour_first ?? 'a',
        'ratio.a': fieldNumber(sheet.ratio?.a),
        'ratio.b': fieldNumber(sheet.ratio?.b),
        'ratio.by': sheet.ratio?.by ?? 'volume',
        catalyst: (sheet.catalyst ?? []).map((row) => `${row.depth_mm}: ${row.pct}`).join(', '),
        reference_c: fieldTemperature(sheet.reference_c, units),
        viscosity_at_c: fieldTemperature(sheet.viscosity_at_c, units),
    }
    typed[PACKS] = (sheet.packs_ml ?? []).map((ml) => fieldVolume(ml, units)).join(', ')
    for (const [key] of [...MIXING, ...Object.values(OTHER_TIME), ...TIMES, ...LIMITS]) {
        const value = sheet[key]
        typed[key] =
            typeof value === 'string'
                ? value
                : LENGTHS.includes(key)
                  ? fieldLength(value as number | undefined, units)
                  : fieldNumber(value as number | undefined)
    }
    return typed
}

/** What was typed as the plan file's fields; what is empty is taken away, or on a new sheet left out. */
export function sheetOf(typed: TypedLabel, words: ResinSheet['label_words'], fresh: boolean): Record<string, unknown> {
    const sheet: Record<string, unknown> = {}
    const polyester = typed.family === 'polyester'
    for (const [key, value] of Object.entries(typed)) {
        if (key.startsWith('ratio.') || key === 'catalyst') continue
        if (value.trim() !== '') sheet[key] = value
        else if (!fresh) sheet[key] = null
    }
    if (polyester) sheet.catalyst = catalystOf(typed.catalyst ?? '')
    else {
        const [a, b] = bothParts(typed['ratio.a'] ?? '') ?? [typed['ratio.a'] ?? '', typed['ratio.b'] ?? '']
        sheet.ratio = { a, b, by: typed['ratio.by'] ?? 'volume' }
    }
    if (words !== undefined && words.length > 0) sheet.label_words = words
    return sheet
}

function catalystOf(text: string): { depth_mm: string; pct: string }[] {
    return text
        .split(/[,;]\s*(?=\d+(?:\.\d+)?\s*:)/)
        .map((row) => row.split(':'))
        .filter((row) => row.length === 2)
        .map(([depth = '', pct = '']) => ({ depth_mm: depth.trim(), pct: pct.trim() }))
}
