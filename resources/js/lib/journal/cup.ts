import type { MixingState } from '../../types/mixing'
import { happenedAt, type Press } from './events'

/** A cup as it will be when the studio has heard of a press; what is to be weighed next the studio says. */
export function withCupPress(mixing: MixingState, press: Press): MixingState {
    switch (press.kind) {
        case 'weighed':
            return typeof press.facts.grams !== 'number'
                ? mixing
                : {
                      ...mixing,
                      last_reading: press.id,
                      steps: mixing.steps.map((step) =>
                          step.id === press.facts.step ? { ...step, got_g: press.facts.grams as number } : step,
                      ),
                  }
        case 'stirring_begun':
            return { ...mixing, stirred_from: happenedAt(press) }
        case 'mixed':
            return mixing.mixed_at === null ? { ...mixing, mixed_at: happenedAt(press), mixed_event: press.id } : mixing
        case 'discarded':
            return { ...mixing, discarded_at: mixing.discarded_at ?? happenedAt(press) }
        case 'undone':
            return mixing.mixed_event === press.facts.of ? { ...mixing, mixed_at: null, mixed_event: null } : mixing
        default:
            return mixing
    }
}
