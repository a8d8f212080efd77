import type { ReactNode } from 'react'
import { Check, Choice } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { fieldLength, fieldNumber } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { LAYINGS } from '../../lib/words'
import type { InclusionSpec, PartSpec, ZoneSpec } from '../../types/plan'
import { entryOf } from './entries'
import { InclusionFields } from './InclusionFields'
import { PartsFields } from './PartsFields'
import { ZoneFields } from './ZoneFields'
import type { CoatDraft } from './useCoatDraft'
import * as words from '@words/coat'

/** What else a coat can be: how it is laid, a part of the face, colours wet on wet, things in it, what it lies on. */
export function MoreFields({ draft, isNext }: { draft: CoatDraft; isNext: boolean }): ReactNode {
    const units = useUnits()
    const { spec } = draft.rows.coat
    const small = units === 'metric' ? 'mm' : 'in'
    const entry = entryOf(draft)
    const at = <T,>(field: keyof typeof spec): T | undefined =>
        (draft.touched.coat && field in draft.touched.coat ? draft.touched.coat[field] : spec[field]) as T | undefined
    const keep = (field: string, value: unknown): void => draft.keep({ coat: { [field]: value } })
    return (
        <div className="space-y-4">
            <Choice
                label={words.howItIsLaid}
                value={at<string>('laying') ?? 'centre'}
                options={LAYINGS}
                onChange={(value) => keep('laying', value)}
                sentence={draft.sentences['coat.laying']}
            />
            <ZoneFields draft={draft} zone={at<ZoneSpec>('zone') ?? null} units={units} small={small} />
            <PartsFields draft={draft} parts={at<PartSpec[]>('parts') ?? []} />
            <InclusionFields
                draft={draft}
                inclusions={at<InclusionSpec[]>('inclusions') ?? []}
                units={units}
                small={small}
            />
            <div className="grid grid-cols-2 gap-4">
                {entry('coat', 'texture', words.texture1IsFlat, fieldNumber(spec.texture), '', '1')}
                {entry('coat', 'relief_mm', words.reliefBelow, fieldLength(spec.relief_mm, units), small, 'none')}
            </div>
            <Field
                label={words.dryMediaBeforeIt}
                value={at<string>('dry_media') ?? ''}
                placeholder={words.suchAsBrassMicaBrushedIn}
                onChange={(value) => draft.change({ coat: { dry_media: value === '' ? null : value } })}
                onDone={() => draft.keep()}
                sentence={draft.sentences['coat.dry_media']}
            />
            <div className="space-y-1">
                <Check
                    label={words.undersideTaped}
                    on={at<boolean>('tape_underside') ?? false}
                    onChange={(on) => keep('tape_underside', on)}
                />
                {isNext && (
                    <>
                        <Check
                            label={words.turnedOrDemouldedFirst}
                            on={at<boolean>('turn_first') ?? false}
                            onChange={(on) => keep('turn_first', on)}
                        />
                        <Check
                            label={words.oilInTheCoatBelow}
                            on={at<boolean>('after_oil') ?? false}
                            onChange={(on) => keep('after_oil', on)}
                        />
                        <Check
                            label={words.overAHardFilmWipedNotSanded}
                            on={at<string>('over_hard') === 'wipe'}
                            onChange={(on) => keep('over_hard', on ? 'wipe' : 'sand')}
                        />
                    </>
                )}
            </div>
        </div>
    )
}
