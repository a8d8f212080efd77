import { PlusIcon, TrashIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Check, Choice } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { fieldLength, fieldNumber, fieldSize, fieldVolume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { LAYINGS, SURFACES } from '../../lib/words'
import type { InclusionSpec, PartSpec, Units, ZoneSpec } from '../../types'
import { entryOf } from './entries'
import type { useCoatDraft } from './useCoatDraft'

type Loose = Record<string, unknown>

/** What else a coat can be: how it is laid, a part of the face, colours wet on wet, things in it, what it lies on. */
export function MoreFields({ draft, isNext }: { draft: ReturnType<typeof useCoatDraft>; isNext: boolean }): ReactNode {
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
                label="Laid"
                value={at<string>('laying') ?? 'centre'}
                options={LAYINGS}
                onChange={(value) => keep('laying', value)}
                sentence={draft.sentences['coat.laying']}
            />
            <ZonePart draft={draft} zone={at<ZoneSpec>('zone') ?? null} units={units} small={small} />
            <PartsPart draft={draft} parts={at<PartSpec[]>('parts') ?? []} />
            <InclusionsPart
                draft={draft}
                inclusions={at<InclusionSpec[]>('inclusions') ?? []}
                units={units}
                small={small}
            />
            <div className="grid grid-cols-2 gap-4">
                {entry('coat', 'texture', 'Texture (1 is flat)', fieldNumber(spec.texture), '', '1')}
                {entry('coat', 'relief_mm', 'Relief below', fieldLength(spec.relief_mm, units), small, 'none')}
            </div>
            <Field
                label="Dry media before it"
                value={at<string>('dry_media') ?? ''}
                placeholder="such as brass mica, brushed in"
                onChange={(value) => draft.change({ coat: { dry_media: value === '' ? null : value } })}
                onDone={() => draft.keep()}
                sentence={draft.sentences['coat.dry_media']}
            />
            <div className="space-y-1">
                <Check
                    label="Underside taped"
                    on={at<boolean>('tape_underside') ?? false}
                    onChange={(on) => keep('tape_underside', on)}
                />
                {isNext && (
                    <>
                        <Check
                            label="Turned or demoulded first"
                            on={at<boolean>('turn_first') ?? false}
                            onChange={(on) => keep('turn_first', on)}
                        />
                        <Check
                            label="Oil in the coat below"
                            on={at<boolean>('after_oil') ?? false}
                            onChange={(on) => keep('after_oil', on)}
                        />
                        <Check
                            label="Over a hard film: wiped, not sanded"
                            on={at<string>('over_hard') === 'wipe'}
                            onChange={(on) => keep('over_hard', on ? 'wipe' : 'sand')}
                        />
                    </>
                )}
            </div>
        </div>
    )
}

function ZonePart(props: {
    draft: ReturnType<typeof useCoatDraft>
    zone: ZoneSpec | null
    units: Units
    small: string
}): ReactNode {
    const { draft, units } = props
    const zone = props.zone as Loose | null
    const kind =
        zone === null ? 'whole' : zone.share_pct !== undefined && zone.share_pct !== null ? 'share' : String(zone.shape)
    const set = (change: Loose, done = false): void =>
        done
            ? draft.keep({ coat: { zone: { ...zone, ...change } } })
            : draft.change({ coat: { zone: { ...zone, ...change } } })
    const choose = (to: string): void =>
        draft.keep({
            coat: {
                zone:
                    to === 'whole'
                        ? null
                        : to === 'share'
                          ? {
                                share_pct: 50,
                                shape: null,
                                width_mm: null,
                                height_mm: null,
                                diameter_mm: null,
                                x_mm: null,
                                y_mm: null,
                            }
                          : {
                                share_pct: null,
                                shape: to,
                                x_mm: 0,
                                y_mm: 0,
                                ...(to === 'circle'
                                    ? { diameter_mm: 50, width_mm: null, height_mm: null }
                                    : { width_mm: 50, height_mm: 50, diameter_mm: null }),
                            },
            },
        })
    const lengthOf = (field: string, label: string): ReactNode => (
        <Field
            key={field}
            label={label}
            unit={props.small}
            value={
                typeof zone?.[field] === 'string'
                    ? String(zone[field])
                    : fieldLength(zone?.[field] as number | undefined, units)
            }
            sentence={draft.sentences[`coat.zone.${field}`]}
            onChange={(value) => set({ [field]: value })}
            onDone={() => draft.keep()}
        />
    )
    return (
        <fieldset className="space-y-2">
            <Choice
                label="Covers"
                value={kind}
                options={[
                    { value: 'whole', label: 'The whole face' },
                    { value: 'share', label: 'A share of it' },
                    { value: 'rectangle', label: 'A band or rectangle' },
                    { value: 'circle', label: 'A round' },
                    { value: 'ellipse', label: 'An oval' },
                    ...(kind === 'path' || kind === 'polygon' || kind === 'ring'
                        ? [{ value: kind, label: 'Its own outline' }]
                        : []),
                ]}
                sentence={draft.sentences['coat.zone']}
                onChange={choose}
            />
            {kind === 'share' && (
                <Field
                    label="Share of the face"
                    unit="%"
                    value={String(zone?.share_pct ?? '')}
                    sentence={draft.sentences['coat.zone.share_pct']}
                    onChange={(value) => set({ share_pct: value })}
                    onDone={() => draft.keep()}
                />
            )}
            {(kind === 'rectangle' || kind === 'circle' || kind === 'ellipse') && (
                <div className="grid grid-cols-2 gap-3">
                    {kind === 'circle'
                        ? lengthOf('diameter_mm', 'Diameter')
                        : [lengthOf('width_mm', 'Width'), lengthOf('height_mm', 'Height')]}
                    {lengthOf('x_mm', 'From the left')}
                    {lengthOf('y_mm', 'From the top')}
                </div>
            )}
            {zone !== null && (
                <div className="grid grid-cols-2 gap-3">
                    <Field
                        label="Its name"
                        value={String(zone.name ?? '')}
                        placeholder="such as sea"
                        onChange={(name) => set({ name: name === '' ? null : name })}
                        onDone={() => draft.keep()}
                    />
                    <Choice
                        label="Surface below"
                        value={String(zone.surface ?? '')}
                        options={[{ value: '', label: 'As the piece' }, ...SURFACES]}
                        onChange={(surface) => set({ surface: surface === '' ? null : surface }, true)}
                    />
                </div>
            )}
        </fieldset>
    )
}

function PartsPart({ draft, parts }: { draft: ReturnType<typeof useCoatDraft>; parts: PartSpec[] }): ReactNode {
    const put = (list: Loose[], done: boolean): void =>
        done
            ? draft.keep({ coat: { parts: list.length === 0 ? null : list } })
            : draft.change({ coat: { parts: list } })
    const list = parts as Loose[]
    const change = (index: number, part: Loose, done = false): void =>
        put(
            list.map((one, at) => (at === index ? { ...one, ...part } : one)),
            done,
        )
    return (
        <fieldset className="space-y-2">
            <legend className="text-sm text-soft">Laid wet on wet, in this order</legend>
            {list.map((part, index) => (
                <div key={index} className="grid grid-cols-[1fr_4.5rem_2.75rem] items-end gap-2">
                    <Field
                        label={`Colour ${index + 1}`}
                        value={String(part.colour ?? '')}
                        onChange={(colour) => change(index, { colour })}
                        onDone={() => draft.keep()}
                    />
                    <Field
                        label="Share"
                        unit="%"
                        value={String(part.share_pct ?? '')}
                        sentence={draft.sentences[`coat.parts.${index}.share_pct`]}
                        onChange={(share_pct) => change(index, { share_pct })}
                        onDone={() => draft.keep()}
                    />
                    <Remove
                        label={`Leave out colour ${index + 1}`}
                        onPress={() =>
                            put(
                                list.filter((_, at) => at !== index),
                                true,
                            )
                        }
                    />
                </div>
            ))}
            {draft.sentences['coat.parts'] !== undefined && (
                <p className="text-sm font-semibold text-danger">{draft.sentences['coat.parts']}</p>
            )}
            <Button
                onClick={() =>
                    put(
                        list.length === 0
                            ? [
                                  { colour: 'clear', share_pct: 50 },
                                  { colour: '', share_pct: 50 },
                              ].map((one) => ({ ...one, colour: one.colour || 'colour' }))
                            : [...list, { colour: 'colour', share_pct: 0.1 }],
                        list.length === 0,
                    )
                }
            >
                <PlusIcon size={18} /> Colour
            </Button>
        </fieldset>
    )
}

const MEASURES: { value: 'size_mm' | 'volume_ml' | 'bulk_ml'; label: string }[] = [
    { value: 'size_mm', label: 'By size' },
    { value: 'volume_ml', label: 'By volume' },
    { value: 'bulk_ml', label: 'Bulk fill' },
]

function InclusionsPart(props: {
    draft: ReturnType<typeof useCoatDraft>
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
            <legend className="text-sm text-soft">Things in it</legend>
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
                                label="Thing"
                                value={String(one.name ?? '')}
                                onChange={(name) => set({ name: name === '' ? null : name })}
                                onDone={() => draft.keep()}
                            />
                            <Field
                                label="Count"
                                value={String(one.count ?? 1)}
                                onChange={(count) => set({ count })}
                                onDone={() => draft.keep()}
                                sentence={sentence('count')}
                            />
                            <Remove
                                label={`Leave out ${String(one.name ?? 'this')}`}
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
                                label="Measured"
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
                                label={by === 'size_mm' ? 'Ball ⌀, ⌀ × h, l × w × h' : 'Amount'}
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
                            <Field
                                label="Above the floor"
                                unit={small}
                                value={
                                    typeof one.bottom_mm === 'string'
                                        ? one.bottom_mm
                                        : fieldLength(one.bottom_mm as number | undefined, units)
                                }
                                placeholder="0"
                                sentence={sentence('bottom_mm')}
                                onChange={(bottom_mm) => set({ bottom_mm })}
                                onDone={() => draft.keep()}
                            />
                            <Field
                                label="Height"
                                unit={small}
                                value={
                                    typeof one.height_mm === 'string'
                                        ? one.height_mm
                                        : fieldLength(one.height_mm as number | undefined, units)
                                }
                                placeholder="its own"
                                sentence={sentence('height_mm')}
                                onChange={(height_mm) => set({ height_mm })}
                                onDone={() => draft.keep()}
                            />
                        </div>
                        <div className="grid grid-cols-2">
                            <Check
                                label="Floats"
                                on={one.floats === true}
                                onChange={(on) => set({ floats: on }, true)}
                            />
                            <Check
                                label="Drinks"
                                on={one.drinks === true}
                                onChange={(on) => set({ drinks: on }, true)}
                            />
                            <Check
                                label="Traps air"
                                on={one.traps_air === true}
                                onChange={(on) => set({ traps_air: on }, true)}
                            />
                            <Check
                                label="Takes no flame"
                                on={one.heat_tolerant === false}
                                onChange={(on) => set({ heat_tolerant: !on }, true)}
                            />
                            <Check
                                label="Set on top"
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
            <Button onClick={() => put([...list, { name: 'thing', count: 1, size_mm: 5 }], true)}>
                <PlusIcon size={18} /> Thing
            </Button>
        </fieldset>
    )
}

function Remove({ label, onPress }: { label: string; onPress: () => void }): ReactNode {
    return (
        <button
            type="button"
            aria-label={label}
            onClick={onPress}
            className="grid size-11 place-items-center rounded hover:bg-recess"
        >
            <TrashIcon size={18} />
        </button>
    )
}
