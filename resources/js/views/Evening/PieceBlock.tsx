import { useDraggable } from '@dnd-kit/core'
import { type ReactNode } from 'react'
import type { BatchFigures } from '../../types/mixing'
import type { Block } from './BatchRow'
import * as words from '@words/evening'

export function PieceBlock(props: {
    block: Block
    detail: string
    quantity: number
    left: number
    /** Of its time on the lane, px. */
    width: number
    /** Until the next, px: a short one may take it for its name. */
    room: number
    onPress: (block: Block) => void
}): ReactNode {
    const { block } = props
    const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
        id: `${block.from} ${block.coat}`,
        data: block,
        attributes: { roleDescription: 'piece' },
    })
    const some = block.count < props.quantity ? words.of(block.count, props.quantity) : `${block.count}`
    return (
        <button
            ref={setNodeRef}
            type="button"
            {...attributes}
            {...listeners}
            aria-label={words.move(some, block.name, props.detail.toLowerCase())}
            onClick={() => props.onPress(block)}
            className={`absolute top-1.5 flex h-[34px] touch-none items-center overflow-hidden rounded border-[1.5px] border-ink bg-sheet px-1.5 text-left text-sm leading-tight ${isDragging ? 'z-20 opacity-90' : 'hover:bg-bench'}`}
            style={{
                left: props.left + 1,
                minWidth: Math.max(26, props.width - 2),
                maxWidth: Math.max(26, props.width - 2, props.room - 4),
                transform: transform === null ? undefined : `translate(${transform.x}px, ${transform.y}px)`,
            }}
        >
            {/* how long it really takes, where its name is longer */}
            <span aria-hidden className="absolute bottom-0 left-0 h-1 bg-ink" style={{ width: props.width - 2 }} />
            <span className="truncate">
                {props.quantity > 1 && <strong>{some} </strong>}
                {block.name}
            </span>
        </button>
    )
}

/** How each colour of a batch looks where it is poured first. */
export function swatchesOf(batch: BatchFigures): [string, string][] {
    return batch.colours.map((colour) => [
        colour.name,
        batch.swatches.find((swatch) => swatch.colour === colour.name)?.seen ?? 'transparent',
    ])
}
