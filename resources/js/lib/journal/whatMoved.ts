import type { PourActState, PourState } from '../../types/page'

/** What of a film is not as it was shown while nothing was heard. */
export interface Moved {
    film: string
    title: string
    /** Poured, or gone from the bench, or new on it. */
    now: 'poured' | 'off' | 'new' | null
    /** Acts that somebody else did or skipped. */
    marked: PourActState[]
    /** Acts that are due at another time. */
    times: PourActState[]
    /** Acts that nobody knew of. */
    came: PourActState[]
}

/** Less than this is no news: what was expected before the studio worked it out is never quite the same. */
const MOVED_MS = 2 * 60_000

/** Film by film, what the studio's answer has changed of what was shown without it. */
export function whatMoved(shown: PourState[], heard: PourState[]): Moved[] {
    const moved = heard.map((film) =>
        movedOf(
            shown.find((one) => one.id === film.id),
            film,
        ),
    )
    const off = shown
        .filter((film) => film.off_at === null && !heard.some((one) => one.id === film.id))
        .map((film) => ({ ...nothing(film), now: 'off' as const }))
    return [...moved, ...off].filter(
        (one) => one.now !== null || one.marked.length + one.times.length + one.came.length > 0,
    )
}

function nothing(film: PourState): Moved {
    return { film: film.id, title: film.title, now: null, marked: [], times: [], came: [] }
}

function movedOf(shown: PourState | undefined, heard: PourState): Moved {
    if (shown === undefined) return { ...nothing(heard), now: 'new' }
    // before it was poured its acts had no moments
    if (shown.poured_at === null) return { ...nothing(heard), now: heard.poured_at === null ? null : 'poured' }
    const before = new Map(shown.acts.map((act) => [act.id, act]))
    const open = heard.acts.filter((act) => act.event === null)
    return {
        ...nothing(heard),
        marked: heard.acts.filter((act) => act.event !== null && before.get(act.id)?.event === null),
        times: open.filter((act) => {
            const was = before.get(act.id)?.due_at ?? null
            return was !== null && act.due_at !== null && Math.abs(act.due_at - was) > MOVED_MS
        }),
        came: open.filter((act) => !before.has(act.id)),
    }
}
