import { CheckIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Field } from '../../controls/Field'
import type { CoatStep } from '../../types/answer'
import type { StepSpec } from '../../types/plan'
import type { CoatDraft } from './useCoatDraft'
import { AddStep } from './AddStep'
import * as words from '@words/coat'

interface Props {
    draft: CoatDraft
    steps: CoatStep[]
}

/** What the coat wants done before its pour and after it: ticked, skipped with a reason, or added to. */
export function StepsPanel({ draft, steps }: Props): ReactNode {
    const saved = draft.rows.coat.spec.steps ?? []
    const said = (draft.touched.coat?.steps as StepSpec[] | undefined) ?? saved
    const keep = (step: CoatStep, change: Partial<StepSpec>): void => {
        const at = said.findIndex(
            (one, index) => (one.step ?? '') === step.id || (one.text !== undefined && `own-${index + 1}` === step.id),
        )
        const before: StepSpec = said[at] ?? { step: step.id }
        const next = { ...before, ...change }
        draft.keep({
            coat: { steps: at < 0 ? [...said, next] : said.map((one, index) => (index === at ? next : one)) },
        })
    }
    return (
        <div className="space-y-3">
            <Group title={words.beforeIt} steps={steps.filter((step) => !step.after)} keep={keep} />
            <Group title={words.afterIt} steps={steps.filter((step) => step.after)} keep={keep} />
            <AddStep
                onAdd={(text, after) => draft.keep({ coat: { steps: [...said, { text, state: 'open', after }] } })}
            />
        </div>
    )
}

function Group(props: {
    title: string
    steps: CoatStep[]
    keep: (step: CoatStep, change: Partial<StepSpec>) => void
}): ReactNode {
    if (props.steps.length === 0) return null
    return (
        <section>
            <h3 className="text-sm text-soft">{props.title}</h3>
            <ul className="divide-y divide-hair">
                {props.steps.map((step) => (
                    <StepRow key={step.id} step={step} keep={(change) => props.keep(step, change)} />
                ))}
            </ul>
        </section>
    )
}

function StepRow({ step, keep }: { step: CoatStep; keep: (change: Partial<StepSpec>) => void }): ReactNode {
    const [skipping, setSkipping] = useState(false)
    const [reason, setReason] = useState(step.reason ?? '')
    const done = step.state === 'done'
    const skipped = step.state === 'skipped'
    return (
        <li className="py-1">
            <div className="flex items-start gap-2">
                <button
                    type="button"
                    role="checkbox"
                    aria-checked={done}
                    aria-label={step.title}
                    onClick={() => keep({ state: done ? 'open' : 'done' })}
                    className="grid size-11 shrink-0 place-items-center"
                >
                    <span
                        className={`grid size-6 place-items-center rounded border-2 ${done ? 'border-ink bg-ink text-bench' : 'border-line'}`}
                    >
                        {done && <CheckIcon size={16} weight="bold" />}
                    </span>
                </button>
                <details className="min-w-0 flex-1">
                    <summary
                        className={`min-h-11 cursor-pointer list-none py-2.5 leading-snug ${done || skipped ? 'text-soft line-through' : ''}`}
                    >
                        {step.title}
                    </summary>
                    {step.how !== '' && <p className="text-sm text-soft">{step.how}</p>}
                    {step.cautions.map((caution) => (
                        <p key={caution} className="mt-1 rounded bg-kraft px-2 py-1 text-sm text-kraft-ink">
                            {caution}
                        </p>
                    ))}
                    {!done && (
                        <div className="flex items-end gap-2 py-1">
                            {skipping && (
                                <Field
                                    label={words.whyIsItSkipped}
                                    value={reason}
                                    onChange={setReason}
                                    className="flex-1"
                                    autoFocus
                                />
                            )}
                            <Button
                                look={skipping ? 'plain' : 'quiet'}
                                className="px-2"
                                disabled={skipping && reason.trim() === ''}
                                onClick={() => {
                                    if (skipped) keep({ state: 'open' })
                                    else if (skipping) {
                                        keep({ state: 'skipped', reason: reason.trim() })
                                        setSkipping(false)
                                    } else setSkipping(true)
                                }}
                            >
                                {skipped ? words.doItAfterAll : words.skipIt}
                            </Button>
                        </div>
                    )}
                </details>
            </div>
            {skipped && step.reason !== null && <p className="pl-13 text-sm text-soft">{words.skipped(step.reason)}</p>}
        </li>
    )
}
