import { useCallback, useEffect, useState } from 'react'
import { hearPageTime } from '../../lib/clock'
import { mixedBy } from '../../lib/journal/cup'
import type { EventKind } from '../../lib/journal/events'
import { withFilmPress } from '../../lib/journal/film'
import { theQueue, useQueue } from '../../lib/journal/useJournal'
import { heardOf, useOften } from '../../lib/often'
import type { CupOnBench, PourState, RunFilm, RunState } from '../../types/page'

const EVERY_MS = 10_000

/** What the queue remembers the whole run by; films go by their own names. */
const RUN = 'run'

interface Run {
    run: RunState
    films: RunFilm[]
    cups: CupOnBench[]
    cutOff: boolean
    press: (kind: EventKind, film: string, facts: Record<string, unknown>, of: string) => void
}

/** The run as the studio last laid it, with what was pressed here since. */
export function useRun(first: RunState): Run {
    const [run, setRun] = useState(first)
    const [cutOff, setCutOff] = useState(false)
    const { waiting, trouble } = useQueue()
    const look = useCallback(async (): Promise<void> => {
        try {
            const heard = await heardOf<RunState>('/run/state')
            theQueue().hear(RUN, heard)
            setRun(heard)
            setCutOff(false)
        } catch {
            setCutOff(true)
        }
    }, [])
    // laid anew whenever the studio has taken a press
    const unheard = waiting.length
    useEffect(() => void look(), [look, unheard])
    useEffect(() => {
        if (document.documentElement.dataset.kept === undefined) return
        // a page that was kept is an old one: what was heard since is remembered apart from it
        void (async () => {
            const run = ((await theQueue().remembered(RUN)) as RunState | undefined) ?? first
            const known = await Promise.all(run.films.map((film) => theQueue().remembered(film.id)))
            const films = run.films.map((film, at) => newer(film, known[at] as PourState | undefined))
            setRun((shown) => (run.now < shown.now ? shown : { ...run, films }))
        })()
    }, [first])
    useEffect(() => hearPageTime(first.now), [first.now])
    useOften(look, EVERY_MS)
    const pressed = (id: string) => waiting.filter((one) => one.subject === id)
    return {
        run,
        films: run.films
            .map((film) => newer(film, theQueue().heard(film.id) as PourState | undefined))
            .map((film) => ({ ...film, ...pressed(film.id).reduce<PourState>(withFilmPress, film) }))
            .filter((film) => film.off_at === null),
        cups: run.cups
            .filter((cup) => !pressed(cup.id).some((one) => one.kind === 'discarded'))
            .map((cup) => pressed(cup.id).reduce(mixedBy, cup)),
        cutOff: cutOff || trouble === 'unreachable',
        press: (kind, film, facts, of) => void theQueue().press(kind, film, facts, of),
    }
}

/** A film with what was heard of it with a press, where that is newer than the run. */
function newer(film: RunFilm, heard: PourState | undefined): RunFilm {
    return heard !== undefined && heard.now > film.now ? { ...film, ...heard } : film
}
