import { type ReactNode } from 'react'
import { digits, joined, volume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { MixingState } from '../../types/mixing'
import { amountOf, measured } from './amounts'
import * as words from '@words/weigh'

/** All that goes into the cup, in its order; what is done beside what was meant. */
export function Steps({ mixing }: { mixing: MixingState }): ReactNode {
    const units = useUnits()
    return (
        <section>
            <h2 className="border-b ruled font-bold">{words.inThisOrder}</h2>
            <ol>
                {mixing.steps.map((step) => (
                    <li
                        key={step.id}
                        aria-current={step.id === mixing.next ? 'step' : undefined}
                        className={`flex justify-between gap-3 border-b ruled py-1 ${step.id === mixing.next ? 'font-bold' : step.got_g === null ? 'text-soft' : ''}`}
                    >
                        <span className="min-w-0 truncate">{step.what}</span>
                        <span className="whitespace-nowrap">
                            {step.got_g === null ? '' : words.ofPart(measured(step, step.got_g, mixing, units).text)}
                            {joined(amountOf(step, mixing, units))}
                        </span>
                    </li>
                ))}
            </ol>
            {mixing.off_pct !== null && mixing.measured && (
                <p className="mt-1">
                    {words.theRatioIsOffBy(digits(Math.abs(mixing.off_pct), 1), digits(mixing.tolerance_pct, 0))}
                </p>
            )}
            {mixing.surplus_ml >= 0.5 && (
                <p className="mt-1">{words.moreThanPlanned(joined(volume(mixing.surplus_ml, units)), mixing.spares)}</p>
            )}
        </section>
    )
}
