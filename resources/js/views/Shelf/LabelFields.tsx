import type { ReactNode } from 'react'
import { Choice, Switch } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { useUnits } from '../../lib/pages'
import { LabelWords } from './LabelWords'
import { Ratio } from './Ratio'
import { LENGTHS, LIMITS, MIXING, OTHER_TIME, PACKS, TIMES, type WorkingIn } from './resinFields'
import type { Label } from './useLabel'
import * as texts from '@words/shelf'

/** What has to be known of a resin before it can be planned with. */
export function NeededFields({ label }: { label: Label }): ReactNode {
    const { typed, put, shown, workingIn } = label
    return (
        <>
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
                    onChange={(value) => label.workIn(value as WorkingIn)}
                />
            </div>
        </>
    )
}

/** The rest of a label, as far as it says it. */
export function OtherFields({ label }: { label: Label }): ReactNode {
    const { typed, put, shown, usual, words, setWords, workingIn } = label
    const units = useUnits()
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
    return (
        <>
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
                    onChange={(value) => put('reference_c', value)}
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
        </>
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
