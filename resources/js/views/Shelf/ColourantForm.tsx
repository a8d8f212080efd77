import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Check, Choice, Switch } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { fieldNumber } from '../../lib/format'
import { useAttempt } from '../../lib/attempt'
import { ask } from '../../lib/http'
import { choices } from '../../lib/words'
import { emptied, KeepForm, KeepRow, sendSupply, useKeeping, useTypedFields } from './keeping'
import type { Counts, ShelfSupply } from './types'
import * as words from '@words/shelf'

const FORMS = choices({
    paste: words.paste,
    ink: words.ink,
    tint: words.tint,
    dye: words.dye,
    powder: words.powder,
    glitter: words.glitter,
    flakes: words.flakes,
    sand: words.grains,
    oil: words.oil,
    thinner: words.thinner,
    additive: words.additive,
})

const FINISHES = choices({ opaque: words.opaque, translucent: words.translucent, metallic: words.metallic })

const BURNS = choices({ yes: words.yes, no: words.no, unknown: words.unknown })

/** One colourant, thinner or filler as its label has it; its drops and dips weighed, not guessed. */
export function ColourantForm({
    supply,
    counts,
    onKept,
}: {
    supply: ShelfSupply | null
    counts: Counts
    onKept: (supply: ShelfSupply) => void
}): ReactNode {
    const sheet = supply?.sheet ?? {}
    const number = (key: string): string => fieldNumber(sheet[key] as number | undefined)
    const { typed, put, field } = useTypedFields({
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
    const { sentences: refused, busy, attempt } = useAttempt()
    const takeAs = async (key: 'drop_ml' | 'dip_ml'): Promise<void> => {
        const one = await attempt(() =>
            ask<{ ml: number }>('POST', '/shelf/colourants/one', {
                twenty_g: twenty,
                density_g_ml: typed.density_g_ml,
            }),
        )
        if (one !== null) put(key, fieldNumber(one.ml))
    }
    const notSaid = { placeholder: words.notSaid }
    return (
        <KeepForm keeping={keeping}>
            <div className="grid items-end gap-x-6 gap-y-3 sm:grid-cols-[1fr_10rem_auto]">
                {field(keeping, 'name', words.nameOnTheBottle, { large: true })}
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
                    options={FINISHES}
                    onChange={(value) => put('finish', value)}
                />
                <Switch
                    label={words.solventInItFlammable}
                    value={typed.flammable || (supply?.flammable ?? 'unknown')}
                    options={BURNS}
                    onChange={(value) => put('flammable', value)}
                />
                <Check label={words.watery} on={watery} onChange={setWatery} />
            </div>
            <p className="text-sm text-soft">{words.unknownCountsAsFlammableNoFlameOver}</p>
            <div className="grid grid-cols-2 gap-x-6 gap-y-3 sm:grid-cols-5">
                {field(keeping, 'density_g_ml', words.density, {
                    unit: 'g/ml',
                    placeholder: fieldNumber(counts.density_g_ml),
                })}
                {field(keeping, 'limit_pct', words.atMostByItsLabel, { unit: '%', ...notSaid })}
                {field(keeping, 'drop_ml', words.oneDrop, { unit: 'ml', placeholder: fieldNumber(counts.drop_ml) })}
                {field(keeping, 'dip_ml', words.oneDip, { unit: 'ml', placeholder: fieldNumber(counts.dip_ml) })}
                {field(keeping, 'scoop_ml', words.oneScoop, { unit: 'ml', ...notSaid })}
            </div>
            <div className="flex flex-wrap items-end gap-4">
                <Field
                    label={words.twentyOfThemWeigh}
                    value={twenty}
                    unit="g"
                    inputMode="decimal"
                    onChange={setTwenty}
                    sentence={refused.twenty_g ?? refused.density_g_ml ?? refused.form}
                    className="w-40"
                />
                <Button disabled={busy || twenty.trim() === ''} onClick={() => void takeAs('drop_ml')}>
                    {words.takeItAsOneDrop}
                </Button>
                <Button disabled={busy || twenty.trim() === ''} onClick={() => void takeAs('dip_ml')}>
                    {words.takeItAsOneDip}
                </Button>
            </div>
            <div className="grid grid-cols-3 gap-x-6">
                {field(keeping, 'left_ml', words.leftOfIt, { unit: 'ml', ...notSaid })}
                {field(keeping, 'price', words.paidForIt, { unit: '', ...notSaid })}
                {field(keeping, 'best_before', words.goodUntil, { placeholder: words.suchAsADate })}
            </div>
            <KeepRow supply={supply} keeping={keeping} />
        </KeepForm>
    )
}
