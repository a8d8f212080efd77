import type { BatchFigures, MixingState, WeighStep } from '../../types/mixing'

/** How high it stands in the vessel: what is in it already and what has just come, between the two lines. */
export function levelOf(step: WeighStep, batch: BatchFigures, mixing: MixingState, grams: number): number {
    const { lines } = batch
    if (lines === null) return 0
    const part = (kinds: string[]): number =>
        mixing.steps.filter((one) => kinds.includes(one.kind)).reduce((sum, one) => sum + (one.got_g ?? 0), 0) +
        (kinds.includes(step.kind) ? grams : 0)
    const a = part(['a', 'more_a']) / batch.a_g
    const b = part(['b', 'more_b']) / (batch.b_g ?? 1)
    const [one, other] = batch.first === 'a' ? [a, b] : [b, a]
    return Math.min(batch.vessel?.height_mm ?? 0, lines.first_mm * one + (lines.both_mm - lines.first_mm) * other)
}
