import { Link } from '@inertiajs/react'
import type { ReactNode } from 'react'
import { GlovesSign } from '../../controls/GlovesSign'
import { moment } from '../../lib/format'
import type { Step } from './steps'
import * as words from '@words/run'

const MOST = 14

/** What comes after the next thing, round by round. */
export function Rounds({ steps, now }: { steps: Step[]; now: number }): ReactNode {
    const shown = steps.slice(0, MOST)
    return (
        <section aria-label={words.afterThat}>
            <ol className="divide-y divide-hair border-y ruled" data-testid="rounds">
                {shown.map((step, index) => (
                    <li key={step.id} className="py-1.5 text-lg">
                        {heads(step, shown[index - 1]) && (
                            <p
                                className={`flex items-center pt-1 pb-0.5 text-base ${step.changes ? 'font-bold' : 'text-soft'}`}
                            >
                                <GlovesSign gloves={step.gloves} size={18} />
                                {step.changes && step.gloves === 'clean' && words.glovesOffBefore}
                            </p>
                        )}
                        <div className="flex items-baseline gap-3">
                            <Link href={hrefOf(step)} className="min-w-0 flex-1">
                                <span className="font-semibold">{titleOf(step)}</span>
                                {step.kind === 'act' && <span className="text-soft"> {step.act.title}</span>}
                                {step.kind === 'mix' && step.mix.pieces.length > 0 && (
                                    <span className="text-soft"> {step.mix.pieces.join(', ')}</span>
                                )}
                            </Link>
                            <span className="text-soft">
                                {step.kind === 'act' || step.kind === 'mix' ? moment(step.at, now) : words.pour}
                            </span>
                        </div>
                    </li>
                ))}
            </ol>
            {steps.length > MOST && <p className="py-1.5 text-soft">{words.andMore(steps.length - MOST)}</p>}
        </section>
    )
}

/** Whether other hands begin with it. */
function heads(step: Step, before: Step | undefined): boolean {
    return before === undefined || step.changes || before.gloves !== step.gloves
}

function titleOf(step: Step): string {
    if (step.kind === 'mix') return step.mix.begun ? step.mix.title : words.theNextCup
    return step.kind === 'cup' ? step.cup.title : step.film.title
}

function hrefOf(step: Step): string {
    if (step.kind === 'mix') return step.mix.to
    return step.kind === 'cup' ? `/mixings/${step.id}` : `/pours/${step.film.id}`
}
