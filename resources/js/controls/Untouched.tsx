import { HandPalmIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import { moment } from '../lib/format'
import type { PourState } from '../types/page'
import * as words from '@words/pour'

/** Until when nobody lifts, turns or leans on a film. */
export function Untouched({ pour, now }: { pour: PourState; now: number }): ReactNode {
    const till = pour.later.find((one) => one.what === 'untouched')?.to_at ?? null
    if (till === null || till <= now) return null
    return (
        <span className="flex items-center gap-2 font-semibold whitespace-nowrap" data-testid="untouched">
            <HandPalmIcon size={22} weight="bold" aria-hidden="true" /> {words.doNotTouchTill(moment(till, now))}
        </span>
    )
}
