import { Link } from '@inertiajs/react'
import type { ReactNode } from 'react'
import { ActCautions } from '../../controls/ActCautions'
import { Cautions, Strip } from '../../controls/AdviceStrip'
import type { HeatTool } from '../../types/answer'
import type { PourState, RunState } from '../../types/page'
import { Rounds } from './Rounds'
import type { Step } from './steps'
import * as ofPour from '@words/pour'
import * as words from '@words/run'

export interface RunCautions {
    pour: string[]
    heat: { tool: HeatTool; sentences: string[] }[]
}

/** Beside the one next thing: what comes late, its cautions, the gloves, and what comes after it. */
export function Beside(props: { run: RunState; steps: Step[]; cautions: RunCautions; now: number }): ReactNode {
    const { run, cautions, now } = props
    const [step, ...then] = props.steps
    return (
        <div className="min-w-0 space-y-4 px-4 py-3 sm:px-6 lg:row-span-2 lg:border-l lg:ruled">
            {run.warnings.map((warning) => (
                <Strip key={warning} level="caution">
                    {warning}
                </Strip>
            ))}
            {(step?.kind === 'cup' || step?.kind === 'mix') && (
                <Cautions title={ofPour.mixingAndPouring} sentences={cautions.pour} />
            )}
            {(step?.kind === 'pour' || step?.kind === 'act') && (
                <ActCautions
                    pour={step.film}
                    act={step.kind === 'act' ? step.act : null}
                    cautions={{ pour: cautions.pour, heat: heatOf(cautions, step.film) }}
                />
            )}
            {run.pairs > 1 && <p className="text-lg">{words.layerGloves(run.pairs)}</p>}
            {then.length > 0 && <Rounds steps={then} now={now} />}
            {step?.kind === 'act' && (
                <Link
                    href={`/pours/${step.film.id}`}
                    className="inline-flex min-h-11 items-center underline underline-offset-4"
                >
                    {words.allOf(step.film.title)}
                </Link>
            )}
        </div>
    )
}

function heatOf(cautions: RunCautions, film: PourState): string[] {
    return cautions.heat.find((one) => one.tool === film.tool)?.sentences ?? []
}
