import { useCallback, useEffect, useRef, useState } from 'react'
import type { PressedKind } from '../../types/generated/journal'
import { useBench } from '../../lib/journal/useBench'
import { theQueue } from '../../lib/journal/useJournal'
import { whatMoved, type Moved } from '../../lib/journal/whatMoved'
import { withTicks } from './steps'
import type { AfterEvening, BeforeEvening, CupOnBench, PourState, RunFilm, RunState } from '../../types/page'

const EVERY_MS = 10_000

/** What the queue remembers the whole run by; films go by their own names. */
const RUN = 'run'

interface Run {
    run: RunState
    films: RunFilm[]
    cups: CupOnBench[]
    /** The last checks, while nothing is mixed. */
    before: BeforeEvening | null
    /** What is seen to when nothing wants a hand any more. */
    after: AfterEvening | null
    cutOff: boolean
    /** What is otherwise than it was shown while nothing was heard, until that was seen. */
    moved: Moved[]
    seen: () => void
    /** Takes another word of the studio for it. */
    hear: (run: RunState) => void
    press: (kind: PressedKind, film: string, facts: Record<string, unknown>, of: string) => void
}

/** The run as the studio last laid it, with what was pressed here since. */
export function useRun(first: RunState): Run {
    const {
        bench: run,
        films,
        cups,
        cutOff,
        since,
        take,
    } = useBench<RunState, RunFilm>(first, '/run/state', EVERY_MS, remember)
    useEffect(() => {
        if (document.documentElement.dataset.kept === undefined) return
        // a page that was kept is an old one: what was heard since is remembered apart from it
        void (async () => {
            const kept = ((await theQueue().remembered(RUN)) as RunState | undefined) ?? first
            const known = await Promise.all(kept.films.map((film) => theQueue().remembered(film.id)))
            take({ ...kept, films: kept.films.map((film, at) => newer(film, known[at] as PourState | undefined)) })
        })()
    }, [first, take])
    const laid = films(run.films.map((film) => newer(film, theQueue().heard(film.id) as PourState | undefined)))
    const [moved, seen] = useMoved(laid, cutOff)
    const { leave } = run.mix ?? {}
    const isLeft =
        leave &&
        since.some(
            (one) => one.subject === leave.evening && (one.facts.check === leave.this || one.facts.check === leave.all),
        )
    return {
        run: isLeft ? { ...run, mix: null } : run,
        films: laid,
        moved,
        seen,
        cups: cups(run.cups),
        before: withTicks(run.before, since),
        after: withTicks(run.after, since),
        cutOff,
        hear: take,
        press: (kind, film, facts, of) => void theQueue().press(kind, film, facts, of),
    }
}

/** What an answer has changed of what was shown without one. */
function useMoved(films: RunFilm[], cutOff: boolean): [Moved[], () => void] {
    const shown = useRef<RunFilm[] | null>(null)
    const [moved, setMoved] = useState<Moved[]>([])
    useEffect(() => {
        if (cutOff) {
            shown.current = films
        } else if (shown.current !== null) {
            const news = whatMoved(shown.current, films)
            shown.current = null
            // what nobody has seen yet stays
            if (news.length > 0) setMoved(news)
        }
    }, [films, cutOff])
    return [moved, useCallback(() => setMoved([]), [])]
}

function remember(heard: RunState): void {
    theQueue().hear(RUN, heard)
}

/** A film with what was heard of it with a press, where that is newer than the run. */
function newer(film: RunFilm, heard: PourState | undefined): RunFilm {
    return heard !== undefined && heard.now > film.now ? { ...film, ...heard } : film
}
