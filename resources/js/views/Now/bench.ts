import { becameOf, wanted } from '../../lib/pour'
import type { CupOnBench, PourState } from '../../types/page'
import * as words from '@words/now'

const HOUR = 3_600_000

/** Milliseconds until the pour wants a hand or changes. */
export function urgency(pour: PourState, now: number): number {
    const want = wanted(pour, now)
    if (want.kind === 'pouring') return -HOUR
    if (want.kind === 'act') return want.dueIn
    return want.next?.in ?? (pour.handle_at === null ? Number.MAX_SAFE_INTEGER : pour.handle_at - now)
}

/** What the bench is like, in a line: what stands mixed first, then what wants a hand soon. */
export function headline(pours: PourState[], cups: CupOnBench[], now: number): string {
    const mixed = cups.filter((cup) => cup.mixed_at !== null).length
    if (mixed > 0) return mixed === 1 ? words.oneCupStandsMixedPourIt : words.cupsStandMixedPourThem(mixed)
    const pouring = pours.filter((pour) => pour.poured_at === null).length
    if (pouring > 0) return pouring === 1 ? words.onePourIsUnderWay : words.poursAreUnderWay(pouring)
    if (pours.length === 0) return cups.length === 0 ? words.theBenchIsFree : words.aCupIsHalfWeighed
    const soon = pours.filter((pour) => urgency(pour, now) < HOUR && !canBeHandled(pour, now)).length
    if (soon === 0) return words.nothingWantsAHandWithinTheHour
    return soon === 1 ? words.onePieceWantsAHandWithinTheHour : words.piecesWantAHandWithinTheHour(soon)
}

export function canBeHandled(pour: PourState, now: number): boolean {
    return pour.handle_at !== null && now >= pour.handle_at
}

/** How many acts nobody did in their time. */
export function missed(pour: PourState, now: number): number {
    return pour.poured_at === null ? 0 : pour.acts.filter((act) => becameOf(act, now) === 'missed').length
}
