import { digits, trimmed, volume, type Shown } from '../../lib/format'
import type { MixingState, WeighStep } from '../../types/mixing'
import type { Units } from '../../types/page'

/** What a step comes to, as it is measured: counted, by volume, or in g. */
export function amountOf(step: WeighStep, mixing: MixingState, units: Units): Shown {
    return measured(step, step.target_g, mixing, units)
}

/** So much of what a step is, counted where it is, in ml where the cup is measured by volume, else in g. */
export function measured(step: WeighStep, grams: number, mixing: MixingState, units: Units): Shown {
    if (step.counted !== null) {
        const { amount, unit } = step.counted
        const count = trimmed((amount * grams) / step.target_g, amount < 10 ? 1 : 0)
        return { text: count, unit: count === '1' ? unit.slice(0, -1) : unit }
    }
    return mixing.by_volume && step.kind !== 'dose'
        ? volume(grams / step.g_ml, units)
        : { text: digits(grams, step.target_g < 2 ? 2 : 1), unit: 'g' }
}

export function instruction(step: WeighStep): string {
    const part = step.what.toLowerCase().replace(/ [ab]$/, (letter) => letter.toUpperCase())
    switch (step.kind) {
        case 'a':
        case 'b':
            return `Pour ${part}`
        case 'more_a':
        case 'more_b':
            return `${step.short ? 'It was short' : 'The other part went past its mark'}: ${part}`
        case 'resin':
            return step.what
        case 'dose':
            return `${step.what}, into this colour cup`
    }
}
