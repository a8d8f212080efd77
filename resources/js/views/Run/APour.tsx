import type { ReactNode } from 'react'
import { countdown, digits, joined, volume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { RunFilm } from '../../types/page'
import type { Step } from './steps'
import * as ofPour from '@words/pour'
import * as words from '@words/run'

/** The colours of a coat that is laid wet on wet, in the order in which they go on. */
function Colours({ parts }: { parts: NonNullable<RunFilm['to_pour']>['parts'] }): ReactNode {
    const units = useUnits()
    if (parts.length === 0) return null
    return (
        <ol className="my-2 border-y ruled text-lg" data-testid="parts">
            {parts.map((part, at) => (
                <li
                    key={`${at} ${part.colour}`}
                    className="flex flex-wrap items-baseline gap-x-3 border-b ruled py-1 last:border-b-0"
                >
                    <span className="font-bold first-letter:uppercase">{part.colour}</span>
                    {part.ml !== null && <span className="figure text-2xl">{joined(volume(part.ml, units))}</span>}
                    <span className="text-soft">{words.shareOf(digits(part.share_pct, 0))}</span>
                    {part.how !== null && <span className="min-w-48 flex-1">{part.how}</span>}
                </li>
            ))}
        </ol>
    )
}

/** The piece that is poured next: its ml, its share, its colours, how, and the open time that is left. */
export function APour({ step, now }: { step: Extract<Step, { kind: 'pour' }>; now: number }): ReactNode {
    const units = useUnits()
    const { film } = step
    const left = film.open_until - now
    const ml = film.to_pour?.ml ?? null
    return (
        <>
            <p className="mt-1 text-xl">
                {step.of > 1 ? words.pourPieceOf(step.place, step.of) : ofPour.pourAndSpread}
            </p>
            <p className="text-3xl leading-tight font-bold">{film.title}</p>
            {ml !== null && (
                <p
                    className="figure measured my-3 text-[min(6.2rem,22vw)] leading-none sm:text-[min(8rem,22vw,14vh)]"
                    data-testid="to-pour"
                >
                    {joined(volume(ml, units))}
                </p>
            )}
            {typeof film.to_pour?.of_cup_pct === 'number' && (
                <p className="text-lg" data-testid="of-cup">
                    {film.to_pour.of_cup_pct > 99
                        ? words.allOfTheCup
                        : words.ofTheCup(digits(film.to_pour.of_cup_pct, 0))}
                </p>
            )}
            <Colours parts={film.to_pour?.parts ?? []} />
            <p className={`text-xl ${left <= 0 ? 'font-bold text-danger' : 'text-soft'}`} data-testid="open-left">
                {left > 0 ? words.openTimeLeft(countdown(left)) : words.pastItsOpenTime(countdown(-left))}
            </p>
            <p className="mt-3 text-lg">{film.to_pour?.how}</p>
        </>
    )
}
