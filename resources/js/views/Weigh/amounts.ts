import { digits, joined, length, span, trimmed, volume, type Shown } from '../../lib/format'
import type { MixingState, WeighStep } from '../../types/mixing'
import type { Units } from '../../types/page'
import * as words from '@words/weigh'

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

export interface Target {
    amount: Shown
    /** The same otherwise. */
    besides: string | null
    /** It is the mark of all that is in the cup, not an amount of its own. */
    upTo: boolean
    /** Fills of a small cup: a bare number means so many. */
    fills: boolean
}

/** What is to be met at a step without a scale. */
export function targetOf(step: WeighStep, mixing: MixingState, units: Units): Target {
    const amount = amountOf(step, mixing, units)
    const { mark } = step
    if (step.counted !== null) {
        const inGrams = { text: digits(step.target_g, step.target_g < 2 ? 2 : 1), unit: 'g' }
        return { amount, besides: words.or(joined(inGrams)), upTo: false, fills: false }
    }
    if (mark?.fills != null && mark.fill_ml !== null) {
        const fills = { text: `${mark.fills}`, unit: words.fills(mark.fills) }
        return { amount: fills, besides: words.ofEach(joined(volume(mark.fill_ml, units))), upTo: false, fills: true }
    }
    if (mark?.up_to_ml == null) return { amount, besides: null, upTo: false, fills: false }
    const more = mixing.steps[0]?.id === step.id ? '' : words.more(joined(amount))
    const upTo = volume(mark.up_to_ml, units)
    return mark.up_to_mm === null
        ? { amount: upTo, besides: words.onTheCupsMarks(more), upTo: true, fills: false }
        : {
              amount: length(mark.up_to_mm, units),
              besides: words.fromTheInsideFloor(joined(upTo), more),
              upTo: true,
              fills: false,
          }
}

/** How long it lasts, after what it has stood; for the label's own mass where it cannot be worked out for this cup. */
export function potLife(mixing: MixingState): string {
    if (mixing.pot_life_min === null) return ''
    const lasts = span(mixing.pot_life_min)
    return mixing.pot_life_of_label ? words.itsLabelGivesForItsOwnMass(lasts) : words.ofAPotLifeOf(lasts)
}

export function instruction(step: WeighStep): string {
    const part = step.what.toLowerCase().replace(/ [ab]$/, (letter) => letter.toUpperCase())
    switch (step.kind) {
        case 'a':
        case 'b':
            return words.pour(part)
        case 'more_a':
        case 'more_b':
            return `${step.short ? words.itWasShort : words.theOtherPartWentPastItsMark}: ${part}`
        case 'resin':
            return step.what
        case 'dose':
            return words.intoThisColourCup(step.what)
    }
}
