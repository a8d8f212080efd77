import { MinusIcon, PlusIcon } from '@phosphor-icons/react'
import { type ReactNode } from 'react'
import { trimmed } from '../../lib/format'
import * as words from '@words/batch'

export function Stepper(props: {
    name: string
    amount: string
    grams: number
    onLess: () => void
    onMore: () => void
}): ReactNode {
    return (
        <span className="flex items-center">
            <button
                type="button"
                aria-label={words.less(props.name)}
                onClick={props.onLess}
                className="grid size-9 place-items-center rounded border border-line bg-sheet hover:bg-recess"
            >
                <MinusIcon size={14} />
            </button>
            <span className="w-34 px-1.5 text-center leading-tight whitespace-nowrap">
                <span className="block text-[15px] font-semibold">
                    {props.amount} <span className="font-normal text-soft">{trimmed(props.grams, 2)} g</span>
                </span>
                <span className="block truncate text-xs text-soft" title={props.name}>
                    {props.name}
                </span>
            </span>
            <button
                type="button"
                aria-label={words.moreOf(props.name)}
                onClick={props.onMore}
                className="grid size-9 place-items-center rounded border border-line bg-sheet hover:bg-recess"
            >
                <PlusIcon size={14} />
            </button>
        </span>
    )
}
