import type { PhaseName } from '../types/answer'
import type { PourActState, PourState } from '../types/page'

/** What a pour wants now: the pouring itself, an act, or waiting. */
export type Wanted =
    | { kind: 'pouring' }
    | { kind: 'act'; act: PourActState; dueIn: number }
    | { kind: 'waiting'; phase: PhaseName; next: { phase: PhaseName; in: number } | null }

export function wanted(pour: PourState, now: number): Wanted {
    if (pour.poured_at === null) return { kind: 'pouring' }
    const act = pour.acts.find((one) => one.done_at === null)
    if (act !== undefined) return { kind: 'act', act, dueIn: act.due_at - now }
    const { phase, next } = phaseOf(pour, now)
    return { kind: 'waiting', phase, next }
}

export function phaseOf(
    pour: PourState,
    now: number,
): { phase: PhaseName; next: { phase: PhaseName; in: number } | null } {
    const index = pour.phases.findLastIndex((span) => span.from <= now)
    const here = pour.phases[Math.max(0, index)]
    const next = pour.phases[Math.max(0, index) + 1]
    return { phase: here?.phase ?? 'wet', next: next === undefined ? null : { phase: next.phase, in: next.from - now } }
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
    const min = (ms: number): number => (ms - zero) / 60_000
    return {
        phases: pour.phases.map((span) => ({
            phase: span.phase,
            fromMin: min(span.from),
            toMin: span.to === null ? null : min(span.to),
        })),
        ticks: pour.acts.map((act) => ({ atMin: min(act.due_at), done: act.done_at !== null })),
        nowMin: min(now),
    }
}
