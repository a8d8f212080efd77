import { becameOf } from '../../lib/pour'
import * as words from '@words/run'
import type { Press } from '../../lib/journal/events'
import type { Checks, CupOnBench, Gloves, NextCup, PourActState, RunFilm, RunState } from '../../types/page'

/** One thing that the hands come to. */
export type Step =
    | { kind: 'cup'; id: string; cup: CupOnBench; gloves: Gloves; changes: boolean; at: number }
    | { kind: 'mix'; id: 'mix'; mix: NextCup; gloves: Gloves; changes: boolean; at: number }
    | {
          kind: 'pour'
          id: string
          film: RunFilm
          place: number
          of: number
          gloves: Gloves
          changes: boolean
          at: number
      }
    | { kind: 'act'; id: string; film: RunFilm; act: PourActState; gloves: Gloves; changes: boolean; at: number }

/**
 * What is still to be done, in the order in which the studio laid it. What it has not heard of yet, such as the acts
 * of a film that was poured without a network, comes in between by its time.
 */
export function stepsOf(run: RunState, films: RunFilm[], cups: CupOnBench[], now: number): Step[] {
    const steps: Step[] = cups
        .filter((cup) => cup.mixed_at !== null)
        .map((cup) => ({ kind: 'cup', id: cup.id, cup, gloves: 'sticky', changes: false, at: now }))
    const laid = run.rounds.flatMap((round) => {
        const begun = round.acts.some((one) => isDone(films, one))
        return round.acts
            .flatMap((one) => stepOf(films, one, now))
            .map((step, index) => ({
                ...step,
                changes: round.changes && !begun && index === 0,
            }))
    })
    const known = new Set(laid.map((step) => step.id))
    const since = films
        .flatMap((film) =>
            film.acts.flatMap((act) => stepOf(films, { film: film.id, act: act.id, begin_at: act.due_at ?? now }, now)),
        )
        .filter((step) => !known.has(step.id))
        .sort((one, other) => one.at - other.at)
    for (const step of [...since, ...nextCup(run)]) {
        const after = laid.findIndex((one) => one.at > step.at)
        laid.splice(after < 0 ? laid.length : after, 0, step)
    }
    return [...steps, ...laid]
}

/** The cup that is mixed next. */
function nextCup(run: RunState): Step[] {
    const { mix } = run
    if (!mix) return []
    return [{ kind: 'mix', id: 'mix', mix, gloves: 'sticky', changes: false, at: mix.begin_at }]
}

/** What the studio calls the pouring itself among the acts of a round. */
const POUR = 'pour'

/** A film that is not on its piece yet, and which it is of those that were begun since the first that is not. */
function pourOf(films: RunFilm[], film: RunFilm, at: number): Step {
    const since = Math.min(...films.filter((one) => one.poured_at === null).map((one) => one.started_at))
    const together = films.filter((one) => one.poured_at === null || one.started_at >= since || one.poured_at >= since)
    return {
        kind: 'pour',
        id: film.id,
        film,
        place: together.indexOf(film) + 1,
        of: together.length,
        gloves: 'sticky',
        changes: false,
        at,
    }
}

interface Place {
    film: string
    act: string
    begin_at: number
}

function stepOf(films: RunFilm[], place: Place, now: number): Step[] {
    const film = films.find((one) => one.id === place.film)
    if (film !== undefined && film.poured_at === null && place.act === POUR)
        return [pourOf(films, film, place.begin_at)]
    const act = film?.acts.find((one) => one.id === place.act)
    if (film === undefined || film.poured_at === null || act === undefined || becameOf(act, now) !== 'open') return []
    return [
        { kind: 'act', id: `${film.id} ${act.id}`, film, act, gloves: act.gloves, changes: false, at: place.begin_at },
    ]
}

function isDone(films: RunFilm[], place: Place): boolean {
    const film = films.find((one) => one.id === place.film)
    if (place.act === POUR) return film?.poured_at != null
    return film?.acts.find((one) => one.id === place.act)?.done_at != null
}

/** What something can happen to: what is being poured, and what is wet; what the hands are at first. */
export function filmsAtHand(films: RunFilm[], step: Step | undefined, now: number): RunFilm[] {
    const first = step === undefined || step.kind === 'cup' || step.kind === 'mix' ? null : step.film.id
    return films
        .filter((film) => film.poured_at === null || film.closes_at === null || now < (film.gels_at ?? film.closes_at))
        .sort((one, other) => Number(other.id === first) - Number(one.id === first))
}

/** Cups that stand mixed, and those that films are still poured from. */
export function cupsAtHand(films: RunFilm[], cups: CupOnBench[]): { id: string; title: string }[] {
    const poured = films.filter((film) => film.poured_at === null && film.cup !== null)
    const all = [...cups, ...poured.map((film) => ({ id: film.cup ?? '', title: words.theCupOf(film.title) }))]
    return all.filter((cup, at) => all.findIndex((one) => one.id === cup.id) === at)
}

/** The checks of an evening with what was ticked here and is not heard of. */
export function withTicks<T extends Checks>(list: T | null | undefined, waiting: Press[]): T | null {
    if (!list) return null
    const ticks = waiting.filter((press) => press.subject === list.evening)
    const ticked = (check: string): string | null =>
        ticks.find((press) => press.kind === 'checked' && press.facts.check === check)?.id ?? null
    const undone = new Set(ticks.filter((press) => press.kind === 'undone').map((press) => press.facts.of))
    return {
        ...list,
        checks: list.checks.map((check) => {
            const event = check.event ?? ticked(check.id)
            return { ...check, event: event === null || undone.has(event) ? null : event }
        }),
    }
}

/** The press that was the last on any of these films, as far as it is known when it was. */
export function lastPress(films: RunFilm[]): { film: RunFilm; event: string; title: string | null } | null {
    let last: { film: RunFilm; event: string; title: string | null; at: number } | null = null
    const look = (film: RunFilm, event: string | null, at: number | null, title: string | null): void => {
        if (event !== null && at !== null && (last === null || at >= last.at)) last = { film, event, title, at }
    }
    for (const film of films) {
        for (const stage of film.staged?.entries ?? []) look(film, stage.event, stage.at, words.aStage)
        look(film, film.poured_event, film.poured_at, null)
        for (const act of film.acts) look(film, act.event, act.done_at, act.title)
    }
    return last
}
