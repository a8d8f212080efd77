import type { ReactNode } from 'react'
import { span } from '../../lib/format'
import type { HowItWent, PourActState } from '../../types/page'
import * as texts from '@words/lookBack'

export const SAID: HowItWent[] = ['early', 'late', 'skipped', 'missed']

/** Which acts did not go as planned; all in time is said too. */
export function Acts({ acts }: { acts: PourActState[] }): ReactNode {
    const said = acts.filter((act) => SAID.includes(act.went))
    const open = acts.filter((act) => act.went === 'open').length
    if (said.length === 0) {
        return open === 0 ? <p className="mt-2">{texts.allDoneInTime(acts.length)}</p> : null
    }
    return (
        <ul className="mt-2">
            {said.map((act) => (
                <li key={act.id}>
                    <strong className={act.went === 'missed' ? 'text-danger' : ''}>
                        {act.title}: {wentOf(act)}
                    </strong>
                    {act.went === 'skipped' && `, ${act.skipped_because}`}
                </li>
            ))}
        </ul>
    )
}

export function wentOf(act: PourActState): string {
    const off = act.done_at === null || act.due_at === null ? 0 : Math.abs(act.done_at - act.due_at) / 60_000
    switch (act.went) {
        case 'late':
            return texts.late(span(off))
        case 'early':
            return texts.early(span(off))
        case 'skipped':
            return 'skipped'
        default:
            return 'missed'
    }
}
