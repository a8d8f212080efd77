import { useDroppable } from '@dnd-kit/core'
import { type ReactNode } from 'react'
import * as texts from '@words/evening'

/** Where a piece is dropped to get a cup of its own. */
export function NewCup(): ReactNode {
    const { setNodeRef, isOver } = useDroppable({ id: 'new' })
    return (
        <div
            ref={setNodeRef}
            className={`m-4 grid min-h-12 place-items-center rounded border border-dashed px-4 text-soft sm:mx-6 ${isOver ? 'border-act bg-sheet text-ink' : 'border-line'}`}
        >
            {texts.dropAPieceHereForACupOfItsOwnOrPressIt}
        </div>
    )
}
