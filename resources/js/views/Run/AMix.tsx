import type { ReactNode } from 'react'
import { joined, moment, span, volume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { Step } from './steps'
import * as words from '@words/run'

/** The cup that is mixed next, how much it is, and when the hands are free for it. */
export function AMix({ step, now }: { step: Extract<Step, { kind: 'mix' }>; now: number }): ReactNode {
    const units = useUnits()
    const { mix } = step
    const takes = span(mix.lasts_min)
    return (
        <>
            <p className="mt-1 text-xl">
                {mix.begun ? words.onWithTheCup : words.theNextCup}
                {mix.pieces.length > 0 && <span className="text-soft"> {mix.title}</span>}
            </p>
            <p className="text-3xl leading-tight font-bold">
                {mix.pieces.length > 0 ? mix.pieces.join(', ') : mix.title}
            </p>
            {mix.total_ml !== null && (
                <p
                    className="figure measured my-3 text-[min(6.2rem,22vw)] leading-none sm:text-[min(8rem,22vw,14vh)]"
                    data-testid="to-mix"
                >
                    {joined(volume(mix.total_ml, units))}
                </p>
            )}
            <p className="text-xl text-soft">
                {mix.begin_at <= now
                    ? words.handsAreFree(takes)
                    : words.handsAreFreeFrom(moment(mix.begin_at, now), takes)}
            </p>
        </>
    )
}
