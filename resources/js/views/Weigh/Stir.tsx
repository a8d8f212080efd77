import { useEffect, useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Digits } from '../../controls/Digits'
import { useServerNow } from '../../lib/clock'
import { countdown, joined, volume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { chime } from '../../lib/sound'
import type { MixingState } from '../../types/mixing'
import { potLife } from './amounts'
import * as words from '@words/weigh'

const ROUNDS = [words.slowlyWallAndFloor, words.scrapeWallFloorAndStick, words.untilItIsClearNoStreaks]

/** The stir, for gloves: one large clock, what the hand does now, and one button. */
export function Stir({
    mixing,
    onStir,
    onMixed,
}: {
    mixing: MixingState
    onStir: () => void
    onMixed: () => void
}): ReactNode {
    const now = useServerNow()
    const units = useUnits()
    const [secondCup, setSecondCup] = useState(false)
    const minutes = mixing.stir_min
    const from = mixing.stirred_from
    const left = from === null ? minutes * 60_000 : from + minutes * 60_000 - now
    const over = left <= 0
    useEffect(() => {
        if (from !== null && over) chime()
    }, [from, over])
    const share = from === null ? 0 : Math.min(1, Math.max(0, (now - from) / (minutes * 60_000)))
    const round = ROUNDS[Math.min(ROUNDS.length - 1, Math.floor(share * ROUNDS.length))]
    return (
        <section className="space-y-4">
            <h2 className="text-xl font-bold">
                {from === null
                    ? words.stirForMin(
                          minutes,
                          mixing.stir_is_assumed ? words.theLabelDoesNotSayAndUntilItIsClear : words.asItsMakerSays,
                      )
                    : over
                      ? secondCup
                          ? words.stirredTwiceLetItStandAMomentThenPour
                          : words.clearNoStreaksOnTheWall
                      : round}
            </h2>
            <p className="figure text-[6rem] sm:text-[9rem]" data-testid="stir">
                <Digits text={over ? 'done' : countdown(left)} />
            </p>
            <svg viewBox="0 0 1000 40" className="block h-10 w-full" preserveAspectRatio="none" aria-hidden="true">
                <rect width="1000" height="40" fill="url(#phase-tacky)" />
                <rect width={1000 * share} height="40" fill="url(#gloss)" />
                <rect
                    width="1000"
                    height="40"
                    fill="none"
                    stroke="var(--ink)"
                    strokeWidth="2"
                    vectorEffect="non-scaling-stroke"
                />
            </svg>
            <div className="flex flex-wrap gap-3">
                {from === null ? (
                    <Button look="next" className="min-h-18 min-w-64 text-xl" onClick={onStir}>
                        {words.iAmStirring}
                    </Button>
                ) : (
                    <Button look="next" className="min-h-18 min-w-64 text-xl" onClick={onMixed}>
                        {over ? words.itIsMixedTheClockRuns : words.itIsMixedAlready}
                    </Button>
                )}
                {from !== null && !secondCup && (
                    <Button
                        className="min-h-18 text-lg"
                        onClick={() => {
                            setSecondCup(true)
                            onStir()
                        }}
                    >
                        {words.intoASecondCupStirAgain}
                    </Button>
                )}
            </div>
            {mixing.first_stirred_at !== null && (
                <p className="text-xl" data-testid="since-stirring">
                    {words.togetherFor(countdown(now - mixing.first_stirred_at))}
                    {potLife(mixing)}.
                </p>
            )}
            <p className="max-w-2xl text-soft">{words.aSecondCupKeeps(joined(volume(mixing.second_cup_ml, units)))}</p>
        </section>
    )
}
