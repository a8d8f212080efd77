import { useState, type ReactNode } from 'react'
import { PotLane } from '../../drawings/PotLane'
import { useWidth } from '../../lib/width'
import { COAT_KINDS } from '../../lib/words'
import type { BatchRowProps } from './BatchRow'
import { PieceBlock, swatchesOf } from './PieceBlock'
import * as words from '@words/evening'

/** The lane with what is poured laid over it; a block can be taken hold of. */
export function Band({ batch, untilMin, onBlock }: BatchRowProps): ReactNode {
    const [frame, setFrame] = useState<HTMLDivElement | null>(null)
    const width = useWidth(frame, 480)
    const x = (min: number): number => (Math.min(min, untilMin) / untilMin) * width
    const height = 46
    const beginsAt = [...batch.turns.map((turn) => turn.from_min), untilMin].map(x)
    return (
        <div ref={setFrame} className="relative w-full">
            <PotLane batch={batch} untilMin={untilMin} width={width} height={height} />
            {batch.colouring_min > 0 && (
                <span
                    title={words.coloursMin(batch.colours.length, batch.colouring_min)}
                    className="absolute top-1.5 flex h-[34px] items-center justify-center gap-0.5 overflow-hidden rounded border border-ink bg-sheet"
                    style={{ left: 1, width: x(batch.colouring_min) - 2 }}
                >
                    {swatchesOf(batch).map(([name, colour]) => (
                        <span
                            key={name}
                            className="size-3.5 rounded-full border border-ink"
                            style={{ background: colour }}
                        />
                    ))}
                </span>
            )}
            {batch.turns.map((turn, index) => (
                <PieceBlock
                    key={turn.coat}
                    block={{
                        coat: turn.coat,
                        from: batch.id,
                        name: batch.pieces[index]?.name ?? '',
                        count: turn.count,
                    }}
                    detail={COAT_KINDS[batch.pieces[index]?.kind ?? ''] ?? ''}
                    quantity={batch.pieces[index]?.quantity ?? turn.count}
                    left={x(turn.from_min)}
                    width={x(batch.pouring === 'together' ? turn.poured_min : turn.spread_min) - x(turn.from_min)}
                    room={(beginsAt[index + 1] ?? width) - x(turn.from_min)}
                    onPress={onBlock}
                />
            ))}
        </div>
    )
}
