import type { ReactNode } from 'react'
import { fieldNumber, fieldSlope, fieldTemperature, joined, temperature } from '../../lib/format'
import { Figure } from '../../controls/TraceSheet'
import { useUnits } from '../../lib/pages'
import type { CoatInForce } from '../../types/answer'
import { entryOf } from './entries'
import type { CoatDraft } from './useCoatDraft'
import * as words from '@words/coat'

/** The room that the coat is poured in. */
export function RoomFields({
    draft,
    inForce,
    dewPointC,
}: {
    draft: CoatDraft
    inForce: CoatInForce | undefined
    dewPointC: number | undefined
}): ReactNode {
    const units = useUnits()
    const { room } = draft.rows
    const entry = entryOf(draft)
    return (
        <div className="grid grid-cols-2 gap-4">
            {dewPointC !== undefined && (
                <p className="col-span-2 text-soft">
                    {words.dewPoint} <Figure of="dew_point_c">{joined(temperature(dewPointC, units))}</Figure>
                </p>
            )}
            {entry(
                'studio',
                'temperature_c',
                words.room,
                fieldTemperature(room.temperature_c, units),
                units === 'metric' ? '°C' : '°F',
                fieldTemperature(inForce?.temperature_c, units),
            )}
            {entry(
                'studio',
                'surface_c',
                words.thePieceIsAt,
                fieldTemperature(room.surface_c, units),
                units === 'metric' ? '°C' : '°F',
                fieldTemperature(inForce?.temperature_c, units),
            )}
            {entry(
                'studio',
                'humidity_pct',
                words.humidity,
                fieldNumber(room.humidity_pct),
                '%',
                fieldNumber(inForce?.humidity_pct),
            )}
            {entry(
                'studio',
                'slope_mm_per_m',
                words.benchOffLevel,
                fieldSlope(room.slope_mm_per_m, units),
                units === 'metric' ? 'mm/m' : 'in/ft',
                fieldSlope(inForce?.slope_mm_per_m, units),
            )}
            {entry(
                'studio',
                'margin_pct',
                words.margin,
                fieldNumber(room.margin_pct),
                '%',
                fieldNumber(inForce?.margin_pct),
            )}
        </div>
    )
}
