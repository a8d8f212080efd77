import { choices } from '../../lib/words'
import type { ReactNode } from 'react'
import { Choice } from '../../controls/Choice'
import { fieldLength, fieldNumber } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { emptied, KeepForm, KeepRow, sendSupply, useKeeping, useTypedFields } from './keeping'
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
    const { typed, put, field } = useTypedFields({
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
    const unit = units === 'metric' ? 'mm' : 'in'
    return (
        <KeepForm keeping={keeping}>
            {field(keeping, 'name', words.name)}
            <div className="grid grid-cols-2 gap-x-6 gap-y-4">
                {field(keeping, 'bottom_mm', words.acrossTheFloorInside, { unit })}
                {field(keeping, 'top_mm', words.acrossTheBrimInside, { unit })}
                {field(keeping, 'height_mm', words.heightInside, { unit })}
                {field(keeping, 'floor_radius_mm', words.roundOfTheFloor, {
                    unit,
                    hint: words.halfOfItsWidthForHalfABallEmptyFlat,
                })}
                {field(keeping, 'graduation_ml', words.betweenTwoMarks, { unit: 'ml', hint: words.emptyItHasNone })}
                {field(keeping, 'weight_g', words.weighsEmpty, { unit: 'g' })}
                {field(keeping, 'have', words.howManyOfIt, { inputMode: 'numeric', hint: words.emptyAsManyAsNeeded })}
            </div>
            <Choice
                label={words.madeOf}
                value={typed.material ?? ''}
                options={MATERIALS}
                onChange={(material) => put('material', material)}
            />
            <KeepRow supply={supply} keeping={keeping} />
        </KeepForm>
    )
}
