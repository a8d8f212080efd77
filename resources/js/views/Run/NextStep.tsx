import { Link } from '@inertiajs/react'
import type { ReactNode } from 'react'
import { BigTime } from '../../controls/BigTime'
import { CoverOff } from '../../controls/CoverOff'
import { DueIn } from '../../controls/DueIn'
import { GlovesSign } from '../../controls/GlovesSign'
import { LeftAfter } from '../../controls/LeftAfter'
import { FilmLane } from '../../drawings/FilmLane'
import { countdown, moment, span } from '../../lib/format'
import { lane } from '../../lib/pour'
import type { RunFilm } from '../../types/page'
import { AMix } from './AMix'
import { APour } from './APour'
import type { Step } from './steps'
import * as ofPour from '@words/pour'
import * as words from '@words/run'

/** The one thing that the hands come to next, to be read from a metre. */
export function NextStep({ step, now }: { step: Step; now: number }): ReactNode {
    return (
        <div className="flex flex-1 flex-col justify-center py-2" data-step={step.id}>
            <p className="text-lg text-soft">
                <GlovesSign gloves={step.gloves} />
            </p>
            {step.changes && (
                <p className="mt-1 rounded bg-kraft px-3 py-2 text-xl font-bold text-kraft-ink" data-testid="change">
                    {step.gloves === 'clean' ? words.stickyGlovesOff : words.glovesOnAgain}
                </p>
            )}
            {step.kind === 'cup' && <ACup step={step} now={now} />}
            {step.kind === 'mix' && <AMix step={step} now={now} />}
            {step.kind === 'pour' && <APour step={step} now={now} />}
            {step.kind === 'act' && <AnAct step={step} now={now} />}
        </div>
    )
}

function ACup({ step, now }: { step: Extract<Step, { kind: 'cup' }>; now: number }): ReactNode {
    const { cup } = step
    const left =
        cup.pot_life_min === null || cup.mixed_at === null ? null : cup.mixed_at + cup.pot_life_min * 60_000 - now
    return (
        <>
            <p className="mt-1 text-3xl font-bold">{words.standsMixed(cup.title)}</p>
            {left !== null && (
                <>
                    <BigTime
                        testId="cup-left"
                        text={left > 0 ? countdown(left) : ofPour.over(countdown(-left))}
                        late={left <= 0}
                    />
                    <p className="text-xl text-soft">{words.ofItsPotLifeLeft}</p>
                </>
            )}
            <Link
                href={`/mixings/${cup.id}`}
                className="mt-4 inline-flex min-h-16 items-center self-start rounded border border-line bg-sheet px-6 text-xl font-bold"
            >
                {words.toTheCup}
            </Link>
        </>
    )
}

function AnAct({ step, now }: { step: Extract<Step, { kind: 'act' }>; now: number }): ReactNode {
    const { film, act } = step
    // what is due is due, whatever hands have to be changed first
    const dueIn = (act.due_at !== null && act.due_at <= now ? act.due_at : step.at) - now
    return (
        <>
            <p className="mt-1 truncate text-xl">{film.title}</p>
            <p className="text-3xl leading-tight font-bold">{act.title}</p>
            <DueIn ms={dueIn} />
            <CoverOff pour={film} act={act} now={now} />
            <p className="text-lg">
                {act.kind === 'pass' && <strong>{words.takesSoLong(seconds(act.lasts_min))} </strong>}
                {act.how}
            </p>
            <LeftAfter act={act} />
            {act.planned_at !== null && (
                <p className="mt-1 text-lg text-soft">{ofPour.plannedAtButMoved(moment(act.planned_at, now))}</p>
            )}
            <OpenLeft film={film} now={now} />
        </>
    )
}

/** The open time that is left, and what was done in it. */
function OpenLeft({ film, now }: { film: RunFilm; now: number }): ReactNode {
    const open = film.closes_at !== null && now < film.closes_at
    return (
        <div className="mt-2">
            <p className="text-lg text-soft">
                {open ? words.healsForAnother(span(((film.closes_at ?? now) - now) / 60_000)) : words.hasClosed}
            </p>
            {film.poured_at !== null && (
                <div className="mt-2">
                    <FilmLane
                        {...lane(film, now)}
                        height={30}
                        untilMin={(1.12 * (film.open_until - film.poured_at)) / 60_000}
                    />
                </div>
            )}
        </div>
    )
}

function seconds(min: number): string {
    return min < 2 ? words.seconds(Math.max(1, Math.round(min * 60))) : span(min)
}
