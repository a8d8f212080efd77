import { Head, router } from '@inertiajs/react'
import { CheckIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { BenchBar } from '../../controls/BenchBar'
import { InStages } from '../../controls/InStages'
import { Happened } from '../../controls/Happened'
import { OtherTools } from '../../controls/OtherTools'
import { ReadRoom } from '../../controls/ReadRoom'
import { RoomLine } from '../../controls/RoomLine'
import { SkipReasons } from '../../controls/SkipReasons'
import { SoundSwitch } from '../../controls/SoundSwitch'
import { useServerNow, useWakeLock } from '../../lib/clock'
import { useQueue } from '../../lib/journal/useJournal'
import { useNextKeys, useSteady } from '../../lib/next'
import { openedWindow } from '../../lib/pour'
import { allowSound, useBell, type Loud } from '../../lib/sound'
import type { BeforeEvening, RunState, Unexpected } from '../../types/page'
import { Before, untick } from './Before'
import { Beside, type RunCautions } from './Beside'
import { Leave, waysToLeave } from './Leave'
import { NextStep } from './NextStep'
import { Resting } from './Resting'
import { cupsAtHand, filmsAtHand, lastPress, stepsOf, type Step } from './steps'
import { WhatMoved } from './WhatMoved'
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
    const { run, films, cups, before: prepared, after, cutOff, moved, seen, hear, press } = useRun(first)
    const { waiting } = useQueue()
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
                <div className="flex items-center gap-3">
                    <h1 className="min-w-0 flex-1 truncate text-lg text-soft">
                        {before === null ? (
                            <>
                                {words.films(films.length)}
                                <span className="max-sm:sr-only">{words.onTheBench}</span>
                            </>
                        ) : (
                            words.tonight
                        )}
                    </h1>
                    <Happened
                        unexpected={unexpected}
                        films={filmsAtHand(films, step, now)}
                        cups={cupsAtHand(films, cups)}
                        press={press}
                    />
                    <ReadRoom room={run.room} onRead={hear} />
                    <SoundSwitch loud={loud} onLoud={setLoud} />
                </div>
                {run.room !== null && <RoomLine room={run.room} now={now} />}
                {cutOff && waiting.length === 0 && (
                    <p role="status" className="mt-1 rounded bg-kraft px-3 py-1 text-kraft-ink">
                        {words.noAnswer}
                    </p>
                )}
                <WhatMoved moved={moved} now={now} onSeen={seen} />
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
                {skipping && step?.kind === 'pour' && (
                    <Leave
                        ways={[[words.notPouredTonight(step.film.title), () => dropping.drop(step.film)]]}
                        onWay={(leave) =>
                            steady(() => {
                                setSkipping(false)
                                leave()
                            })
                        }
                    />
                )}
                {skipping && step?.kind === 'mix' && step.mix.leave !== null && (
                    <Leave
                        ways={waysToLeave(step.mix, step.mix.leave, press)}
                        onWay={(leave) =>
                            steady(() => {
                                setSkipping(false)
                                leave()
                            })
                        }
                    />
                )}
                {skipping && step?.kind === 'act' && (
                    <SkipReasons act={step.act} onReason={(reason) => steady(() => mark('act_skipped', { reason }))} />
                )}
            </BenchBar>
        </div>
    )
}

function canBeSkipped(step: Step): boolean {
    return step.kind === 'act' || step.kind === 'pour' || (step.kind === 'mix' && step.mix.leave !== null)
}

function NextWord(props: {
    step: Step | undefined
    check: string | undefined
    before: BeforeEvening | null
}): ReactNode {
    const { step, check, before } = props
    if (check !== undefined) return <span className="text-xl leading-tight sm:text-2xl">{check}</span>
    if (step === undefined) return before === null ? words.now : words.toTheFirstCup
    if (step.kind === 'cup') return step.cup.ready ? words.pourIt : words.toTheCup
    if (step.kind === 'mix') return step.mix.begun ? words.toTheCup : words.mixIt
    if (step.kind === 'pour') return ofPour.itIsAllOnThePiece
    return (
        <>
            <CheckIcon size={34} weight="bold" /> {ofPour.done}
        </>
    )
}
