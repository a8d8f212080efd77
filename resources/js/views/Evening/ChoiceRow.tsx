import { type ReactNode } from 'react'
import { OutlineDrawing } from '../../drawings/OutlineDrawing'
import { joined, volume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { COAT_KINDS } from '../../lib/words'
import type { CoatToChoose } from '../../types/mixing'
import * as words from '@words/evening'

export function ChoiceRow({
    choice,
    on,
    onChange,
}: {
    choice: CoatToChoose
    on: boolean
    onChange: (on: boolean) => void
}): ReactNode {
    const units = useUnits()
    return (
        <label className="grid min-h-12 cursor-pointer grid-cols-[auto_2.75rem_1fr_auto] items-center gap-3 border-b ruled py-1 hover:bg-recess">
            <input
                type="checkbox"
                checked={on}
                onChange={(event) => onChange(event.target.checked)}
                className="size-5 accent-ink"
            />
            <span className="grid place-items-center">
                <OutlineDrawing drawing={choice.drawing} coatedEdges="none" size={30} />
            </span>
            <span>
                {choice.quantity > 1 && <strong>{choice.quantity} </strong>}
                {choice.piece}, {(COAT_KINDS[choice.kind] ?? choice.kind).toLowerCase()}
                {choice.plan !== null && <span className="block text-sm text-soft">{choice.plan}</span>}
                {choice.sentence !== null && <span className="block text-sm text-soft">{choice.sentence}</span>}
                {choice.state === 'later' && (
                    <span className="block text-sm text-soft">{words.afterTheCoatBelowIt}</span>
                )}
            </span>
            <span className="text-soft">{joined(volume(choice.total_ml, units))}</span>
        </label>
    )
}
