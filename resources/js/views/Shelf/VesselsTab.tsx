import { choices } from '../../lib/words'
import { PlusIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Choice } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { Sheet } from '../../controls/Sheet'
import { VesselDrawing } from '../../drawings/VesselDrawing'
import { fieldLength, fieldNumber, joined, volume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { emptied, KeepRow, sendSupply, useKeeping } from './keeping'
import type { ShelfSupply } from './types'
import * as words from '@words/shelf'

interface Props {
    vessels: ShelfSupply[]
    onPut: (supply: ShelfSupply) => void
}

const MATERIALS = choices({
    '': words.notSaid2,
    silicone: words.siliconeFlexible,
    plastic: words.plastic,
    paper: words.paper,
    glass: words.glass,
    metal: words.metal,
})

/** Cups, jugs and dishes, cut open and to one scale. */
export function VesselsTab({ vessels, onPut }: Props): ReactNode {
    const units = useUnits()
    const [open, setOpen] = useState<ShelfSupply | 'new' | null>(null)
    const tallest = Math.max(80, ...vessels.map((one) => one.vessel?.height_mm ?? 0))
    const scale = Math.min(1, 190 / tallest)
    return (
        <div className="py-5">
            <ul className="flex flex-wrap items-end gap-x-10 gap-y-6">
                {vessels.map((one) => (
                    <li key={one.id}>
                        <button type="button" onClick={() => setOpen(one)} className="group block text-left">
                            {one.vessel !== null && (
                                <VesselDrawing
                                    vessel={{
                                        ...one.vessel,
                                        id: one.key,
                                        name: one.name,
                                        graduation_ml: null,
                                        weight_g: null,
                                        afterwards: null,
                                    }}
                                    scale={scale}
                                    lines={null}
                                    first="a"
                                    levelMm={0}
                                />
                            )}
                            <span className="block pt-1 font-bold group-hover:underline">{one.name}</span>
                            <span className="block text-sm text-soft">
                                {one.vessel !== null &&
                                    words.toStir(
                                        joined(volume(one.vessel.capacity_ml, units)),
                                        joined(volume(one.vessel.stirrable_ml, units)),
                                    )}
                            </span>
                            {one.counted !== null && (
                                <span className="block text-sm">{howMany(one.sheet.have, one.counted)}</span>
                            )}
                        </button>
                    </li>
                ))}
                <li>
                    <Button onClick={() => setOpen('new')}>
                        <PlusIcon size={18} /> {words.measureACup}
                    </Button>
                </li>
            </ul>
            <Sheet
                open={open !== null}
                onClose={() => setOpen(null)}
                title={open === 'new' ? words.measureACup : (open?.name ?? '')}
            >
                {open !== null && (
                    <VesselForm
                        supply={open === 'new' ? null : open}
                        onKept={(supply) => {
                            onPut(supply)
                            setOpen(null)
                        }}
                    />
                )}
            </Sheet>
        </div>
    )
}

/** How many there are, and when the next that is out of use comes back. */
function howMany(have: unknown, counted: NonNullable<ShelfSupply['counted']>): string {
    const all = typeof have === 'number' ? have : counted.free
    if (counted.used_once) return counted.free === 1 ? '1 left' : words.left2(counted.free)
    const back = counted.back_h === null ? '' : words.theNextInH(Math.max(1, Math.ceil(counted.back_h)))
    return counted.free === all ? words.ofIt(all) : words.ofFree(counted.free, all, back)
}

function VesselForm({
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
