import type { Read } from '../../lib/http'
import { Head, Link, router } from '@inertiajs/react'
import { UploadSimpleIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Choice, Switch } from '../../controls/Choice'
import { StaleStrip } from '../../controls/StaleStrip'
import { Field } from '../../controls/Field'
import { fieldNumber, fieldSlope, fieldTemperature } from '../../lib/format'
import { changeUnits, useUnits } from '../../lib/pages'
import { useSending } from '../../lib/sending'
import { choices, TOOLS } from '../../lib/words'
import type { RoomInForce } from '../../types/answer'
import type { RoomSpec } from '../../types/plan'

import { PlanFiles, type PlanFileRow } from './PlanFiles'
import { FileChoice } from '../../controls/FileChoice'
import * as texts from '@words/studio'

export interface Props {
    name: string
    room: RoomSpec
    read: Read
    in_force: RoomInForce
    plans: PlanFileRow[]
}

/** The studio: its name, its usual room, its files. */
export default function Studio({ name, room, read, in_force: inForce, plans }: Props): ReactNode {
    const units = useUnits()
    const [typedName, setTypedName] = useState(name)
    const [typed, setTyped] = useState<Record<string, string | null>>({})
    const { sending, sentences, setSentences, options } = useSending()
    const save = (known: Read = read): void =>
        router.put('/studio', { name: typedName, studio: typed, read: known } as never, {
            ...options,
            onSuccess: () => {
                setSentences({})
                setTyped({})
            },
        })
    const [chosen, setChosen] = useState<File | null>(null)
    const bringIn = (file: File | undefined, again = false): void => {
        if (file === undefined) return
        setChosen(file)
        setSentences({})
        router.post('/plans', { file, ...(again ? { again: '1' } : {}) }, { forceFormData: true, ...options })
    }
    const field = (key: string, label: string, saved: string, unit: string, assumed: string): ReactNode => (
        <Field
            label={label}
            value={typed[key] ?? saved}
            unit={unit}
            inputMode="decimal"
            placeholder={assumed}
            sentence={sentences[`studio.${key}`]}
            onChange={(value) => setTyped((before) => ({ ...before, [key]: value }))}
        />
    )
    return (
        <div className="mx-auto grid w-full max-w-5xl flex-1 content-start gap-x-16 gap-y-10 px-4 py-6 sm:px-8 lg:grid-cols-2">
            <Head title={texts.studio} />
            <h1 className="figure text-4xl lg:col-span-2">{texts.studio}</h1>
            <form
                className="space-y-5"
                onSubmit={(event) => {
                    event.preventDefault()
                    save()
                }}
            >
                {sentences.stale !== undefined && (
                    <StaleStrip sentence={sentences.form} onMine={() => save({ plan: Number(sentences.stale) })} />
                )}
                <Field label={texts.name} value={typedName} onChange={setTypedName} sentence={sentences.name} large />
                <div className="grid grid-cols-2 gap-6">
                    {field(
                        'temperature_c',
                        texts.room,
                        fieldTemperature(room.temperature_c, units),
                        units === 'metric' ? '°C' : '°F',
                        '',
                    )}
                    {field(
                        'humidity_pct',
                        texts.humidity,
                        fieldNumber(room.humidity_pct),
                        '%',
                        fieldNumber(inForce.humidity_pct),
                    )}
                    {field(
                        'slope_mm_per_m',
                        texts.benchOffLevel,
                        fieldSlope(room.slope_mm_per_m, units),
                        units === 'metric' ? 'mm/m' : 'in/ft',
                        fieldSlope(inForce.slope_mm_per_m, units),
                    )}
                    {field(
                        'margin_pct',
                        texts.margin,
                        fieldNumber(room.margin_pct),
                        '%',
                        fieldNumber(inForce.margin_pct),
                    )}
                    {field(
                        'spread_min',
                        texts.untilItIsSpread,
                        fieldNumber(room.spread_min),
                        'min',
                        fieldNumber(inForce.spread_min),
                    )}
                    {field(
                        'second_torch_min',
                        texts.betweenHeatPasses,
                        fieldNumber(room.second_torch_min),
                        'min',
                        fieldNumber(inForce.second_torch_min),
                    )}
                </div>
                <div className="grid grid-cols-2 items-end gap-6">
                    <Choice
                        label={texts.heatByHabit}
                        value={(typed.heat_tool === undefined ? room.heat_tool : typed.heat_tool) ?? ''}
                        options={[{ value: '', label: texts.asTheRulesSay }, ...choices(TOOLS)]}
                        onChange={(value) =>
                            setTyped((before) => ({ ...before, heat_tool: value === '' ? null : value }))
                        }
                    />
                    {field(
                        'look_every_min',
                        texts.lookEvery,
                        fieldNumber(room.look_every_min),
                        'min',
                        texts.onceAtTheEnd,
                    )}
                </div>
                <p className="text-sm text-soft">{texts.heatRulesStillForbid}</p>
                <Switch
                    label={texts.howYouMeasure}
                    value={typed.measure_by ?? room.measure_by ?? ''}
                    options={[
                        { value: 'scale', label: texts.byWeight },
                        { value: 'cups', label: texts.byTheMarksOfCups },
                    ]}
                    onChange={(value) => setTyped((before) => ({ ...before, measure_by: value }))}
                />
                <Switch
                    label={texts.unitsForYouOnThisDevice}
                    value={units}
                    options={[
                        { value: 'metric', label: 'mm, ml, °C' },
                        { value: 'imperial', label: texts.inFlOzDegF },
                    ]}
                    onChange={(value) => changeUnits(value === 'imperial' ? 'imperial' : 'metric')}
                />
                <Button look="next" type="submit" disabled={sending} className="min-w-36">
                    {texts.save}
                </Button>
            </form>
            <section>
                <h2 className="border-b-2 border-ink pb-1 text-2xl font-bold">{texts.planFiles}</h2>
                <p className="mt-2">{texts.aPlanOutlivesTheProgramItIsOneOpenJSON}</p>
                <PlanFiles plans={plans} />
                <FileChoice
                    accept=".json,application/json"
                    onFile={bringIn}
                    className="mt-4 flex min-h-14 items-center gap-3 rounded border border-dashed border-line bg-sheet px-4"
                >
                    <UploadSimpleIcon size={22} /> {texts.bringInAPlanFile}
                </FileChoice>
                <p role="status" className="mt-2 font-semibold break-words text-danger">
                    {sentences.file ?? sentences.photo ?? ''}
                </p>
                {sentences.known !== undefined && chosen !== null && (
                    <Button onClick={() => bringIn(chosen, true)}>{texts.bringItInOnceMoreAllTheSame}</Button>
                )}
                <p className="mt-6 text-sm">
                    <Link href="/swatches" className="underline underline-offset-4">
                        {texts.coloursTypeAndSignsOfThisProgram}
                    </Link>
                </p>
            </section>
        </div>
    )
}
