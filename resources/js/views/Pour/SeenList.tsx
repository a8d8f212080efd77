import { XIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import { joined, moment, volume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { HAPPENED, SEEN, THICKNESSES } from '../../lib/words'
import type { PourState, Seen, Units } from '../../types/page'
import * as texts from '@words/pour'

interface Props {
    pour: PourState
    now?: number
    onTakeBack?: (event: string) => void
}

/** What was observed of a film and what was added to it, with its times. */
export function SeenList({ pour, now, onTakeBack }: Props): ReactNode {
    const units = useUnits()
    if (pour.seen.length === 0) return null
    return (
        <ul className="mt-2 space-y-1.5" aria-label={texts.seenAndAdded}>
            {pour.seen.map((one) => (
                <li key={one.event} className="flex items-center gap-3 text-lg">
                    <span className="min-w-0 flex-1 break-words">{said(one, units)}</span>
                    <span className="text-soft">{moment(one.at, now ?? pour.poured_at ?? pour.started_at)}</span>
                    {onTakeBack !== undefined && (
                        <button
                            type="button"
                            aria-label={texts.takeBack(said(one, units))}
                            className="grid size-16 shrink-0 place-items-center rounded border border-line bg-sheet"
                            onClick={() => onTakeBack(one.event)}
                        >
                            <XIcon size={22} />
                        </button>
                    )}
                </li>
            ))}
        </ul>
    )
}

function said(one: Seen, units: Units): string {
    const ml = one.ml === null ? '' : joined(volume(one.ml, units))
    if (one.ml !== null && one.what === null) return texts.toppedUpWithSoMuch(ml)
    return (
        [{ ...SEEN, ...THICKNESSES, ...HAPPENED }[one.what ?? ''] ?? '', ml, one.text]
            .filter((word) => word !== '')
            .join(': ') || texts.erased
    )
}
