import { type Active, type DndContextProps, type KeyboardSensorOptions, type Over } from '@dnd-kit/core'
import { type Block } from './BatchRow'
import * as texts from '@words/evening'

/** About the height of a row, px. */
const ROW_PX = 100

/** Space takes hold of a piece and lets go of it, arrows move it by a row; Enter asks how many go where. */
export const KEYS: KeyboardSensorOptions = {
    keyboardCodes: { start: ['Space'], cancel: ['Escape'], end: ['Space'] },
    coordinateGetter: (event, { currentCoordinates: at }) => {
        if (event.code === 'ArrowDown') return { ...at, y: at.y + ROW_PX }
        if (event.code === 'ArrowUp') return { ...at, y: at.y - ROW_PX }
        return undefined
    },
}

/** What a screen reader is told of a piece on its way, in the words of the page. */
export function announcements(cups: string[]): NonNullable<DndContextProps['accessibility']> {
    const piece = (active: Active): string => (active.data.current as Block | undefined)?.name ?? texts.thePiece
    const cup = (over: Over | null): string =>
        over === null
            ? texts.noCup
            : over.id === 'new'
              ? texts.toACupOfItsOwn
              : texts.toCup(cups.indexOf(String(over.id)) + 1)
    return {
        screenReaderInstructions: {
            draggable: texts.spaceTakesHoldOfItArrowsMoveItFromCup,
        },
        announcements: {
            onDragStart: ({ active }) => texts.isInHand(piece(active)),
            onDragOver: ({ active, over }) => texts.isOver(piece(active), cup(over)),
            onDragEnd: ({ active, over }) => texts.isLetGoOver(piece(active), cup(over)),
            onDragCancel: ({ active }) => texts.isPutBack(piece(active)),
        },
    }
}
