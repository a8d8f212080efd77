import { TrashIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'

/** Takes one entry out of a list. */
export function Remove({ label, onPress }: { label: string; onPress: () => void }): ReactNode {
    return (
        <button
            type="button"
            aria-label={label}
            onClick={onPress}
            className="grid size-11 place-items-center rounded hover:bg-recess"
        >
            <TrashIcon size={18} />
        </button>
    )
}
