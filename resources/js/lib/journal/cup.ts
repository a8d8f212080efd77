import type { MixingState } from '../../types/mixing'
import { happenedAt, type Press } from './events'

/** A cup as it will be when the studio has heard of a press; what is to be weighed next the studio says. */
export function withCupPress(mixing: MixingState, press: Press): MixingState {
    switch (press.kind) {
        case 'weighed':
            return {
                ...mixing,
                last_reading: press.id,
                steps: mixing.steps.map((step) =>
                    step.id === press.facts.step ? { ...step, got_g: gramsOf(press, step.target_g) } : step,
                ),
            }
        case 'stirring_begun':
            return {
                ...mixing,
                stirred_from: happenedAt(press),
                first_stirred_at: mixing.first_stirred_at ?? happenedAt(press),
            }
        case 'discarded':
            return { ...mixing, discarded_at: mixing.discarded_at ?? happenedAt(press) }
        default:
            return mixedBy(mixing, press)
    }
}

/** What was written in words is known when the studio has read it. */
function gramsOf(press: Press, targetG: number): number | null {
    if (press.facts.as_meant === true) return targetG
    return typeof press.facts.grams === 'number' ? press.facts.grams : null
}

/** A cup that a press says is mixed, or is not mixed after all. */
export function mixedBy<T extends { mixed_at: number | null; mixed_event: string | null }>(cup: T, press: Press): T {
    if (press.kind === 'mixed' && cup.mixed_at === null) {
        return { ...cup, mixed_at: happenedAt(press), mixed_event: press.id }
    }
    if (press.kind === 'undone' && cup.mixed_event !== null && press.facts.of === cup.mixed_event) {
        return { ...cup, mixed_at: null, mixed_event: null }
    }
    return cup
}
