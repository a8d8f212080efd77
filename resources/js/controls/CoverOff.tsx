import type { ReactNode } from 'react'
import { isUnderItsCover } from '../lib/pour'
import type { PourActState, PourState } from '../types/page'
import * as words from '@words/pour'

/** What comes before an act where the film waits under its cover. */
export function CoverOff(props: { pour: PourState; act: PourActState; now: number }): ReactNode {
    const { pour, act, now } = props
    if (!isUnderItsCover(pour, act, now)) return null
    return (
        <p className="text-xl font-bold" data-testid="cover-off">
            {act.kind === 'pass' ? words.itsCoverOffAndAway : words.itsCoverOffFirst}
        </p>
    )
}
