import { Link } from '@inertiajs/react'
import type { ReactNode } from 'react'
import { IntoCalendar } from '../../controls/IntoCalendar'
import { Untouched } from '../../controls/Untouched'
import { PhaseIcon, PHASES } from '../../drawings/phases'
import { moment } from '../../lib/format'
import { phaseOf } from '../../lib/pour'
import type { AfterEvening, RunFilm } from '../../types/page'
import { Checklist } from './Checklist'
import * as ofPour from '@words/pour'
import * as words from '@words/run'

/** Nothing wants a hand: what each film is like, and what it is next. */
export function Resting(props: {
    films: RunFilm[]
    after: AfterEvening | null
    now: number
    onTick: (check: string) => void
}): ReactNode {
    const { films, after, now } = props
    const next = after?.checks.find((check) => check.event === null)
    return (
        <div
            className="flex flex-1 flex-col justify-center gap-x-10 py-3 lg:grid lg:grid-cols-[1fr_24rem] lg:content-center"
            data-step={next === undefined ? undefined : `check ${next.id}`}
        >
            <p className="text-3xl font-bold lg:col-span-2">
                {films.length === 0 ? words.nothingIsOnTheBench : words.nothingWantsAHand}
            </p>
            {films.length === 0 && (
                <p className="mt-2 text-xl">
                    <Link href="/evening" className="underline underline-offset-4">
                        {words.whatIsPouredTonight}
                    </Link>
                </p>
            )}
            {after !== null && <After after={after} onTick={props.onTick} />}
            <div className="mt-3 lg:col-start-1 lg:row-start-2">
                <ul className="divide-y divide-hair">
                    {films.map((film) => (
                        <Film key={film.id} film={film} now={now} />
                    ))}
                </ul>
                {after?.open.map((open) => (
                    <StillOpen key={open.title} open={open} />
                ))}
                {films.length > 0 && <IntoCalendar href="/run/times.ics" />}
            </div>
        </div>
    )
}

function Film({ film, now }: { film: RunFilm; now: number }): ReactNode {
    const { phase, next } = phaseOf(film, now)
    return (
        <li className="flex flex-wrap items-center gap-x-4 py-1.5 text-lg">
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
}

/** What is seen to before one leaves the room. */
function After({ after, onTick }: { after: AfterEvening; onTick: (check: string) => void }): ReactNode {
    return (
        <section aria-labelledby="after" className="mt-3 lg:col-start-2 lg:row-start-2">
            <h2 id="after" className="text-xl font-semibold">
                {words.afterTheEvening}
            </h2>
            <Checklist checks={after.checks} columns="" onTick={onTick} />
        </section>
    )
}

/** What is written down, or mixed, elsewhere. */
function StillOpen({ open }: { open: AfterEvening['open'][number] }): ReactNode {
    return (
        <section className="border-t ruled pt-2">
            <h2 className="text-soft">{open.title}</h2>
            <ul className="flex flex-wrap gap-x-5">
                {open.links.map((link) => (
                    <li key={link.to}>
                        <Link
                            href={link.to}
                            className="flex min-h-16 items-center text-lg font-semibold underline underline-offset-4"
                        >
                            {link.title}
                        </Link>
                    </li>
                ))}
            </ul>
        </section>
    )
}
