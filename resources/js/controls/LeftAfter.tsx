import type { ReactNode } from 'react'
import { joined, volume } from '../lib/format'
import { useUnits } from '../lib/pages'
import type { PourActState } from '../types/page'
import * as words from '@words/pour'

/** What still comes after a wipe, for who wipes once and leaves it. */
export function LeftAfter({ act }: { act: PourActState }): ReactNode {
    const units = useUnits()
    if (act.left_ml === null) return null
    return (
        <p className="text-lg text-soft" data-testid="left-after">
            {act.left_ml === 0 ? words.nothingAfterWipe : words.leftAfterWipe(joined(volume(act.left_ml, units)))}
        </p>
    )
}
