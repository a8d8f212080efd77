import { Head, Link, router } from '@inertiajs/react'
import { CheckIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { ActCautions } from '../../controls/ActCautions'
import { Cautions, Strip } from '../../controls/AdviceStrip'
import { BenchBar } from '../../controls/BenchBar'
import { Happened } from '../../controls/Happened'
import { OtherTools } from '../../controls/OtherTools'
import { RoomLine } from '../../controls/RoomLine'
import { SkipReasons } from '../../controls/SkipReasons'
import { SoundSwitch } from '../../controls/SoundSwitch'
import { useServerNow, useWakeLock } from '../../lib/clock'
import { useQueue } from '../../lib/journal/useJournal'
import { useNextKeys, useSteady } from '../../lib/next'
import { allowSound, useBell } from '../../lib/sound'
import type { HeatTool } from '../../types/answer'
import type { PourState, RunState, Unexpected } from '../../types/page'
import { NextStep } from './NextStep'
import { Resting } from './Resting'
import { Rounds } from './Rounds'
import { cupsAtHand, filmsAtHand, lastPress, stepsOf, type Step } from './steps'
import { useRun } from './useRun'
import * as ofPour from '@words/pour'
import * as words from '@words/run'

export interface Props {
    run: RunState
    unexpected: Unexpected[]
    cautions: { pour: string[]; heat: { tool: HeatTool; sentences: string[] }[] }
}

/** The evening at the bench: one screen over all pieces, one next thing, one large press for it. */
export default function Run({ run: first, unexpected, cautions }: Props): ReactNode {
    const { run, films, cups, cutOff, press } = useRun(first)
    const { waiting } = useQueue()
    const now = useServerNow()
    useWakeLock()
    const [loud, setLoud] = useState(false)
    const [skipping, setSkipping] = useState(false)
    const [step, ...then] = stepsOf(run, films, cups, now)
    const isDue = step?.kind === 'act' && step.at <= now
    useBell(isDue ? step.id : null, loud, isDue ? `${step.film.title}: ${step.act.title}` : null)
    const last = lastPress(films)
    const steady = useSteady()
    const mark = (kind: 'act_done' | 'act_skipped', facts: Record<string, unknown> = {}): void => {
        if (step?.kind !== 'act') return
        setSkipping(false)
        press(kind, step.film.id, { act: step.act.id, ...facts }, `${step.act.title}, ${step.film.title}`)
    }
    const pressNext = (): void =>
        steady(() => {
            if (step?.kind === 'pour') press('poured', step.film.id, {}, ofPour.theEndOfThePouring(step.film.title))
            if (step?.kind === 'act') mark('act_done')
            if (step?.kind === 'cup') router.visit(`/mixings/${step.cup.id}`)
            if (step === undefined) router.visit('/')
        })
    useNextKeys(pressNext)
    return (
        <div
            className="mx-auto grid w-full max-w-6xl flex-1 grid-cols-[minmax(0,1fr)] grid-rows-[auto_1fr_auto] lg:grid-cols-[1fr_24rem] lg:grid-rows-[1fr_auto]"
            onPointerDown={() => {
                if (loud) allowSound()
            }}
        >
            <Head title={words.theRun} />
            <div className="flex min-w-0 flex-col px-4 pt-2 sm:px-6 lg:sticky lg:top-0 lg:min-h-[calc(100dvh-9.75rem)] lg:self-start">
                <div className="flex items-center gap-3">
                    <h1 className="min-w-0 flex-1 truncate text-lg text-soft">{words.onTheBench(films.length)}</h1>
                    <Happened
                        unexpected={unexpected}
                        films={filmsAtHand(films, step, now)}
                        cups={cupsAtHand(films, cups)}
                        press={press}
                    />
                    <SoundSwitch loud={loud} onLoud={setLoud} />
                </div>
                {run.room !== null && <RoomLine room={run.room} now={now} />}
                {cutOff && waiting.length === 0 && (
                    <p role="status" className="mt-1 rounded bg-kraft px-3 py-1 text-kraft-ink">
                        {words.noAnswer}
                    </p>
                )}
                {step === undefined ? <Resting films={films} now={now} /> : <NextStep step={step} now={now} />}
                {step?.kind === 'act' && (
                    <OtherTools
                        pour={step.film}
                        act={step.act}
                        onDone={(tool) => steady(() => mark('act_done', { tool }))}
                    />
                )}
            </div>
            <div className="min-w-0 space-y-4 px-4 py-3 sm:px-6 lg:row-span-2 lg:border-l lg:ruled">
                {run.warnings.map((warning) => (
                    <Strip key={warning} level="caution">
                        {warning}
                    </Strip>
                ))}
                {step?.kind === 'cup' && <Cautions title={ofPour.mixingAndPouring} sentences={cautions.pour} />}
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
            <BenchBar
                onBack={
                    last === null
                        ? null
                        : () => {
                              setSkipping(false)
                              press(
                                  'undone',
                                  last.film.id,
                                  { of: last.event },
                                  ofPour.takingBack(last.title ?? ofPour.theEndOfThePouringShort),
                              )
                          }
                }
                skipping={step?.kind === 'act' ? skipping : null}
                onSkipping={setSkipping}
                onNext={pressNext}
                next={<NextWord step={step} />}
            >
                {skipping && step?.kind === 'act' && (
                    <SkipReasons act={step.act} onReason={(reason) => steady(() => mark('act_skipped', { reason }))} />
                )}
            </BenchBar>
        </div>
    )
}

function NextWord({ step }: { step: Step | undefined }): ReactNode {
    if (step === undefined) return words.now
    if (step.kind === 'cup') return words.toTheCup
    if (step.kind === 'pour') return ofPour.itIsAllOnThePiece
    return (
        <>
            <CheckIcon size={34} weight="bold" /> {ofPour.done}
        </>
    )
}

function heatOf(cautions: Props['cautions'], film: PourState): string[] {
    return cautions.heat.find((one) => one.tool === film.tool)?.sentences ?? []
}
