import type { ReactNode } from 'react'
import { Choice, Switch } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { fineFilm, joined, spread, thickness, volume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { Schools } from '../../types/answer'
import type { Containment, SizeField } from '../../types/plan'
import type { CoatDraft } from './useCoatDraft'
import { SIZES, sizedBy, sizedWith, type CoatChoices } from './sizes'
import { written, unitOf, equivalent } from './equivalent'
import * as texts from '@words/coat'

interface Props {
    draft: CoatDraft
    choices: CoatChoices
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
export function SizeFields({
    draft,
    choices,
    containment,
    schools,
    edgeAngleDeg,
    stays,
    lastTookMl,
}: Props): ReactNode {
    const units = useUnits()
    const saved = draft.rows.coat.spec.size_by
    const size = { ...saved, ...(draft.touched.coat?.size_by as Record<string, unknown> | undefined) } as Record<
        string,
        unknown
    >
    const by = sizedWith(size)
    const value = size[by]
    const text = typeof value === 'string' ? value : typeof value === 'number' ? written(by, value, units) : ''
    const choose = (to: SizeField): void =>
        draft.keep({ coat: { size_by: sizedBy(to, equivalent(to, schools, edgeAngleDeg, stays?.mm ?? null)) } })
    const counted = size.counted === 'mixed' ? 'mixed' : 'laid'
    const canBeMixed = choices.sizes.some((one) => one.value === by && one.can_be_mixed)
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
                options={choices.sizes
                    .filter(({ needs }) => needs === null || needs === containment)
                    .map(({ value }) => ({ value, label: SIZES[value] }))}
                sentence={draft.sentences['coat.size_by']}
                onChange={(to) => choose(to as SizeField)}
            />
            <Field
                label={SIZES[by]}
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
                        texts.soMuchMixed(joined(volume(schools.mixed_ml, units))),
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
