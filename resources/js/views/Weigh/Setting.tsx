import { type ReactNode } from 'react'
import { useServerNow } from '../../lib/clock'
import { countdown } from '../../lib/format'
import type { MixingState } from '../../types/mixing'
import { potLife } from './amounts'
import * as words from '@words/weigh'

/** How long the mix has been setting, and how long it lasts in its cup. */
export function Setting({ mixing }: { mixing: MixingState }): ReactNode {
    const now = useServerNow()
    const min = (now - (mixing.mixed_at ?? now)) / 60_000
    const over = mixing.pot_life_min !== null && min > mixing.pot_life_min
    return (
        <p className={`text-xl ${over ? 'font-semibold text-danger' : ''}`}>
            {words.itHasStoodFor(countdown(now - (mixing.mixed_at ?? now)))}
            {potLife(mixing)}
            {words.bubblesRiseMeanwhileDoNotLeaveItInThe}
        </p>
    )
}
