import { digits, fieldLength, fieldSpread, fieldVolume } from '../../lib/format'
import type { Schools } from '../../types/answer'
import type { Units } from '../../types/page'
import type { SizeField } from '../../types/plan'

export function written(by: SizeField, value: number, units: Units): string {
    if (by === 'ml_per_cm2') return fieldSpread(value, units)
    if (by === 'ml_per_piece' || by === 'rest_leaving_ml') return fieldVolume(value, units)
    if (by === 'edge_angle_deg') return String(Math.round(value * 10) / 10)
    return (by === 'thickness_mm' || by === 'stays_mm') && units === 'metric'
        ? digits(value, 2)
        : fieldLength(value, units)
}

export function unitOf(by: SizeField, units: Units): string {
    if (by === 'ml_per_cm2') return units === 'metric' ? 'ml/cm²' : 'fl oz/ft²'
    if (by === 'ml_per_piece' || by === 'rest_leaving_ml') return units === 'metric' ? 'ml' : 'fl oz'
    if (by === 'edge_angle_deg') return '°'
    return units === 'metric' ? 'mm' : 'in'
}

/** The same film in another school's words, so that changing the school changes nothing else. */
export function equivalent(
    to: SizeField,
    schools: Schools | undefined,
    edgeAngleDeg: number | null,
    staysMm: number | null,
): number {
    const film = schools?.thickness_mm ?? 1
    const round = (value: number): number => Math.round(value * 1000) / 1000
    switch (to) {
        case 'ml_per_cm2':
            return round(schools?.ml_per_cm2 ?? 0.1)
        case 'ml_per_piece':
            return round(schools?.laid_ml ?? 1)
        case 'edge_angle_deg':
            return round(edgeAngleDeg ?? 60)
        case 'stays_mm':
            return round(staysMm ?? film)
        case 'rest_leaving_mm':
        case 'rest_leaving_ml':
            return 0
        default:
            return round(film)
    }
}
