import type { PhaseName } from '../types/answer'
import type { PourActState, PourState } from '../types/page'

/** What a pour wants now: the pouring itself, an act, or waiting. */
export type Wanted =
    | { kind: 'pouring' }
    | { kind: 'act'; act: PourActState; dueIn: number }
    | { kind: 'waiting'; phase: PhaseName; next: { phase: PhaseName; in: number } | null }

export function wanted(pour: PourState, now: number): Wanted {
    if (pour.poured_at === null) return { kind: 'pouring' }
    const act = pour.acts.find((one) => becameOf(one, now) === 'open')
    if (act !== undefined) return { kind: 'act', act, dueIn: (act.due_at ?? now) - now }
    const { phase, next } = phaseOf(pour, now)
    return { kind: 'waiting', phase, next }
}

/** The name of what has just fallen due, or of what the film has become; null while neither is. */
export function fallsDue(want: Wanted): string | null {
    if (want.kind === 'act') return want.dueIn <= 0 ? want.act.id : null
    return want.kind === 'waiting' ? want.phase : null
}

/** The window that opened last on any of these films; null while none has. */
export function openedWindow<T extends PourState>(films: T[], now: number): { film: T; name: string } | null {
    let last: { film: T; name: string; at: number } | null = null
    for (const film of films) {
        const at = film.phases.find((span) => span.phase === 'window_open')?.from ?? null
        if (at !== null && at <= now && (last === null || at > last.at)) last = { film, name: `${film.id} ${at}`, at }
    }
    return last
}

/** What became of an act: one that nobody did in its time was missed. */
export function becameOf(act: PourActState, now: number): 'done' | 'skipped' | 'missed' | 'open' {
    if (act.done_at !== null) return 'done'
    if (act.skipped_because !== null) return 'skipped'
    return act.until_at !== null && now > act.until_at ? 'missed' : 'open'
}

/** Whether its cover is on, or is to be on, when an act comes: it comes off first. */
export function isUnderItsCover(pour: PourState, act: PourActState, now: number): boolean {
    const cover = pour.acts.find((one) => one.id === act.under)
    return cover !== undefined && ['done', 'open'].includes(becameOf(cover, now))
}

export function phaseOf(
    pour: PourState,
    now: number,
): { phase: PhaseName; next: { phase: PhaseName; in: number } | null } {
    const index = pour.phases.findLastIndex((span) => span.from !== null && span.from <= now)
    const here = pour.phases[Math.max(0, index)]
    const next = pour.phases[Math.max(0, index) + 1]
    return {
        phase: here?.phase ?? 'wet',
        next: next === undefined || next.from === null ? null : { phase: next.phase, in: next.from - now },
    }
}

/** Minutes from the end of the pour, for drawing. */
export function lane(
    pour: PourState,
    now: number,
): {
    phases: { phase: PhaseName; fromMin: number; toMin: number | null }[]
    ticks: { atMin: number; done: boolean }[]
    nowMin: number
} {
    const zero = pour.poured_at ?? now
    const min = (at: number): number => (at - zero) / 60_000
    return {
        phases: pour.phases.map((span) => ({
            phase: span.phase,
            fromMin: span.from_min,
            toMin: span.to === null ? null : min(span.to),
        })),
        ticks: pour.acts.map((act) => ({ atMin: act.due_min, done: act.done_at !== null })),
        // a film that is to come by a clock that was set back lies at its beginning
        nowMin: Math.max(0, min(now)),
    }
}
