import { router } from '@inertiajs/react'
import { useEffect, useState, type ReactNode } from 'react'
import { Choice, Switch } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { Sheet } from '../../controls/Sheet'
import { ask } from '../../lib/http'
import { attempted } from '../../lib/attempt'
import { useLatest } from '../../lib/latest'
import { useUnits } from '../../lib/pages'
import { useSending } from '../../lib/sending'
import type { Sentences } from '../../types/page'
import { LabelWords } from './LabelWords'
import {
    beginLabel,
    LENGTHS,
    LIMITS,
    MIXING,
    OTHER_TIME,
    PACKS,
    sheetOf,
    TIMES,
    type TypedLabel,
    type WorkingIn,
} from './resinFields'
import type { ShelfResin } from './types'
import { KeepResin } from './KeepResin'
import { LabelBeside, type Checked } from './LabelBeside'
import { Ratio } from './Ratio'
import * as texts from '@words/shelf'

interface Props {
    open: boolean
    resin: ShelfResin | null
    /** A new sheet that begins as this one. */
    copy: boolean
    onClose: () => void
}

/** One label, typed with the bottle or its photo at hand. What it does not say is left empty. */
export function ResinForm(props: Props): ReactNode {
    const title =
        props.resin === null ? texts.aSheetFromItsLabel : props.copy ? texts.like(props.resin.name) : props.resin.name
    return (
        <Sheet open={props.open} onClose={props.onClose} title={title} full>
            <Form key={`${props.resin?.id ?? 'new'} ${props.copy}`} {...props} />
        </Sheet>
    )
}

function Form({ resin, copy, onClose }: Props): ReactNode {
    const units = useUnits()
    const [typed, setTyped] = useState<TypedLabel>(() => beginLabel(resin, copy, units))
    const [words, setWords] = useState(resin?.sheet.label_words ?? [])
    const [checked, setChecked] = useState<Checked | null>(null)
    const [faults, setFaults] = useState<Sentences>({})
    const { sending, sentences, options } = useSending()
    const shown = { ...faults, ...sentences }
    const check = useLatest(async (question: unknown) => {
        const said = await attempted(() => ask<Checked>('POST', '/shelf/check', question))
        if (said.done) setChecked(said.value)
        // what is missing yet is no fault
        const faults = said.done
            ? []
            : Object.entries(said.sentences).filter(([field]) => said.codes[field] !== 'plan.missing')
        if (said.done || !said.isUnreachable) setFaults(Object.fromEntries(faults))
    })
    const [workingIn, setWorkingIn] = useState<WorkingIn>('open_min')
    const put = (key: string, value: string): void => setTyped((before) => ({ ...before, [key]: value }))
    useEffect(() => check(sheetOf(typed, words, true)), [typed, words, check])
    const usual = (key: string): string => {
        const typical = checked?.typical[key]
        return typical === undefined ? texts.notSaid : texts.isUsual(typical)
    }
    const fields = (list: [string, string, string][]): ReactNode =>
        list.map(([key, label, unit]) => (
            <Field
                key={key}
                label={label}
                value={typed[key] ?? ''}
                unit={LENGTHS.includes(key) && units === 'imperial' ? 'in' : unit}
                sentence={shown[key]}
                placeholder={usual(key)}
                onChange={(value) => put(key, value)}
            />
        ))
    const keep = (read = resin?.read): void => {
        const sheet = sheetOf(typed, words, resin === null || copy)
        const follow = { ...options, onSuccess: onClose }
        if (resin === null || copy) router.post('/shelf/resins', sheet as never, follow)
        else router.put(`/shelf/resins/${resin.id}`, { ...sheet, read } as never, follow)
    }
    return (
        <form
            className="grid min-h-0 flex-1 gap-x-8 gap-y-4 overflow-auto lg:grid-cols-[1fr_21rem] lg:grid-rows-[1fr_auto] lg:overflow-visible"
            onSubmit={(event) => {
                event.preventDefault()
                keep()
            }}
        >
            <div className="space-y-5 pr-2 lg:row-span-2 lg:min-h-0 lg:overflow-auto">
                <div className="grid items-end gap-x-6 gap-y-3 sm:grid-cols-[1fr_auto_auto]">
                    <Field
                        label={texts.nameOnTheLabel}
                        value={typed.name ?? ''}
                        onChange={(value) => put('name', value)}
                        sentence={shown.name}
                        large
                    />
                    <Choice
                        label={texts.whatItIsFor}
                        value={typed.family ?? 'coating'}
                        options={[
                            { value: 'coating', label: texts.coating },
                            { value: 'casting', label: texts.castingDeep },
                            { value: 'fast', label: texts.fastThinFilms },
                            { value: 'dome', label: texts.domingThick },
                            { value: 'polyester', label: texts.polyester },
                        ]}
                        onChange={(value) => put('family', value)}
                    />
                    <Switch
                        label={texts.whichPartGoesInFirst}
                        value={typed.pour_first ?? 'a'}
                        options={[
                            { value: 'a', label: 'A' },
                            { value: 'b', label: 'B' },
                        ]}
                        onChange={(value) => put('pour_first', value)}
                    />
                </div>
                <Ratio typed={typed} sentences={shown} put={put} />
                <div className="grid items-end gap-x-6 gap-y-3 sm:grid-cols-[13.5rem_auto]">
                    <Field
                        label={texts.workingTimeOnTheLabel}
                        value={typed[workingIn] ?? ''}
                        unit="min"
                        placeholder="30 min"
                        sentence={shown[workingIn] ?? shown.open_min}
                        onChange={(value) => put(workingIn, value)}
                        large
                    />
                    <Switch
                        label={texts.thatIsHowLongItCanBeUsed}
                        value={workingIn}
                        options={[
                            { value: 'open_min', label: texts.spreadOut },
                            { value: 'pot_life_min', label: texts.inItsCup },
                        ]}
                        onChange={(value) => {
                            const next = value as WorkingIn
                            setTyped((before) => ({ ...before, [next]: before[workingIn] ?? '', [workingIn]: '' }))
                            setWorkingIn(next)
                        }}
                    />
                </div>
                <p className="text-soft">{texts.thatIsEnoughToBeginTheRestAsFarAsThe}</p>
                <Group title={texts.mixing}>{fields(MIXING)}</Group>
                <Group
                    title={texts.timesAllAt(
                        typed.reference_c === ''
                            ? texts.theLabelsTemperature
                            : `${typed.reference_c ?? ''} ${units === 'metric' ? '°C' : '°F'}`,
                    )}
                >
                    <Field
                        label={texts.temperatureTheyAreFor}
                        value={typed.reference_c ?? ''}
                        unit={units === 'metric' ? '°C' : '°F'}
                        placeholder={usual('reference_c')}
                        sentence={shown.reference_c}
                        onChange={(value) => setTyped((before) => ({ ...before, reference_c: value }))}
                    />
                    <Field
                        label={texts.thicknessIsFor}
                        value={typed.viscosity_at_c ?? ''}
                        unit={units === 'metric' ? '°C' : '°F'}
                        placeholder={usual('viscosity_at_c')}
                        sentence={shown.viscosity_at_c}
                        onChange={(value) => put('viscosity_at_c', value)}
                    />
                    {fields([OTHER_TIME[workingIn], ...TIMES])}
                </Group>
                <LabelWords
                    words={words}
                    onChange={(next, stage, hours) => {
                        setWords(next)
                        if (stage !== undefined && hours !== undefined) put(stage, hours)
                    }}
                />
                <Group title={texts.limits}>{fields(LIMITS)}</Group>
                <Field
                    label={texts.packsItIsSoldInBothPartsTogether}
                    value={typed[PACKS] ?? ''}
                    unit={units === 'metric' ? 'ml' : 'fl oz'}
                    hint={texts.suchAs7501500Or1Gal}
                    sentence={shown[PACKS]}
                    onChange={(value) => put(PACKS, value)}
                />
            </div>
            <LabelBeside checked={checked} />
            <KeepResin
                resin={copy ? null : resin}
                sending={sending}
                sentences={sentences}
                onMine={(version) => keep({ resin: version })}
                onAway={() =>
                    resin !== null && router.delete(`/shelf/resins/${resin.id}`, { ...options, onSuccess: onClose })
                }
            />
        </form>
    )
}

function Group({ title, children }: { title: string; children: ReactNode }): ReactNode {
    return (
        <fieldset>
            <legend className="w-full border-b ruled pb-0.5 font-bold">{title}</legend>
            <div className="mt-2 grid grid-cols-2 gap-x-6 gap-y-3 md:grid-cols-4">{children}</div>
        </fieldset>
    )
}
