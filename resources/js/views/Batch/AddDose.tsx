import { useState, type ReactNode } from 'react'
import { Choice } from '../../controls/Choice'
import { DOSE_UNITS, isMeasured } from '../../lib/doses'
import type { DoseSpec, DoseUnit, Supplies } from '../../types/mixing'
import * as words from '@words/batch'

export function AddDose({ supplies, onAdd }: { supplies: Supplies; onAdd: (dose: DoseSpec) => void }): ReactNode {
    const [unit, setUnit] = useState<DoseUnit>('drops')
    return (
        <div className="flex items-end gap-3">
            <Choice
                label={words.countedIn}
                value={unit}
                options={DOSE_UNITS}
                onChange={(value) => setUnit(value as DoseUnit)}
            />
            <div className="w-44">
                <Choice
                    label={words.addToIt}
                    value=""
                    options={[
                        { value: '', label: words.choose },
                        ...supplies.colourants.map((one) => ({ value: one.id, label: one.name })),
                    ]}
                    onChange={(id) => id !== '' && onAdd({ colourant: id, [unit]: isMeasured(unit) ? 0.1 : 1 })}
                />
            </div>
        </div>
    )
}
