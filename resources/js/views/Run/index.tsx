import { Head, router } from '@inertiajs/react'
import { useState, type ReactNode } from 'react'
import { BenchBar } from '../../controls/BenchBar'
import { InStages } from '../../controls/InStages'
import { OtherTools } from '../../controls/OtherTools'
import { useServerNow, useWakeLock } from '../../lib/clock'
import { useNextKeys, useSteady } from '../../lib/next'
import { openedWindow } from '../../lib/pour'
import { allowSound, useBell, type Loud } from '../../lib/sound'
import type { RunState, Unexpected } from '../../types/page'
import { Before, untick } from './Before'
import { Beside, type RunCautions } from './Beside'
import { NextStep } from './NextStep'
import { NextWord } from './NextWord'
import { Resting } from './Resting'
import { RunHead } from './RunHead'
import { canBeSkipped, Skipping } from './Skipping'
import { lastPress, stepsOf } from './steps'
import { useBeginPours } from './useBeginPours'
import { useDrop } from './useDrop'
import { useRun } from './useRun'
import * as ofPour from '@words/pour'
import * as words from '@words/run'

export interface Props {
    run: RunState
    unexpected: Unexpected[]
    cautions: RunCautions
}

/** The evening at the bench: one screen over all pieces, one next thing, one large press for it. */
export default function Run({ run: first, unexpected, cautions }: Props): ReactNode {
    const bench = useRun(first)
    const { run, films, cups, before: prepared, after, press } = bench
    const now = useServerNow()
    useWakeLock()
    const [loud, setLoud] = useState<Loud>('off')
    const [skipping, setSkipping] = useState(false)
    const [step, ...then] = stepsOf(run, films, cups, now)
    const isDue = step?.kind === 'act' && step.at <= now
    useBell(isDue ? step.id : null, loud, isDue ? `${step.film.title}: ${step.act.title}` : null)
    const opened = openedWindow(films, now)
    useBell(opened?.name ?? null, loud, opened === null ? null : words.windowOpened(opened.film.title))
    const before = step === undefined ? prepared : null
    const list = step === undefined ? (before ?? after) : null
    const check = list?.checks.find((one) => one.event === null)
    const last = lastPress(films)
    const steady = useSteady(step?.id ?? check?.id ?? '')
    const dropping = useDrop()
    const mark = (kind: 'act_done' | 'act_skipped', facts: Record<string, unknown> = {}): void => {
        if (step?.kind !== 'act') return
        setSkipping(false)
        dropping.forget()
        press(kind, step.film.id, { act: step.act.id, ...facts }, `${step.act.title}, ${step.film.title}`)
    }
    const tick = (id: string): void => {
        const title = list?.checks.find((one) => one.id === id)?.title ?? ''
        if (list !== null) press('checked', list.evening, { check: id }, title)
    }
    const beginPours = useBeginPours()
    const pressNext = (): void =>
        steady(() => {
            dropping.forget()
            if (step?.kind === 'pour') press('poured', step.film.id, {}, ofPour.theEndOfThePouring(step.film.title))
            if (step?.kind === 'act') mark('act_done')
            if (step?.kind === 'cup' && step.cup.ready) void beginPours(step.cup)
            else if (step?.kind === 'cup') router.visit(`/mixings/${step.cup.id}`)
            if (step?.kind === 'mix') router.visit(step.mix.to)
            if (check !== undefined) tick(check.id)
            else if (step === undefined) router.visit(before?.first ?? '/')
        })
    useNextKeys(pressNext)
    return (
        <div
            className={`mx-auto grid w-full max-w-6xl flex-1 grid-cols-[minmax(0,1fr)] ${step !== undefined ? 'grid-rows-[auto_1fr_auto] lg:grid-cols-[1fr_24rem] lg:grid-rows-[1fr_auto]' : 'grid-rows-[1fr_auto]'}`}
            onPointerDown={() => {
                if (loud !== 'off') allowSound()
            }}
        >
            <Head title={words.theRun} />
            <div
                className={`flex min-w-0 flex-col px-4 pt-2 sm:px-6 ${step !== undefined ? 'lg:sticky lg:top-0 lg:min-h-[calc(100dvh-9.75rem)] lg:self-start' : ''}`}
            >
                <RunHead
                    bench={bench}
                    isTonight={before !== null}
                    unexpected={unexpected}
                    step={step}
                    now={now}
                    loud={loud}
                    onLoud={setLoud}
                />
                {before !== null && <Before before={before} onTick={tick} />}
                {step === undefined && before === null && (
                    <Resting films={films} after={after} now={now} onTick={tick} />
                )}
                {step !== undefined && <NextStep step={step} now={now} />}
                {step?.kind === 'pour' && (
                    <InStages
                        pour={step.film}
                        onStage={(written) =>
                            press('staged', step.film.id, { written }, ofPour.aStageOf(written, step.film.title))
                        }
                    />
                )}
                {step?.kind === 'act' && (
                    <OtherTools
                        pour={step.film}
                        act={step.act}
                        onDone={(tool) => steady(() => mark('act_done', { tool }))}
                    />
                )}
            </div>
            {step !== undefined && <Beside run={run} steps={[step, ...then]} cautions={cautions} now={now} />}
            <BenchBar
                onBack={
                    dropping.back ??
                    untick(list, press) ??
                    (last === null
                        ? null
                        : () => {
                              setSkipping(false)
                              press(
                                  'undone',
                                  last.film.id,
                                  { of: last.event },
                                  ofPour.takingBack(last.title ?? ofPour.theEndOfThePouringShort),
                              )
                          })
                }
                skipping={step !== undefined && canBeSkipped(step) ? skipping : null}
                onSkipping={setSkipping}
                onNext={pressNext}
                next={<NextWord step={step} check={check?.title} before={before} />}
            >
                {skipping && step !== undefined && (
                    <Skipping
                        step={step}
                        press={press}
                        onDrop={dropping.drop}
                        onReason={(reason) => mark('act_skipped', { reason })}
                        onWay={(leave) =>
                            steady(() => {
                                setSkipping(false)
                                leave()
                            })
                        }
                    />
                )}
            </BenchBar>
        </div>
    )
}
