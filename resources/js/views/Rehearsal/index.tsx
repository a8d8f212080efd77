import { Head } from '@inertiajs/react'
import type { ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { useAttempt } from '../../lib/attempt'
import { digits, joined, volume, wallClock } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { beginRehearsal } from '../../lib/rehearsal'
import type { RehearsalScore } from '../../types/page'
import { DueAndDone, type FilmPlayed } from './DueAndDone'
import * as words from '@words/rehearsal'

export interface Props {
    begun_at: number
    ended_at: number
    seed: number
    mixed: boolean
    pace: number
    /** Its accidents, by their names. */
    script: string[]
    yours: RehearsalScore
    /** By somebody who knew. */
    theirs: RehearsalScore
    losses: { at: number; what: string; saved: string }[]
    accidents: { title: string; at: number; lost: boolean }[]
    films: FilmPlayed[]
}

/** A rehearsal looked back on: what it came to, when something was lost, and what would still have saved it. */
export default function Rehearsal(props: Props): ReactNode {
    const { yours, theirs, losses } = props
    const units = useUnits()
    const { busy, sentences, attempt } = useAttempt()
    const again = (seed?: number): void =>
        void attempt(() =>
            beginRehearsal({
                mixed: props.mixed,
                pace: props.pace,
                accidents: props.script,
                ...(seed === undefined ? {} : { seed }),
            }),
        )
    const amount = (ml: number): string => (ml > 0 ? joined(volume(ml, units)) : '0')
    const scores = [
        { word: words.faults, yours: digits(yours.faults, 0), theirs: digits(theirs.faults, 0) },
        {
            word: words.late,
            yours: words.min(digits(yours.late_min, 0)),
            theirs: words.min(digits(theirs.late_min, 0)),
        },
        { word: words.missing, yours: amount(yours.ml), theirs: amount(theirs.ml) },
        { word: words.risk, yours: digits(yours.risk, 0), theirs: digits(theirs.risk, 0) },
    ]
    return (
        <div className="flex flex-1 flex-col">
            <Head title={words.theEvening} />
            <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-2 px-4 pt-4 sm:px-6">
                <div>
                    <p className="text-soft">{words.theEvening}</p>
                    <h1 className="figure text-4xl">
                        {props.films.length === 0
                            ? words.nothingPoured
                            : losses.length === 0
                              ? words.nothingWasLost
                              : words.someThingsWereLost(losses.length)}
                    </h1>
                </div>
                <div className="flex flex-wrap gap-2">
                    <Button disabled={busy} onClick={() => again(props.seed)}>
                        {words.again}
                    </Button>
                    <Button look="next" disabled={busy} onClick={() => again()}>
                        {words.another}
                    </Button>
                </div>
            </div>
            <p role="alert" className="px-4 font-semibold text-danger sm:px-6">
                {sentences.form}
            </p>
            <dl className="grid grid-cols-2 gap-x-6 gap-y-3 border-b ruled px-4 py-4 sm:grid-cols-4 sm:px-6">
                {scores.map((one) => (
                    <div key={one.word} className="flex flex-col-reverse">
                        <dt className="text-lg">{one.word}</dt>
                        <dd className="flex flex-col">
                            <span className="figure text-4xl whitespace-nowrap sm:text-5xl">{one.yours}</span>
                            <span className="text-soft">{words.whoKnew(one.theirs)}</span>
                        </dd>
                    </div>
                ))}
            </dl>
            <div className="grid flex-1 lg:grid-cols-[1fr_26rem]">
                <section className="min-w-0 px-4 py-4 sm:px-6">
                    {props.films.length > 0 && (
                        <DueAndDone
                            films={props.films}
                            accidents={props.accidents}
                            from={props.begun_at}
                            to={props.ended_at}
                        />
                    )}
                    <p className="mt-2 max-w-xl text-soft">{words.yoursAndTheirs}</p>
                </section>
                <section className="px-4 py-4 sm:px-6 lg:border-l lg:ruled">
                    {losses.length > 0 && (
                        <>
                            <h2 className="text-lg font-semibold">{words.lostAndSaved}</h2>
                            <ol className="mt-1 divide-y divide-hair">
                                {losses.map((loss) => (
                                    <li key={`${loss.at} ${loss.what}`} className="py-2">
                                        <p className="font-semibold">
                                            {wallClock(loss.at)} {loss.what}
                                        </p>
                                        <p>{loss.saved}</p>
                                    </li>
                                ))}
                            </ol>
                        </>
                    )}
                    {props.accidents.length > 0 && (
                        <>
                            <h2 className="mt-4 text-lg font-semibold">{words.came}</h2>
                            <ul className="mt-1 divide-y divide-hair">
                                {props.accidents.map((one) => (
                                    <li key={one.title} className="flex gap-3 py-1.5">
                                        <span className="flex-1">{one.title}</span>
                                        <span className={one.lost ? 'font-bold text-danger' : 'text-soft'}>
                                            {one.lost ? words.wasLetGo : words.wasSeenTo}
                                        </span>
                                        <span className="text-soft">{wallClock(one.at)}</span>
                                    </li>
                                ))}
                            </ul>
                        </>
                    )}
                </section>
            </div>
        </div>
    )
}
