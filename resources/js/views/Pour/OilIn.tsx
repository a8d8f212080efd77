import { useState, type ReactNode } from 'react'
import { Field } from '../../controls/Field'
import * as words from '@words/pour'

const HOWS = { drops: words.oilDropped, touches: words.oilTouched }

/** Effect oil that is in the film: in drops or touches, and where, for who looks back. */
export function OilIn({ onOil }: { onOil: (how: string, where: string) => void }): ReactNode {
    const [where, setWhere] = useState('')
    return (
        <div className="mt-3 space-y-2">
            <Field label={words.oilWhere} value={where} onChange={setWhere} large />
            <div className="grid grid-cols-2 gap-2">
                {Object.entries(HOWS).map(([how, word]) => (
                    <button
                        key={how}
                        type="button"
                        className="min-h-16 rounded border border-line bg-sheet px-3 text-lg"
                        onClick={() => {
                            onOil(how, where.trim())
                            setWhere('')
                        }}
                    >
                        {word}
                    </button>
                ))}
            </div>
        </div>
    )
}
