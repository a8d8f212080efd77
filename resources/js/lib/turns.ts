import type { BatchFigures } from '../types/mixing'

/** The pieces that a cup is poured on, one after the other, each with how many there are of it. */
export function turnsOf(batch: Pick<BatchFigures, 'turns' | 'pieces'>): string[] {
    return batch.turns.map(
        (turn, index) => `${turn.count > 1 ? `${turn.count} ` : ''}${batch.pieces[index]?.name ?? ''}`,
    )
}
