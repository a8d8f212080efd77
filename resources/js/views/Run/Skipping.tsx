import type { ReactNode } from 'react'
import { SkipReasons } from '../../controls/SkipReasons'
import type { RunFilm } from '../../types/page'
import { Leave, waysToLeave } from './Leave'
import type { Step } from './steps'
import type { useRun } from './useRun'
import * as words from '@words/run'

interface Props {
    step: Step
    press: ReturnType<typeof useRun>['press']
    /** Takes a film off the bench that is not poured. */
    onDrop: (film: RunFilm) => void
    /** Why an act is skipped. */
    onReason: (reason: string) => void
    /** One of the ways was chosen. */
    onWay: (leave: () => void) => void
}

/** What skipping the next thing comes to: a reason, a piece that is not poured, a cup that is not mixed. */
export function Skipping({ step, press, onDrop, onReason, onWay }: Props): ReactNode {
    if (step.kind === 'pour')
        return <Leave ways={[[words.notPouredTonight(step.film.title), () => onDrop(step.film)]]} onWay={onWay} />
    if (step.kind === 'mix' && step.mix.leave !== null)
        return <Leave ways={waysToLeave(step.mix, step.mix.leave, press)} onWay={onWay} />
    if (step.kind === 'act') return <SkipReasons act={step.act} onReason={(reason) => onWay(() => onReason(reason))} />
    return null
}

export function canBeSkipped(step: Step): boolean {
    return step.kind === 'act' || step.kind === 'pour' || (step.kind === 'mix' && step.mix.leave !== null)
}
