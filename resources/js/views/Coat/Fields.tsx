import type { ReactNode } from 'react'
import { Choice } from '../../controls/Choice'
import { fieldLength, fieldNumber } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { COAT_KINDS, DAMS } from '../../lib/words'
import type { StackAnswer } from '../../types/answer'
import type { ResinRow } from '../../types/page'
import type { Containment } from '../../types/plan'
import { entryOf } from './entries'
import { SizeFields } from './SizeFields'
import { fitting, type CoatChoices } from './sizes'
import type { CoatDraft } from './useCoatDraft'
import * as words from '@words/coat'

const EDGES: { value: Containment; label: string }[] = [
    { value: 'open', label: words.floodedOver },
    { value: 'held', label: words.heldAtTheEdge },
    { value: 'dammed', label: words.dammed },
    { value: 'placed', label: words.placedStaysPut },
]

interface Props {
    draft: CoatDraft
    choices: CoatChoices
    resins: ResinRow[]
    answer: StackAnswer | null
    lastTookMl: number | null
}

/** Exact entry beside the drawing: what coat it is, of which resin, how much, and how it ends. */
export function Fields({ draft, choices, resins, answer, lastTookMl }: Props): ReactNode {
    const units = useUnits()
    const { touched, rows, sentences } = draft
    const { spec } = rows.coat
    const small = units === 'metric' ? 'mm' : 'in'
    const entry = entryOf(draft)
    const inForce = answer?.in_force
    const containment = (touched.coat?.containment ?? spec.containment ?? inForce?.containment ?? 'open') as Containment
    const text = (field: 'dam' | 'kind', otherwise: string): string =>
        String(touched.coat?.[field] ?? spec[field] ?? otherwise)
    return (
        <div className="space-y-2.5">
            <div className="grid grid-cols-2 gap-4">
                <Choice
                    label={words.coat}
                    value={text('kind', 'flood')}
                    options={choices.kinds.map(({ value }) => ({ value, label: COAT_KINDS[value] ?? value }))}
                    sentence={sentences['coat.kind']}
                    onChange={(kind) => {
                        const needs = choices.kinds.find(({ value }) => value === kind)?.needs ?? null
                        draft.keep({ coat: { kind, ...(needs === null ? {} : { containment: needs }) } })
                    }}
                />
                <Choice
                    label={words.resin}
                    value={String(touched.resin_id ?? rows.coat.resin_id)}
                    options={resins.map((resin) => ({ value: String(resin.id), label: resin.name }))}
                    sentence={sentences['coat.resin']}
                    onChange={(value) => draft.keep({ resin_id: Number(value) })}
                />
            </div>
            <div className={containment === 'dammed' ? 'grid grid-cols-2 gap-4' : ''}>
                <Choice
                    label={words.whatIsAtTheEdge}
                    value={containment}
                    options={EDGES}
                    onChange={(value) => {
                        const size = { ...spec.size_by, ...(touched.coat?.size_by as object | undefined) }
                        const fits = fitting(choices, size, value as Containment, answer?.coat.thickness_mm ?? null)
                        draft.keep({ coat: { containment: value, ...(fits === null ? {} : { size_by: fits }) } })
                    }}
                    sentence={sentences['coat.containment']}
                />
                {containment === 'dammed' && (
                    <Choice
                        label={words.heldBy}
                        value={text('dam', inForce?.dam ?? 'frame')}
                        options={DAMS}
                        onChange={(dam) => draft.keep({ coat: { dam } })}
                        sentence={sentences['coat.dam']}
                    />
                )}
            </div>
            <SizeFields
                draft={draft}
                choices={choices}
                containment={containment}
                schools={answer?.schools}
                stays={
                    answer?.edge_film == null || answer.coat.edge === null
                        ? null
                        : { mm: answer.coat.edge.stays_mm, mostMm: answer.edge_film.most_stays_mm }
                }
                edgeAngleDeg={answer?.coat.held?.edge_angle_deg ?? null}
                lastTookMl={lastTookMl}
            />
            <div className={`grid gap-x-4 gap-y-2 ${answer?.edge_film == null ? 'grid-cols-3' : 'grid-cols-2'}`}>
                {answer?.edge_film != null &&
                    entry(
                        'piece',
                        'edge_radius_mm',
                        words.edgeRoundedTo,
                        fieldLength(rows.edge.edge_radius_mm, units),
                        small,
                        fieldLength(answer.edge_film.radius_mm, units),
                    )}
                {containment === 'open' &&
                    entry(
                        'coat',
                        'edge_film_mm',
                        words.onEdges,
                        fieldLength(spec.edge_film_mm, units),
                        small,
                        fieldLength(inForce?.edge_film_mm, units),
                    )}
                {containment === 'open' &&
                    entry(
                        'coat',
                        'runoff_pct',
                        words.runOffLabel,
                        fieldNumber(spec.runoff_pct),
                        '%',
                        fieldNumber(inForce?.runoff_pct),
                    )}
                {entry('coat', 'cups', words.cups, fieldNumber(spec.cups), '', fieldNumber(inForce?.cups))}
                {(answer?.coat.lifts.length ?? 0) > 1 &&
                    entry(
                        'coat',
                        'lift_interval_h',
                        words.liftsApart,
                        fieldNumber(spec.lift_interval_h),
                        'h',
                        fieldNumber(answer?.coat.windows.recoat_from_h ?? undefined),
                    )}
            </div>
        </div>
    )
}
