import type { ReactNode } from 'react'
import { joined, volume } from '../lib/format'
import { useUnits } from '../lib/pages'
import type { PourState } from '../types/page'
import { SayForm } from './SayForm'
import * as words from '@words/pour'

/** A body that holds nobody knows how much: poured in stages, with what is in it so far and what the cup still holds. */
export function InStages({ pour, onStage }: { pour: PourState; onStage: (written: string) => void }): ReactNode {
    const units = useUnits()
    const { staged } = pour
    if (staged === null) return null
    return (
        <section className="mt-3 border-t ruled pt-2" data-testid="stages">
            <p className="text-xl">
                {words.pouredSoFar(joined(volume(staged.poured_ml, units)))}{' '}
                {staged.in_cup_ml !== null && words.stillInTheCup(joined(volume(staged.in_cup_ml, units)))}
            </p>
            <p className="text-soft">{words.inStages}</p>
            <SayForm
                label={words.pouredNow}
                say={words.addIt}
                unit={units === 'metric' ? 'ml' : 'fl oz'}
                numbers
                onSay={onStage}
                className="mt-1"
            />
        </section>
    )
}
