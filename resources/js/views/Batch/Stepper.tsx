import { MinusIcon, PlusIcon } from '@phosphor-icons/react'
import { type ReactNode } from 'react'
import { trimmed } from '../../lib/format'
import * as words from '@words/batch'

/** One dose: what it comes to, and one less or more of it. */
export function Stepper(props: {
    name: string
    amount: string
    grams: number
    onLess: () => void
    onMore: () => void
}): ReactNode {
    return (
        <span className="flex items-center">
            <Step label={words.less(props.name)} onPress={props.onLess}>
                <MinusIcon size={14} />
            </Step>
            <span className="w-34 px-1.5 text-center leading-tight whitespace-nowrap">
                <span className="block text-[15px] font-semibold">
                    {props.amount} <span className="font-normal text-soft">{trimmed(props.grams, 2)} g</span>
                </span>
                <span className="block truncate text-xs text-soft" title={props.name}>
                    {props.name}
                </span>
            </span>
            <Step label={words.moreOf(props.name)} onPress={props.onMore}>
                <PlusIcon size={14} />
            </Step>
        </span>
    )
}

function Step(props: { label: string; onPress: () => void; children: ReactNode }): ReactNode {
    return (
        <button
            type="button"
            aria-label={props.label}
            onClick={props.onPress}
            className="grid size-9 place-items-center rounded border border-line bg-sheet hover:bg-recess"
        >
            {props.children}
        </button>
    )
}
