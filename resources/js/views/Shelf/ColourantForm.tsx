import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Check, Choice, Switch } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { fieldNumber } from '../../lib/format'
import { emptied, KeepRow, sendSupply, useKeeping } from './keeping'
import type { ShelfSupply } from './types'
import * as words from '@words/shelf'

const FORMS = ['paste', 'ink', 'tint', 'dye', 'powder', 'glitter', 'flakes', 'sand', 'oil', 'thinner', 'additive'].map(
    (value) => ({
        value,
        label: value[0]?.toUpperCase() + value.slice(1),
    }),
)

/** One colourant, thinner or filler as its label has it; its drops and dips weighed, not guessed. */
export function ColourantForm({
    supply,
    onKept,
}: {
    supply: ShelfSupply | null
    onKept: (supply: ShelfSupply) => void
}): ReactNode {
    const sheet = supply?.sheet ?? {}
    const number = (key: string): string => fieldNumber(sheet[key] as number | undefined)
    const [typed, setTyped] = useState<Record<string, string>>({
        name: supply?.name ?? '',
        form: sheet.form ?? 'paste',
        finish: sheet.finish ?? 'opaque',
        colour: sheet.colour ?? '#7a6a52',
        flammable: sheet.flammable ?? '',
        density_g_ml: number('density_g_ml'),
        limit_pct: number('limit_pct'),
        drop_ml: number('drop_ml'),
        dip_ml: number('dip_ml'),
        scoop_ml: number('scoop_ml'),
        left_ml: number('left_ml'),
        price: number('price'),
        best_before: (sheet.best_before as string | undefined) ?? '',
    })
    const [watery, setWatery] = useState(sheet.watery === true)
    const [twenty, setTwenty] = useState('')
    const keeping = useKeeping(async (over) =>
        onKept(await sendSupply('colourants', supply, { ...emptied(typed), watery }, over)),
    )
    const { sentences } = keeping
    const put = (key: string, value: string): void => setTyped((before) => ({ ...before, [key]: value }))
    const field = (key: string, label: string, unit: string, placeholder = words.notSaid): ReactNode => (
        <Field
            label={label}
            value={typed[key] ?? ''}
            unit={unit}
            inputMode="decimal"
            placeholder={placeholder}
            sentence={sentences[key]}
            onChange={(value) => put(key, value)}
        />
    )
    const calibrated = Number(twenty.replace(',', '.')) / 20 / (Number(typed.density_g_ml) || 1)
    return (
        <form
            className="space-y-5"
            onSubmit={(event) => {
                event.preventDefault()
                keeping.keep()
            }}
        >
            <div className="grid items-end gap-x-6 gap-y-3 sm:grid-cols-[1fr_10rem_auto]">
                <Field
                    label={words.nameOnTheBottle}
                    value={typed.name ?? ''}
                    onChange={(value) => put('name', value)}
                    sentence={sentences.name}
                    large
                />
                <Choice
                    label={words.whatItIs}
                    value={typed.form ?? 'paste'}
                    options={FORMS}
                    onChange={(value) => put('form', value)}
                />
                <label className="text-sm text-soft">
                    {words.itsColour}
                    <input
                        type="color"
                        value={typed.colour}
                        onChange={(event) => put('colour', event.target.value)}
                        className="block h-11 w-20 cursor-pointer rounded border border-line bg-sheet"
                    />
                </label>
            </div>
            <div className="flex flex-wrap items-end gap-x-8 gap-y-3">
                <Switch
                    label={words.itIs}
                    value={typed.finish ?? 'opaque'}
                    options={[
                        { value: 'opaque', label: 'opaque' },
                        { value: 'translucent', label: 'translucent' },
                        { value: 'metallic', label: 'metallic' },
                    ]}
                    onChange={(value) => put('finish', value)}
                />
                <Switch
                    label={words.solventInItFlammable}
                    value={typed.flammable || (supply?.flammable ?? 'unknown')}
                    options={[
                        { value: 'yes', label: 'yes' },
                        { value: 'no', label: 'no' },
                        { value: 'unknown', label: 'unknown' },
                    ]}
                    onChange={(value) => put('flammable', value)}
                />
                <Check label={words.watery} on={watery} onChange={setWatery} />
            </div>
            <p className="text-sm text-soft">{words.unknownCountsAsFlammableNoFlameOver}</p>
            <div className="grid grid-cols-2 gap-x-6 gap-y-3 sm:grid-cols-5">
                {field('density_g_ml', words.density, 'g/ml', '1')}
                {field('limit_pct', words.atMostByItsLabel, '%')}
                {field('drop_ml', words.oneDrop, 'ml', '0.05')}
                {field('dip_ml', words.oneDip, 'ml', '0.01')}
                {field('scoop_ml', words.oneScoop, 'ml')}
            </div>
            <div className="flex flex-wrap items-end gap-4">
                <Field
                    label={words.twentyOfThemWeigh}
                    value={twenty}
                    unit="g"
                    inputMode="decimal"
                    onChange={setTwenty}
                    className="w-40"
                />
                <Button
                    disabled={!(calibrated > 0)}
                    onClick={() => put('drop_ml', String(Number(calibrated.toPrecision(3))))}
                >
                    {words.takeItAsOneDrop}
                </Button>
                <Button
                    disabled={!(calibrated > 0)}
                    onClick={() => put('dip_ml', String(Number(calibrated.toPrecision(3))))}
                >
                    {words.takeItAsOneDip}
                </Button>
            </div>
            <div className="grid grid-cols-3 gap-x-6">
                {field('left_ml', words.leftOfIt, 'ml')}
                {field('price', words.paidForIt, '')}
                <Field
                    label={words.goodUntil}
                    value={typed.best_before ?? ''}
                    placeholder="2027-01-31"
                    sentence={sentences.best_before}
                    onChange={(value) => put('best_before', value)}
                />
            </div>
            <KeepRow supply={supply} keeping={keeping} />
        </form>
    )
}
