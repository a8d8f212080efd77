import { CheckIcon, MinusIcon, XIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import { PhaseIcon, PHASES } from '../../drawings/phases'
import { moment } from '../../lib/format'
import { becameOf } from '../../lib/pour'
import { TOOLS } from '../../lib/words'
import type { PourActState, PourState } from '../../types/page'
import * as words from '@words/pour'

/** What is done, skipped or missed, what is next, and when the film changes. */
export function ActList({ pour, now }: { pour: PourState; now: number }): ReactNode {
    const current = pour.acts.find((act) => becameOf(act, now) === 'open')
    return (
        <ol className="divide-y divide-hair border-y ruled">
            {pour.acts.map((act) => (
                <Act key={act.id} act={act} now={now} current={act === current} />
            ))}
            {pour.later
                .filter((one) => one.what !== 'untouched' && one.from_at !== null)
                .map((one) => (
                    <li key={one.what} className="flex items-baseline gap-3 py-1.5 text-lg" data-later={one.what}>
                        <span className="w-6 shrink-0" />
                        <span className="flex-1">
                            {words.later[one.what]}
                            <span className="block text-base text-soft">
                                {one.to_at === null
                                    ? moment(one.from_at ?? now, now)
                                    : words.fromTo(moment(one.from_at ?? now, now), moment(one.to_at, now))}
                            </span>
                        </span>
                    </li>
                ))}
            {pour.phases.slice(1).map((phase) => (
                <li key={phase.phase} className="flex items-center gap-3 py-1.5 text-lg">
                    <span className="w-6 shrink-0">
                        <PhaseIcon phase={phase.phase} />
                    </span>
                    <span className="flex-1">{PHASES[phase.phase].word}</span>
                    <span className="text-soft">{phase.from === null ? '' : moment(phase.from, now)}</span>
                </li>
            ))}
        </ol>
    )
}

function Act({ act, now, current }: { act: PourActState; now: number; current: boolean }): ReactNode {
    const became = becameOf(act, now)
    const at = act.done_at ?? act.due_at
    return (
        <li
            aria-current={current ? 'step' : undefined}
            data-act={act.id}
            className={`flex items-baseline gap-3 py-1.5 text-lg ${current ? 'font-bold' : ''}`}
        >
            <span className="w-6 shrink-0 self-center">
                {became === 'done' && <CheckIcon size={20} weight="bold" aria-label={words.actDone} />}
                {became === 'skipped' && <MinusIcon size={20} weight="bold" aria-label={words.actSkipped} />}
                {became === 'missed' && (
                    <XIcon size={20} weight="bold" className="text-danger" aria-label={words.actMissed} />
                )}
            </span>
            <span className={`flex-1 ${became === 'open' ? '' : 'text-soft'}`}>
                {act.title}
                {act.done_with !== null && <span className="block text-base">{TOOLS[act.done_with]}</span>}
            </span>
            <span className="text-right text-soft">
                {became === 'skipped' && act.skipped_because}
                {became === 'missed' && (
                    <strong className="text-danger">{words.missedDue(at === null ? '' : moment(at, now))}</strong>
                )}
                {(became === 'done' || became === 'open') && at !== null && moment(at, now)}
                {became === 'open' && act.planned_at !== null && (
                    <span className="block text-base font-normal whitespace-nowrap">
                        {words.plannedAt(moment(act.planned_at, now))}
                    </span>
                )}
            </span>
        </li>
    )
}
