import { useState, type ReactNode } from 'react'
import { joined, volume } from '../lib/format'
import { useUnits } from '../lib/pages'
import type { PourState } from '../types/page'
import { Field } from './Field'
import * as words from '@words/pour'

/** A body that holds nobody knows how much: poured in stages, with what is in it so far and what the cup still holds. */
export function InStages({ pour, onStage }: { pour: PourState; onStage: (written: string) => void }): ReactNode {
    const units = useUnits()
    const [typed, setTyped] = useState('')
    const { staged } = pour
    if (staged === null) return null
    return (
        <form
            className="mt-3 border-t ruled pt-2"
            data-testid="stages"
            onSubmit={(event) => {
                event.preventDefault()
                if (typed.trim() === '') return
                onStage(typed.trim())
                setTyped('')
            }}
        >
            <p className="text-xl">
                {words.pouredSoFar(joined(volume(staged.poured_ml, units)))}{' '}
                {staged.in_cup_ml !== null && words.stillInTheCup(joined(volume(staged.in_cup_ml, units)))}
            </p>
            <p className="text-soft">{words.inStages}</p>
            <div className="mt-1 flex items-end gap-2">
                <Field
                    label={words.pouredNow}
                    value={typed}
                    onChange={setTyped}
                    unit={units === 'metric' ? 'ml' : 'fl oz'}
                    inputMode="decimal"
                    large
                    className="min-w-0 flex-1"
                />
                <button
                    type="submit"
                    disabled={typed.trim() === ''}
                    className="min-h-16 rounded border border-line bg-sheet px-5 text-lg font-semibold disabled:opacity-40"
                >
                    {words.addIt}
                </button>
            </div>
        </form>
    )
}
