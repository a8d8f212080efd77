import { PlusIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Check, Choice } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { fieldLength, fieldSize, fieldVolume } from '../../lib/format'
import type { Units } from '../../types/page'
import type { InclusionSpec } from '../../types/plan'
import { Remove } from '../../controls/Remove'
import type { CoatDraft } from './useCoatDraft'
import * as words from '@words/coat'

type Loose = Record<string, unknown>

const MEASURES: { value: 'size_mm' | 'volume_ml' | 'bulk_ml'; label: string }[] = [
    { value: 'size_mm', label: words.bySize },
    { value: 'volume_ml', label: words.byVolume },
    { value: 'bulk_ml', label: words.bulkFill },
]

/** Things that are embedded in the coat. */
export function InclusionFields(props: {
    draft: CoatDraft
    inclusions: InclusionSpec[]
    units: Units
    small: string
}): ReactNode {
    const { draft, units, small } = props
    const list = props.inclusions as Loose[]
    const put = (next: Loose[], done: boolean): void =>
        done
            ? draft.keep({ coat: { inclusions: next.length === 0 ? null : next } })
            : draft.change({ coat: { inclusions: next } })
    return (
        <fieldset className="space-y-3">
            <legend className="text-sm text-soft">{words.thingsInIt}</legend>
            {list.map((one, index) => {
                const set = (change: Loose, done = false): void =>
                    put(
                        list.map((other, at) => (at === index ? { ...other, ...change } : other)),
                        done,
                    )
                const by =
                    MEASURES.find(({ value }) => one[value] !== undefined && one[value] !== null)?.value ?? 'size_mm'
                const value = one[by]
                const sentence = (field: string): string | undefined =>
                    draft.sentences[`coat.inclusions.${index}.${field}`]
                return (
                    <div key={index} className="space-y-2 border-l-2 border-line pl-3">
                        <div className="grid grid-cols-[1fr_3.5rem_2.75rem] items-end gap-2">
                            <Field
                                label={words.thing}
                                value={String(one.name ?? '')}
                                onChange={(name) => set({ name: name === '' ? null : name })}
                                onDone={() => draft.keep()}
                            />
                            <Field
                                label={words.count}
                                value={String(one.count ?? 1)}
                                onChange={(count) => set({ count })}
                                onDone={() => draft.keep()}
                                sentence={sentence('count')}
                            />
                            <Remove
                                label={words.leaveOut(String(one.name ?? words.thingAdded))}
                                onPress={() =>
                                    put(
                                        list.filter((_, at) => at !== index),
                                        true,
                                    )
                                }
                            />
                        </div>
                        <div className="grid grid-cols-2 gap-2">
                            <Choice
                                label={words.measured}
                                value={by}
                                options={MEASURES}
                                onChange={(to) =>
                                    set(
                                        {
                                            size_mm: null,
                                            volume_ml: null,
                                            bulk_ml: null,
                                            [to]: to === 'size_mm' ? 10 : 5,
                                        },
                                        true,
                                    )
                                }
                            />
                            <Field
                                label={by === 'size_mm' ? '⌀, ⌀ × h, l × w × h' : words.amount}
                                unit={by === 'size_mm' ? small : units === 'metric' ? 'ml' : 'fl oz'}
                                value={
                                    typeof value === 'string'
                                        ? value
                                        : by === 'size_mm'
                                          ? fieldSize(value as number | number[] | undefined, units)
                                          : fieldVolume(value as number | undefined, units)
                                }
                                sentence={sentence(by) ?? draft.sentences[`coat.inclusions.${index}`]}
                                onChange={(typed) => set({ [by]: typed })}
                                onDone={() => draft.keep()}
                            />
                            {(['bottom_mm', 'height_mm'] as const).map((field) => (
                                <Field
                                    key={field}
                                    label={field === 'bottom_mm' ? words.aboveTheFloor : words.height}
                                    unit={small}
                                    value={
                                        typeof one[field] === 'string'
                                            ? one[field]
                                            : fieldLength(one[field] as number | undefined, units)
                                    }
                                    placeholder={field === 'bottom_mm' ? '0' : words.itsOwn}
                                    sentence={sentence(field)}
                                    onChange={(value) => set({ [field]: value })}
                                    onDone={() => draft.keep()}
                                />
                            ))}
                        </div>
                        <div className="grid grid-cols-2">
                            <Check
                                label={words.floats}
                                on={one.floats === true}
                                onChange={(on) => set({ floats: on }, true)}
                            />
                            <Check
                                label={words.drinks}
                                on={one.drinks === true}
                                onChange={(on) => set({ drinks: on }, true)}
                            />
                            <Check
                                label={words.trapsAir}
                                on={one.traps_air === true}
                                onChange={(on) => set({ traps_air: on }, true)}
                            />
                            <Check
                                label={words.takesNoFlame}
                                on={one.heat_tolerant === false}
                                onChange={(on) => set({ heat_tolerant: !on }, true)}
                            />
                            {one.heat_tolerant === false && (
                                <Check
                                    label={words.laidOnAfterTheLastHeat}
                                    on={one.after_heat === true}
                                    onChange={(on) => set({ after_heat: on }, true)}
                                />
                            )}
                            <Check
                                label={words.setOnTop}
                                on={one.on_top === true}
                                onChange={(on) => set({ on_top: on }, true)}
                            />
                        </div>
                    </div>
                )
            })}
            {draft.sentences['coat.inclusions'] !== undefined && (
                <p className="text-sm font-semibold text-danger">{draft.sentences['coat.inclusions']}</p>
            )}
            <Button onClick={() => put([...list, { name: words.thingAdded, count: 1, size_mm: 5 }], true)}>
                <PlusIcon size={18} /> {words.thing}
            </Button>
        </fieldset>
    )
}
