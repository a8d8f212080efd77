import { PlusIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Sheet } from '../../controls/Sheet'
import { VesselDrawing } from '../../drawings/VesselDrawing'
import { joined, volume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { ShelfSupply } from './types'
import { VesselForm } from './VesselForm'
import * as words from '@words/shelf'

interface Props {
    vessels: ShelfSupply[]
    onPut: (supply: ShelfSupply) => void
}

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
    if (counted.used_once) return words.soMuchLeft(counted.free)
    const back = counted.back_h === null ? '' : words.theNextInH(Math.max(1, Math.ceil(counted.back_h)))
    return counted.free === all ? words.ofIt(all) : words.ofFree(counted.free, all, back)
}
