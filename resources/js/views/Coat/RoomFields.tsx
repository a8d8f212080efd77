import { Fragment, type ReactNode } from 'react'
import { fieldNumber, fieldSlope, fieldTemperature, joined, temperature } from '../../lib/format'
import { Figure } from '../../controls/TraceSheet'
import { useUnits } from '../../lib/pages'
import type { CoatInForce } from '../../types/answer'
import { entryOf } from './entries'
import type { CoatDraft } from './useCoatDraft'
import * as words from '@words/coat'

type RoomField = 'temperature_c' | 'surface_c' | 'humidity_pct' | 'slope_mm_per_m' | 'margin_pct'

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
    const [degrees, slope] = units === 'metric' ? ['°C', 'mm/m'] : ['°F', 'in/ft']
    const celsius = (c: number | undefined): string => fieldTemperature(c, units)
    const mmPerM = (mm: number | undefined): string => fieldSlope(mm, units)
    const fields: [RoomField, string, string, (value: number | undefined) => string, number | undefined][] = [
        ['temperature_c', words.room, degrees, celsius, inForce?.temperature_c],
        ['surface_c', words.thePieceIsAt, degrees, celsius, inForce?.temperature_c],
        ['humidity_pct', words.humidity, '%', fieldNumber, inForce?.humidity_pct],
        ['slope_mm_per_m', words.benchOffLevel, slope, mmPerM, inForce?.slope_mm_per_m],
        ['margin_pct', words.margin, '%', fieldNumber, inForce?.margin_pct],
    ]
    return (
        <div className="grid grid-cols-2 gap-4">
            {dewPointC !== undefined && (
                <p className="col-span-2 text-soft">
                    {words.dewPoint} <Figure of="dew_point_c">{joined(temperature(dewPointC, units))}</Figure>
                </p>
            )}
            {fields.map(([field, label, unit, said, assumed]) => (
                <Fragment key={field}>{entry('studio', field, label, said(room[field]), unit, said(assumed))}</Fragment>
            ))}
        </div>
    )
}
