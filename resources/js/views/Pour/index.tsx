import { Head, Link, router } from '@inertiajs/react'
import { CheckIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { Strip } from '../../controls/AdviceStrip'
import { BenchBar } from '../../controls/BenchBar'
import { InStages } from '../../controls/InStages'
import { Happened } from '../../controls/Happened'
import { OtherTools } from '../../controls/OtherTools'
import { SkipReasons } from '../../controls/SkipReasons'
import { SoundSwitch } from '../../controls/SoundSwitch'
import { useServerNow, useWakeLock } from '../../lib/clock'
import { moment } from '../../lib/format'
import { withFilmPress } from '../../lib/journal/film'
import { theQueue, useOnBench, useQueue } from '../../lib/journal/useJournal'
import { fallsDue, wanted } from '../../lib/pour'
import { useNextKeys, useSteady } from '../../lib/next'
import { allowSound, useBell, type Loud } from '../../lib/sound'
import type { PlannedAndUsed, PouredFrom, PourState, Unexpected } from '../../types/page'
import { Beside } from './Beside'
import { Wants } from './Wants'
import * as words from '@words/pour'

export interface Props {
    pour: PourState
    planned: PlannedAndUsed
    cautions: { pour: string[]; heat: string[] }
    cup: PouredFrom | null
    unexpected: Unexpected[]
}

/** The pour: for gloves and a metre away. One thing at a time, one large press for it. */
export default function Pour({ pour: first, planned, cautions, cup, unexpected }: Props): ReactNode {
    const { state: pour, cutOff, press } = useOnBench(first, `/pours/${first.id}/state`, withFilmPress)
    const { waiting } = useQueue()
    const now = useServerNow()
    useWakeLock()
    const want = wanted(pour, now)
    const [loud, setLoud] = useState<Loud>('off')
    const [skipping, setSkipping] = useState(false)
    useBell(fallsDue(want), loud, want.kind === 'act' ? want.act.title : null)

    const lastMarked = pour.acts.filter((act) => act.event !== null).at(-1)
    const expected = waiting.some((one) => one.subject === pour.id && one.kind === 'poured')
    const steady = useSteady(want.kind === 'act' ? want.act.id : want.kind)
    const pressNext = (): void =>
        steady(() => {
            if (want.kind === 'pouring') void press('poured', {}, words.theEndOfThePouring(pour.title))
            if (want.kind === 'act') void press('act_done', { act: want.act.id }, `${want.act.title}, ${pour.title}`)
            if (want.kind === 'waiting') router.visit(`/pours/${pour.id}/finish`)
        })
    useNextKeys(pressNext)
    const undo = lastMarked?.event ?? pour.poured_event ?? pour.staged?.entries.at(-1)?.event ?? null
    const back =
        undo === null
            ? null
            : (): void => {
                  setSkipping(false)
                  void press(
                      'undone',
                      { of: undo },
                      words.takingBack(lastMarked?.title ?? words.theEndOfThePouringShort),
                  )
              }

    return (
        <div
            className="mx-auto grid w-full max-w-6xl flex-1 grid-cols-[minmax(0,1fr)] grid-rows-[auto_1fr_auto] lg:grid-cols-[1fr_22rem] lg:grid-rows-[1fr_auto]"
            onPointerDown={() => {
                if (loud !== 'off') allowSound()
            }}
        >
            <Head title={pour.title} />
            {/* what is wanted now stays on the screen beside a list that is longer than it */}
            <div className="flex min-w-0 flex-col px-4 pt-3 sm:px-6 lg:sticky lg:top-0 lg:min-h-[calc(100dvh-9.75rem)] lg:self-start">
                <div className="flex items-center gap-3">
                    <h1 className="min-w-0 flex-1 truncate text-lg">{pour.title}</h1>
                    {want.kind !== 'waiting' && (
                        <Happened
                            unexpected={unexpected}
                            films={[pour]}
                            cups={cup === null || pour.poured_at !== null ? [] : [{ id: cup.id, title: pour.title }]}
                            press={(kind, subject, facts, of) => void theQueue().press(kind, subject, facts, of)}
                        />
                    )}
                    <SoundSwitch loud={loud} onLoud={setLoud} />
                </div>
                <div aria-live="polite" className="min-h-0">
                    {cutOff && waiting.length === 0 && (
                        <p className="mt-1 rounded bg-kraft px-3 py-1 text-kraft-ink">
                            {words.noAnswerFromTheStudioTheClockGoesOn}
                        </p>
                    )}
                    {expected && pour.poured_at !== null && (
                        <p className="mt-1 font-semibold">{words.pouredAtKeptHere(moment(pour.poured_at, now))}</p>
                    )}
                </div>
                {pour.late !== null && (
                    <div className="mt-2">
                        <Strip level={pour.late.level}>{pour.late.text}</Strip>
                    </div>
                )}
                {want.kind === 'pouring' && pour.gels_at !== null && now >= pour.gels_at && (
                    <div className="mt-2">
                        <Strip level="stop">{words.doNotPourItItHasGelledMixItAnew}</Strip>
                    </div>
                )}
                <Wants want={want} pour={pour} now={now} planned={planned} />
                {want.kind === 'pouring' && (
                    <InStages
                        pour={pour}
                        onStage={(written) => void press('staged', { written }, words.aStageOf(written, pour.title))}
                    />
                )}
                {want.kind === 'act' && (
                    <OtherTools
                        pour={pour}
                        act={want.act}
                        onDone={(tool) =>
                            steady(
                                () =>
                                    void press(
                                        'act_done',
                                        { act: want.act.id, tool },
                                        `${want.act.title}, ${pour.title}`,
                                    ),
                            )
                        }
                    />
                )}
            </div>

            <Beside pour={pour} want={want} now={now} cup={cup} cautions={cautions} press={press} />
            <BenchBar
                onBack={back}
                skipping={want.kind === 'act' ? skipping : null}
                onSkipping={setSkipping}
                onNext={pressNext}
                next={
                    <>
                        {want.kind === 'pouring' && words.itIsAllOnThePiece}
                        {want.kind === 'act' && (
                            <>
                                <CheckIcon size={34} weight="bold" /> {words.done}
                            </>
                        )}
                        {want.kind === 'waiting' &&
                            (pour.written_at === null ? words.finishWhatItTook : words.whatItTook)}
                    </>
                }
                beside={
                    want.kind === 'act' && (
                        <Link
                            href={`/pours/${pour.id}/finish`}
                            className="hidden min-h-20 place-items-center rounded border border-line bg-sheet px-4 text-center sm:grid"
                        >
                            {words.finishNow}
                        </Link>
                    )
                }
            >
                {skipping && want.kind === 'act' && (
                    <SkipReasons
                        act={want.act}
                        onReason={(reason) => {
                            setSkipping(false)
                            steady(
                                () =>
                                    void press(
                                        'act_skipped',
                                        { act: want.act.id, reason },
                                        `${want.act.title}, ${pour.title}`,
                                    ),
                            )
                        }}
                    />
                )}
            </BenchBar>
        </div>
    )
}
