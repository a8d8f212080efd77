import type { ReactNode } from 'react'
import { Choice, Switch } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import {
    digits,
    fieldLength,
    fineFilm,
    fieldSpread,
    fieldVolume,
    joined,
    spread,
    thickness,
    volume,
} from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { Schools } from '../../types/answer'
import type { Units } from '../../types/page'
import type { Containment, SizeField } from '../../types/plan'
import type { CoatDraft } from './useCoatDraft'
import * as texts from '@words/coat'

const SCHOOLS: { value: SizeField; label: string; only?: Containment }[] = [
    { value: 'thickness_mm', label: texts.filmThickness },
    { value: 'ml_per_cm2', label: texts.spreadRate },
    { value: 'ml_per_piece', label: texts.amountForEachPiece },
    { value: 'total_depth_mm', label: texts.depthInLifts, only: 'dammed' },
    { value: 'rest_leaving_mm', label: texts.theRestOfTheRecess, only: 'dammed' },
    { value: 'rest_leaving_ml', label: texts.theRestOfTheMould, only: 'dammed' },
    { value: 'stays_mm', label: texts.whatIsToStay, only: 'open' },
    { value: 'edge_angle_deg', label: texts.angleAtTheEdge, only: 'held' },
]

const NOTHING = Object.fromEntries(SCHOOLS.map(({ value }) => [value, null]))

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

interface Props {
    draft: CoatDraft
    containment: Containment
    schools: Schools | undefined
    /** The angle at which it meets its edge now. */
    edgeAngleDeg: number | null
    /** What stays of it now, and the most that can; null where nothing runs over an edge. */
    stays: { mm: number; mostMm: number } | null
    /** What the last pour of this coat took for one piece, ml. */
    lastTookMl: number | null
}

/** How much: by any school, with what the others would have said beside it. */
export function SizeFields({ draft, containment, schools, edgeAngleDeg, stays, lastTookMl }: Props): ReactNode {
    const units = useUnits()
    const saved = draft.rows.coat.spec.size_by
    const size = { ...saved, ...(draft.touched.coat?.size_by as Record<string, unknown> | undefined) } as Record<
        string,
        unknown
    >
    const by = SCHOOLS.find(({ value }) => size[value] !== undefined && size[value] !== null)?.value ?? 'thickness_mm'
    const value = size[by]
    const text = typeof value === 'string' ? value : typeof value === 'number' ? written(by, value, units) : ''
    const choose = (to: SizeField): void =>
        draft.keep({ coat: { size_by: sizedBy(to, equivalent(to, schools, edgeAngleDeg, stays?.mm ?? null)) } })
    const counted = size.counted === 'mixed' ? 'mixed' : 'laid'
    const canBeMixed = by === 'ml_per_cm2' || by === 'ml_per_piece'
    const hint =
        size.usual === true
            ? texts.usualForSuchACoatUntilYouSay
            : by === 'stays_mm' && stays !== null
              ? texts.atMostCanStayHere(joined(fineFilm(Math.floor(stays.mostMm * 100) / 100, units)))
              : undefined
    return (
        <div className="space-y-2">
            <Choice
                label={texts.sizedBy}
                value={by}
                options={SCHOOLS.filter(({ only }) => only === undefined || only === containment)}
                sentence={draft.sentences['coat.size_by']}
                onChange={(to) => choose(to as SizeField)}
            />
            <Field
                label={SCHOOLS.find((one) => one.value === by)?.label ?? ''}
                {...(hint === undefined ? {} : { hint })}
                value={text}
                unit={unitOf(by, units)}
                inputMode="decimal"
                sentence={draft.sentences[`coat.size_by.${by}`]}
                onChange={(typed) =>
                    draft.change({
                        coat: { size_by: sizedBy(by, typed, canBeMixed ? counted : null) },
                    })
                }
                onDone={() => draft.keep()}
                large
            />
            {canBeMixed && (
                <Switch
                    label={texts.thatIsWhat}
                    value={counted}
                    options={[
                        { value: 'laid', label: texts.isLaid },
                        { value: 'mixed', label: texts.isMixed },
                    ]}
                    onChange={(to) =>
                        draft.keep({ coat: { size_by: sizedBy(by, value, to === 'mixed' ? 'mixed' : 'laid') } })
                    }
                    sentence={draft.sentences['coat.size_by.counted']}
                />
            )}
            {schools !== undefined && (
                <p className="text-sm text-soft" data-testid="schools">
                    {[
                        by !== 'thickness_mm' && schools.thickness_mm !== null
                            ? texts.meanFilm(joined(thickness(schools.thickness_mm, units)))
                            : '',
                        by !== 'ml_per_cm2' && schools.ml_per_cm2 !== null
                            ? joined(spread(schools.ml_per_cm2, units))
                            : '',
                        texts.laidOnEach(joined(volume(schools.laid_ml, units))),
                        texts.mixed3(joined(volume(schools.mixed_ml, units))),
                        lastTookMl === null ? '' : texts.lastTimeTook(joined(volume(lastTookMl, units))),
                    ]
                        .filter((part) => part !== '')
                        .join(', ')}
                    {lastTookMl !== null && (
                        <button
                            type="button"
                            className="ml-1 min-h-6 underline underline-offset-2"
                            onClick={() =>
                                draft.keep({
                                    coat: {
                                        size_by: sizedBy('ml_per_piece', Math.round(lastTookMl * 10) / 10, 'mixed'),
                                    },
                                })
                            }
                        >
                            {texts.takeThatAgain}
                        </button>
                    )}
                </p>
            )}
        </div>
    )
}

function written(by: SizeField, value: number, units: Units): string {
    if (by === 'ml_per_cm2') return fieldSpread(value, units)
    if (by === 'ml_per_piece' || by === 'rest_leaving_ml') return fieldVolume(value, units)
    if (by === 'edge_angle_deg') return String(Math.round(value * 10) / 10)
    return (by === 'thickness_mm' || by === 'stays_mm') && units === 'metric'
        ? digits(value, 2)
        : fieldLength(value, units)
}

function unitOf(by: SizeField, units: Units): string {
    if (by === 'ml_per_cm2') return units === 'metric' ? 'ml/cm²' : 'fl oz/ft²'
    if (by === 'ml_per_piece' || by === 'rest_leaving_ml') return units === 'metric' ? 'ml' : 'fl oz'
    if (by === 'edge_angle_deg') return '°'
    return units === 'metric' ? 'mm' : 'in'
}

/** The same film in another school's words, so that changing the school changes nothing else. */
function equivalent(
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
