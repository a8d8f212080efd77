import { choices } from '../../lib/words'
import { useState, type ReactNode } from 'react'
import { Choice } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { fieldLength, fieldNumber } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { emptied, KeepRow, sendSupply, useKeeping } from './keeping'
import type { ShelfSupply } from './types'
import * as words from '@words/shelf'

export const MATERIALS = choices({
    '': words.notSaidYet,
    silicone: words.siliconeFlexible,
    plastic: words.plastic,
    paper: words.paper,
    glass: words.glass,
    metal: words.metal,
})

export function VesselForm({
    supply,
    onKept,
}: {
    supply: ShelfSupply | null
    onKept: (supply: ShelfSupply) => void
}): ReactNode {
    const units = useUnits()
    const mm = (key: string): string => fieldLength(supply?.sheet[key] as number | undefined, units)
    const [typed, setTyped] = useState<Record<string, string>>({
        name: supply?.name ?? '',
        bottom_mm: mm('bottom_mm'),
        top_mm: mm('top_mm'),
        height_mm: mm('height_mm'),
        floor_radius_mm: mm('floor_radius_mm'),
        graduation_ml: fieldNumber(supply?.sheet.graduation_ml as number | undefined),
        weight_g: fieldNumber(supply?.sheet.weight_g as number | undefined),
        // of what is used once, those that are left
        have: fieldNumber(
            supply?.counted?.used_once === true ? supply.counted.free : (supply?.sheet.have as number | undefined),
        ),
        material: (supply?.sheet.material as string | undefined) ?? '',
    })
    const keeping = useKeeping(async (over) => onKept(await sendSupply('vessels', supply, emptied(typed), over)))
    const { sentences } = keeping
    const unit = units === 'metric' ? 'mm' : 'in'
    const field = (key: string, label: string, unitWord: string, hint = ''): ReactNode => (
        <Field
            label={label}
            value={typed[key] ?? ''}
            unit={unitWord}
            inputMode={unitWord === '' ? 'text' : 'decimal'}
            hint={hint}
            sentence={sentences[key]}
            onChange={(value) => setTyped((before) => ({ ...before, [key]: value }))}
        />
    )
    return (
        <form
            className="space-y-4"
            onSubmit={(event) => {
                event.preventDefault()
                keeping.keep()
            }}
        >
            {field('name', words.name, '')}
            <div className="grid grid-cols-2 gap-x-6 gap-y-4">
                {field('bottom_mm', words.acrossTheFloorInside, unit)}
                {field('top_mm', words.acrossTheBrimInside, unit)}
                {field('height_mm', words.heightInside, unit)}
                {field('floor_radius_mm', words.roundOfTheFloor, unit, words.halfOfItsWidthForHalfABallEmptyFlat)}
                {field('graduation_ml', words.betweenTwoMarks, 'ml', words.emptyItHasNone)}
                {field('weight_g', words.weighsEmpty, 'g')}
                {field('have', words.howManyOfIt, '', words.emptyAsManyAsNeeded)}
            </div>
            <Choice
                label={words.madeOf}
                value={typed.material ?? ''}
                options={MATERIALS}
                onChange={(material) => setTyped((before) => ({ ...before, material }))}
            />
            <KeepRow supply={supply} keeping={keeping} />
        </form>
    )
}
