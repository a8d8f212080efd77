import * as words from '@words/lib'
import type { DoseSpec, DoseUnit } from '../types/mixing'
import { trimmed } from './format'

const UNITS: DoseUnit[] = ['drops', 'ml', 'g', 'dips', 'scoops']

/** What colourants are counted in. */
export const DOSE_UNITS = UNITS.map((unit) => ({ value: unit, label: words.doseUnit(unit) }))

export function doseUnitOf(dose: DoseSpec): DoseUnit {
    return UNITS.find((one) => dose[one] !== undefined) ?? 'ml'
}

export function isMeasured(unit: DoseUnit): boolean {
    return unit === 'ml' || unit === 'g'
}

export function doseText(amount: number, unit: DoseUnit, decimals = 2): string {
    return `${trimmed(amount, decimals)} ${words.doseUnit(unit, amount)}`
}
