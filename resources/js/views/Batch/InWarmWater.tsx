import type { ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Field } from '../../controls/Field'
import { fieldNumber, fieldTemperature } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { BatchSpec } from '../../types/mixing'
import type { Sentences } from '../../types/page'
import * as words from '@words/batch'

/** What a cup stands in that is put into warm water: for a while, soon after its mixing. */
export const USUAL_BATH = { from_min: 5, to_min: 10, bath_c: 40 }

/** The mixed cup in warm water: from when to when, and how warm; what that gains and costs is said with its advice. */
export function InWarmWater(props: {
    bath: NonNullable<BatchSpec['bath']>
    /** What it gains and costs. */
    said: string | undefined
    sentences: Sentences
    onChange: (how: (batch: BatchSpec) => BatchSpec) => void
}): ReactNode {
    const units = useUnits()
    const field = (key: keyof typeof USUAL_BATH, label: string, shown: string, unit: string): ReactNode => (
        <Field
            label={label}
            value={typeof props.bath[key] === 'string' ? props.bath[key] : shown}
            unit={unit}
            inputMode="decimal"
            sentence={props.sentences[`bath.${key}`]}
            onChange={(text) => props.onChange((batch) => ({ ...batch, bath: { ...props.bath, [key]: text } }))}
        />
    )
    const number = (key: keyof typeof USUAL_BATH): number => Number(props.bath[key])
    return (
        <fieldset className="grid grid-cols-[1fr_1fr_1fr_auto] items-start gap-x-5">
            <legend className="col-span-full text-sm text-soft">{words.theMixedCupInWarmWater}</legend>
            {field('from_min', words.fromMin, fieldNumber(number('from_min')), 'min')}
            {field('to_min', words.toMin, fieldNumber(number('to_min')), 'min')}
            {field(
                'bath_c',
                words.ofWater,
                fieldTemperature(number('bath_c'), units),
                units === 'metric' ? '°C' : '°F',
            )}
            <Button className="mt-6" onClick={() => props.onChange(({ bath: _, ...rest }) => rest)}>
                {words.noBath}
            </Button>
            {props.said !== undefined && <p className="col-span-full mt-1">{props.said}</p>}
        </fieldset>
    )
}
