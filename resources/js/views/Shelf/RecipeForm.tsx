import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Choice } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { Remove } from '../../controls/Remove'
import { DOSE_UNITS, doseUnitOf } from '../../lib/doses'
import { fieldNumber } from '../../lib/format'
import type { DoseUnit } from '../../types/mixing'
import { KeepForm, KeepRow, sendSupply, useKeeping } from './keeping'
import type { ShelfSupply } from './types'
import * as words from '@words/shelf'

interface Row {
    colourant: string
    unit: DoseUnit
    amount: string
}

/** Colourants for so much mixed resin. */
export function RecipeForm(props: {
    supply: ShelfSupply | null
    colourants: ShelfSupply[]
    onKept: (supply: ShelfSupply) => void
}): ReactNode {
    const { supply, colourants } = props
    const [name, setName] = useState(supply?.name ?? '')
    const [perMl, setPerMl] = useState(fieldNumber(supply?.sheet.per_ml ?? 100))
    const [rows, setRows] = useState<Row[]>(() =>
        (supply?.sheet.doses ?? []).map((dose) => {
            const unit = doseUnitOf(dose)
            return { colourant: dose.colourant, unit, amount: fieldNumber(dose[unit]) }
        }),
    )
    const keeping = useKeeping(async (over) => {
        const doses = rows.map((row) => ({ colourant: row.colourant, [row.unit]: row.amount }))
        props.onKept(await sendSupply('recipes', supply, { name, per_ml: perMl, doses }, over))
    })
    const { sentences } = keeping
    const put = (at: number, change: Partial<Row>): void =>
        setRows((before) => before.map((row, index) => (index === at ? { ...row, ...change } : row)))
    return (
        <KeepForm keeping={keeping}>
            <div className="grid grid-cols-[1fr_9rem] gap-6">
                <Field label={words.name} value={name} onChange={setName} sentence={sentences.name} large />
                <Field
                    label={words.forMixedResin}
                    value={perMl}
                    unit="ml"
                    inputMode="decimal"
                    onChange={setPerMl}
                    sentence={sentences.per_ml}
                    large
                />
            </div>
            {rows.map((row, at) => (
                <div key={at} className="grid grid-cols-[1fr_6rem_7rem_auto] items-end gap-4">
                    <Choice
                        label={words.colourant}
                        value={row.colourant}
                        options={colourants.map((one) => ({ value: one.key, label: one.name }))}
                        onChange={(colourant) => put(at, { colourant })}
                        sentence={sentences[`doses.${at}.colourant`] ?? sentences[`doses.${at}`]}
                    />
                    <Field
                        label={words.amount}
                        value={row.amount}
                        inputMode="decimal"
                        onChange={(amount) => put(at, { amount })}
                        sentence={sentences[`doses.${at}.${row.unit}`]}
                    />
                    <Choice
                        label={words.countedIn}
                        value={row.unit}
                        options={DOSE_UNITS}
                        onChange={(unit) => put(at, { unit: unit as DoseUnit })}
                    />
                    <Remove
                        label={words.takeItOut}
                        onPress={() => setRows((before) => before.filter((_, index) => index !== at))}
                    />
                </div>
            ))}
            {colourants.length > 0 && (
                <Button
                    onClick={() =>
                        setRows((before) => [
                            ...before,
                            { colourant: colourants[0]?.key ?? '', unit: 'drops', amount: '1' },
                        ])
                    }
                >
                    {words.addAColourant}
                </Button>
            )}
            <KeepRow supply={supply} keeping={keeping} />
        </KeepForm>
    )
}
