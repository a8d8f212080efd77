import type { HeatTool } from '../../types/answer'
import type { PourActState, PourState, Seen } from '../../types/page'
import { happenedAt, type Press } from './events'
import * as words from '@words/lib'

/**
 * A film as it will be when the studio has heard of a press. The studio works the times out when it hears
 * that the last of it is on the piece; until then they are what they were expected to be.
 */
export function withFilmPress(pour: PourState, press: Press): PourState {
    const at = happenedAt(press)
    switch (press.kind) {
        case 'poured':
            return pour.poured_at === null ? expected(pour, at, press.id) : pour
        case 'staged':
            return withStage(pour, press, at)
        case 'act_done':
            return withMark(pour, press, {
                done_at: Math.max(at, pour.poured_at ?? at),
                done_with: (press.facts.tool as HeatTool | undefined) ?? null,
                event: press.id,
            })
        case 'act_skipped':
            return withMark(pour, press, { skipped_because: String(press.facts.reason), event: press.id })
        case 'observed':
        case 'oiled':
        case 'happened':
        case 'topped_up':
            return { ...pour, seen: withSeen(pour.seen, press, at) }
        case 'taken_off':
            return { ...pour, off_at: pour.off_at ?? at, off_event: pour.off_event ?? press.id }
        case 'undone':
            return without(pour, String(press.facts.of))
        default:
            return pour
    }
}

/** How much "half a cup" is the studio says when it hears of it; until then plain numbers count. */
function withStage(pour: PourState, press: Press, at: number): PourState {
    const { staged } = pour
    if (staged === null || staged.entries.some((one) => one.event === press.id)) return pour
    const ml = Number(press.facts.written) || 0
    return {
        ...pour,
        staged: {
            entries: [...staged.entries, { event: press.id, at, ml }],
            poured_ml: staged.poured_ml + ml,
            in_cup_ml: staged.in_cup_ml === null ? null : Math.max(0, staged.in_cup_ml - ml),
        },
    }
}

function isText(fact: unknown): fact is string {
    return typeof fact === 'string' && fact !== ''
}

function withSeen(seen: Seen[], press: Press, at: number): Seen[] {
    if (seen.some((one) => one.event === press.id)) return seen
    const { what, text, written, how, where } = press.facts
    return [
        ...seen,
        {
            event: press.id,
            at,
            what: typeof what === 'string' ? what : typeof how === 'string' ? `oiled_${how}` : null,
            // how much "2 tbsp" are the studio says when it hears of it
            text: [text, where, typeof written === 'string' ? words.toppedUpWith(written) : ''].find(isText) ?? '',
            ml: null,
        },
    ]
}

function expected(pour: PourState, at: number, event: string): PourState {
    const from = (min: number | null): number | null => (min === null ? null : at + min * 60_000)
    return {
        ...pour,
        poured_at: at,
        poured_event: event,
        closes_at: from(pour.closes_min),
        phases: pour.phases.map((span, index) => ({
            ...span,
            from: from(span.from_min),
            to: from(pour.phases[index + 1]?.from_min ?? null),
        })),
        acts: pour.acts.map((act) => ({ ...act, due_at: from(act.due_min), until_at: from(act.until_min) })),
        // when it will hold something the studio says when it hears how old the mix is
        effects: [],
        later: [],
        fill: { judge_from: null, pass_until: null },
    }
}

function withMark(
    pour: PourState,
    press: Press,
    mark: Partial<Pick<PourActState, 'done_at' | 'done_with' | 'skipped_because'>> & { event: string },
): PourState {
    return {
        ...pour,
        acts: pour.acts.map((act) => (act.id === press.facts.act && act.event === null ? { ...act, ...mark } : act)),
    }
}

function without(pour: PourState, event: string): PourState {
    const back = pour.poured_event === event
    return {
        ...pour,
        ...(back ? { poured_at: null, poured_event: null, closes_at: null } : {}),
        seen: pour.seen.filter((one) => one.event !== event),
        staged: pour.staged && {
            ...pour.staged,
            entries: pour.staged.entries.filter((one) => one.event !== event),
        },
        ...(pour.off_event === event ? { off_at: null, off_event: null } : {}),
        acts: pour.acts.map((act) => ({
            ...act,
            ...(act.event === event ? { done_at: null, done_with: null, skipped_because: null, event: null } : {}),
            ...(back ? { due_at: null, until_at: null } : {}),
        })),
    }
}
