import { Link } from '@inertiajs/react'
import type { ReactNode } from 'react'
import { Untouched } from '../../controls/Untouched'
import { PhaseIcon, PHASES } from '../../drawings/phases'
import { moment } from '../../lib/format'
import { phaseOf } from '../../lib/pour'
import type { RunFilm } from '../../types/page'
import * as ofPour from '@words/pour'
import * as words from '@words/run'

/** Nothing wants a hand: what each film is like, and what it is next. */
export function Resting({ films, now }: { films: RunFilm[]; now: number }): ReactNode {
    return (
        <div className="flex flex-1 flex-col justify-center py-3">
            <p className="text-3xl font-bold">
                {films.length === 0 ? words.nothingIsOnTheBench : words.nothingWantsAHand}
            </p>
            {films.length === 0 && (
                <p className="mt-2 text-xl">
                    <Link href="/evening" className="underline underline-offset-4">
                        {words.whatIsPouredTonight}
                    </Link>
                </p>
            )}
            <ul className="mt-3 divide-y divide-hair">
                {films.map((film) => {
                    const { phase, next } = phaseOf(film, now)
                    return (
                        <li key={film.id} className="flex flex-wrap items-center gap-x-4 py-1.5 text-lg">
                            <PhaseIcon phase={phase} />
                            <Link href={`/pours/${film.id}`} className="min-w-40 flex-1 truncate font-semibold">
                                {film.title}
                            </Link>
                            <Untouched pour={film} now={now} />
                            <span className="text-soft">
                                {next === null
                                    ? PHASES[phase].word
                                    : ofPour.phaseAt(PHASES[next.phase].word, moment(now + next.in, now))}
                            </span>
                        </li>
                    )
                })}
            </ul>
        </div>
    )
}
