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

interface Props {
    vessels: ShelfSupply[]
    onPut: (supply: ShelfSupply) => void
}

const MATERIALS = [
    { value: '', label: 'Not said' },
    { value: 'silicone', label: 'Silicone, flexible' },
    { value: 'plastic', label: 'Plastic' },
    { value: 'paper', label: 'Paper' },
    { value: 'glass', label: 'Glass' },
    { value: 'metal', label: 'Metal' },
]

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
                                    `${joined(volume(one.vessel.capacity_ml, units))}, to stir ${joined(volume(one.vessel.stirrable_ml, units))}`}
                            </span>
                            {one.counted !== null && (
                                <span className="block text-sm">{howMany(one.sheet.have, one.counted)}</span>
                            )}
                        </button>
                    </li>
                ))}
                <li>
                    <Button onClick={() => setOpen('new')}>
                        <PlusIcon size={18} /> Measure a cup
                    </Button>
                </li>
            </ul>
            <Sheet
                open={open !== null}
                onClose={() => setOpen(null)}
                title={open === 'new' ? 'Measure a cup' : (open?.name ?? '')}
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
    if (counted.used_once) return counted.free === 1 ? '1 left' : `${counted.free} left`
    const back = counted.back_h === null ? '' : `, the next in ${Math.max(1, Math.ceil(counted.back_h))} h`
    return counted.free === all ? `${all} of it` : `${counted.free} of ${all} free${back}`
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
            {field('name', 'Name', '')}
            <div className="grid grid-cols-2 gap-x-6 gap-y-4">
                {field('bottom_mm', 'Across the floor, inside', unit)}
                {field('top_mm', 'Across the brim, inside', unit)}
                {field('height_mm', 'Height, inside', unit)}
                {field('floor_radius_mm', 'Round of the floor', unit, 'half of its width for half a ball; empty: flat')}
                {field('graduation_ml', 'Between two marks', 'ml', 'empty: it has none')}
                {field('weight_g', 'Weighs, empty', 'g')}
                {field('have', 'How many of it', '', 'empty: as many as needed')}
            </div>
            <Choice
                label="Made of"
                value={typed.material ?? ''}
                options={MATERIALS}
                onChange={(material) => setTyped((before) => ({ ...before, material }))}
            />
            <KeepRow supply={supply} keeping={keeping} />
        </form>
    )
}
