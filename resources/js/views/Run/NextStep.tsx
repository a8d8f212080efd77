import { Link } from '@inertiajs/react'
import type { ReactNode } from 'react'
import { BigTime } from '../../controls/BigTime'
import { CoverOff } from '../../controls/CoverOff'
import { DueIn } from '../../controls/DueIn'
import { GlovesSign } from '../../controls/GlovesSign'
import { LeftAfter } from '../../controls/LeftAfter'
import { FilmLane } from '../../drawings/FilmLane'
import { countdown, digits, joined, moment, span, volume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { lane } from '../../lib/pour'
import type { RunFilm } from '../../types/page'
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

function AMix({ step, now }: { step: Extract<Step, { kind: 'mix' }>; now: number }): ReactNode {
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

function APour({ step, now }: { step: Extract<Step, { kind: 'pour' }>; now: number }): ReactNode {
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
