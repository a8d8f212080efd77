import type { ReactNode } from 'react'
import type { PourActState, PourState } from '../types/page'
import { Cautions } from './AdviceStrip'
import * as words from '@words/pour'

/** The cautions of what the hands do next, where they do it: full once, then folded. */
export function ActCautions(props: {
    pour: PourState
    /** Null for the pouring itself. */
    act: PourActState | null
    cautions: { pour: string[]; heat: string[] }
}): ReactNode {
    const { pour, act, cautions } = props
    if (act === null || act.kind === 'wipe' || act.kind === 'mend') {
        const read = act !== null || pour.from_cup
        return <Cautions title={words.mixingAndPouring} sentences={cautions.pour} read={read} />
    }
    if (act.kind !== 'pass') return null
    const read = pour.acts.some((one) => one.kind === 'pass' && one.event !== null)
    return <Cautions key={act.id} title={words.beforeTheHeat} sentences={cautions.heat} read={read} />
}
