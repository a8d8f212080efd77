import { CheckIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import { PhaseIcon, PHASES } from '../../drawings/phases'
import { moment } from '../../lib/format'
import type { PourState } from '../../types/page'

/** What is done, what is next, and when the film changes. */
export function ActList({ pour, now }: { pour: PourState; now: number }): ReactNode {
    const current = pour.acts.find((act) => act.done_at === null)
    return (
        <ol className="divide-y divide-hair border-y ruled">
            {pour.acts.map((act) => (
                <li
                    key={act.id}
                    aria-current={act === current ? 'step' : undefined}
                    className={`flex items-baseline gap-3 py-1.5 text-lg ${act === current ? 'font-bold' : ''}`}
                >
                    <span className="w-6 shrink-0 self-center">
                        {act.done_at !== null && <CheckIcon size={20} weight="bold" aria-label="done" />}
                    </span>
                    <span className={`flex-1 ${act.done_at !== null ? 'text-soft' : ''}`}>{act.title}</span>
                    <span className="text-soft">{moment(act.done_at ?? act.due_at, now)}</span>
                </li>
            ))}
            {pour.phases.slice(1).map((phase) => (
                <li key={phase.phase} className="flex items-center gap-3 py-1.5 text-lg">
                    <span className="w-6 shrink-0">
                        <PhaseIcon phase={phase.phase} />
                    </span>
                    <span className="flex-1">{PHASES[phase.phase].word}</span>
                    <span className="text-soft">{moment(phase.from, now)}</span>
                </li>
            ))}
        </ol>
    )
}
