import type { ReactNode } from 'react'
import { AdviceStrips } from '../../controls/AdviceStrip'
import { Choice, Switch } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { digits, fieldLength, fieldNumber, fieldTemperature } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { Advice, CoatInForce, ResinRow } from '../../types'
import type { useCoatDraft } from './useCoatDraft'

interface Props {
    draft: ReturnType<typeof useCoatDraft>
    resins: ResinRow[]
    advice: Advice[]
    /** What the core computes with, where nothing was entered. */
    inForce: CoatInForce | undefined
    /** The mean film, when it is sized another way. */
    thicknessMm: number | undefined
}

/** Exact entry beside the drawing: the resin, the coat, the room. */
export function Fields({ draft, resins, advice, inForce, thicknessMm }: Props): ReactNode {
    const units = useUnits()
    const { touched, rows, sentences } = draft
    const { spec } = rows.coat
    const small = units === 'metric' ? 'mm' : 'in'

    const entry = (
        part: 'coat' | 'studio',
        field: string,
        label: string,
        saved: string,
        unit: string,
        assumed = '',
    ): ReactNode => {
        const typed = touched[part]?.[field]
        return (
            <Field
                label={label}
                value={typeof typed === 'string' ? typed : saved}
                unit={unit}
                inputMode="decimal"
                placeholder={assumed}
                sentence={sentences[`${part}.${field}`]}
                onChange={(value) => draft.change({ [part]: { [field]: value } })}
                onDone={() => draft.keep()}
            />
        )
    }
    const size = touched.coat?.size_by as { thickness_mm?: string | number } | undefined
    const film = size?.thickness_mm ?? spec.size_by.thickness_mm ?? thicknessMm
    const held = (touched.coat?.containment ?? spec.containment ?? 'open') === 'held'
    const filmText =
        typeof film === 'string'
            ? film
            : film === undefined
              ? ''
              : units === 'metric'
                ? digits(film, 2)
                : fieldLength(film, units)

    return (
        <form className="space-y-3" onSubmit={(event) => event.preventDefault()}>
            <Choice
                label="Resin"
                value={String(touched.resin_id ?? rows.coat.resin_id)}
                options={resins.map((resin) => ({ value: String(resin.id), label: resin.name }))}
                sentence={sentences['coat.resin']}
                onChange={(value) => draft.keep({ resin_id: Number(value) })}
            />
            <Field
                label="Film thickness"
                value={filmText}
                unit={small}
                inputMode="decimal"
                sentence={sentences['coat.size_by.thickness_mm']}
                onChange={(value) => draft.change({ coat: { size_by: { thickness_mm: value, edge_angle_deg: null } } })}
                onDone={() => draft.keep()}
                large
            />
            <Switch
                label="At the edge"
                value={held ? 'held' : 'open'}
                options={[
                    { value: 'open', label: 'Flooded over' },
                    { value: 'held', label: 'Held' },
                ]}
                onChange={(value) => draft.keep({ coat: { containment: value } })}
                sentence={sentences['coat.containment']}
            />
            <div className="grid grid-cols-3 gap-4">
                {!held &&
                    entry(
                        'coat',
                        'edge_film_mm',
                        'On edges',
                        fieldLength(spec.edge_film_mm, units),
                        small,
                        fieldLength(inForce?.edge_film_mm, units),
                    )}
                {!held &&
                    entry(
                        'coat',
                        'runoff_pct',
                        'Run-off',
                        fieldNumber(spec.runoff_pct),
                        '%',
                        fieldNumber(inForce?.runoff_pct),
                    )}
                {entry('coat', 'cups', 'Cups', fieldNumber(spec.cups), '', fieldNumber(inForce?.cups))}
            </div>
            <fieldset className="space-y-3 border-t ruled pt-3">
                <legend className="sr-only">The room</legend>
                <div className="grid grid-cols-2 gap-4">
                    {entry(
                        'studio',
                        'temperature_c',
                        'Room',
                        fieldTemperature(rows.room.temperature_c, units),
                        units === 'metric' ? '°C' : '°F',
                        fieldTemperature(inForce?.temperature_c, units),
                    )}
                    {entry(
                        'studio',
                        'humidity_pct',
                        'Humidity',
                        fieldNumber(rows.room.humidity_pct),
                        '%',
                        fieldNumber(inForce?.humidity_pct),
                    )}
                    {entry(
                        'studio',
                        'slope_mm_per_m',
                        'Bench off level',
                        fieldNumber(rows.room.slope_mm_per_m),
                        'mm/m',
                        fieldNumber(inForce?.slope_mm_per_m),
                    )}
                    {entry(
                        'studio',
                        'margin_pct',
                        'Margin',
                        fieldNumber(rows.room.margin_pct),
                        '%',
                        fieldNumber(inForce?.margin_pct),
                    )}
                </div>
                <AdviceStrips advice={advice} topics={['room', 'bench']} />
            </fieldset>
            <AdviceStrips advice={advice} topics={['sheet']} />
            {sentences.form !== undefined && <p className="font-semibold text-danger">{sentences.form}</p>}
        </form>
    )
}
