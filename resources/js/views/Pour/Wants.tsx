import type { ReactNode } from 'react'
import { BigTime } from '../../controls/BigTime'
import { CoverOff } from '../../controls/CoverOff'
import { DueIn } from '../../controls/DueIn'
import { IntoCalendar } from '../../controls/IntoCalendar'
import { LeftAfter } from '../../controls/LeftAfter'
import { Untouched } from '../../controls/Untouched'
import { FilmLane } from '../../drawings/FilmLane'
import { PhaseIcon, PHASES } from '../../drawings/phases'
import { countdown, joined, moment, span, volume, volumeMix, volumesOf, weightMix, weightsOf } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { lane, type Wanted } from '../../lib/pour'
import type { PlannedAndUsed, PourState } from '../../types/page'
import * as words from '@words/pour'

/** The one thing that is wanted, as large as the screen allows. */
export function Wants({
    want,
    pour,
    now,
    planned,
}: {
    want: Wanted
    pour: PourState
    now: number
    planned: PlannedAndUsed
}): ReactNode {
    const units = useUnits()
    const openLeft = pour.open_until - now
    return (
        <div className="flex flex-1 flex-col justify-center py-3">
            {want.kind === 'pouring' && (
                <>
                    <p className="text-2xl">{words.pourAndSpread}</p>
                    <BigTime
                        testId="open-left"
                        text={openLeft > 0 ? countdown(openLeft) : words.over(countdown(-openLeft))}
                        late={openLeft <= 0}
                    />
                    <p className="text-xl text-soft">
                        {openLeft > 0
                            ? words.ofOpenTimeLeftIfItGoesOnNow
                            : words.pastItsOpenTimeItHardlyLevelsAndHeatNo}
                    </p>
                    <p className="mt-4 text-xl">{planned.pour}</p>
                    {planned.ran_off !== null && planned.ran_off.ml >= 1 && (
                        <p className="mt-1 text-xl">
                            {words.runOffATrayBelowIt(joined(volume(planned.ran_off.ml, units)))}
                        </p>
                    )}
                    <p className="mt-3 text-lg text-soft">
                        <InTheCup planned={planned} />, {planned.resin}
                    </p>
                </>
            )}
            {want.kind === 'act' && (
                <>
                    <p className="text-3xl font-bold">{want.act.title}</p>
                    <DueIn ms={want.dueIn} />
                    <CoverOff pour={pour} act={want.act} now={now} />
                    <p className="text-xl">{want.act.how}</p>
                    <LeftAfter act={want.act} />
                    <p className="mt-3 text-lg text-soft">
                        {pour.closes_at !== null && now < pour.closes_at
                            ? words.theFilmHealsForAnother(span((pour.closes_at - now) / 60_000))
                            : words.theFilmHasClosedHeatNowLeavesAScar}
                    </p>
                </>
            )}
            {want.kind === 'waiting' && (
                <>
                    <p className="flex items-center gap-3 text-3xl font-bold">
                        <PhaseIcon phase={want.phase} size={34} /> {PHASES[want.phase].word}
                    </p>
                    {want.next === null ? (
                        <p className="figure mt-3 text-5xl">{words.ready}</p>
                    ) : (
                        <BigTime testId="next-phase-in" text={countdown(want.next.in)} late={false} />
                    )}
                    <p className="text-xl">{PHASES[want.phase].means}</p>
                    <p className="mt-3 text-xl">
                        <Untouched pour={pour} now={now} />
                    </p>
                    {want.next !== null && <IntoCalendar href={`/pours/${pour.id}/times.ics`} />}
                    {want.next !== null && (
                        <p className="mt-1 text-lg text-soft">
                            {words.phaseAt(PHASES[want.next.phase].word, moment(now + want.next.in, now))}
                        </p>
                    )}
                </>
            )}
            {pour.poured_at !== null && (
                <div className="mt-5">
                    <FilmLane
                        {...lane(pour, now)}
                        height={34}
                        {...(want.kind === 'act'
                            ? { untilMin: (1.12 * (pour.open_until - pour.poured_at)) / 60_000 }
                            : {})}
                    />
                </div>
            )}
        </div>
    )
}

const KNOWN = { planned: words.asPlanned, read: words.measured, weighed: words.weighed }

/** What went into the cup, as one knows it; nothing planned is shown as measured. */
function InTheCup({ planned }: { planned: PlannedAndUsed }): ReactNode {
    const units = useUnits()
    const { in_cup: inCup, planned: plan } = planned
    const [a, b] = [inCup.a_ml ?? 0, inCup.b_ml ?? 0]
    const byVolume = inCup.by_volume || plan.total_g === null
    const asPlanned = byVolume ? volumeMix(plan, units) : weightMix(plan)
    const found = byVolume ? volumesOf(a, b, units) : weightsOf(a * planned.density_a_g_ml, b * planned.density_b_g_ml)
    const mix = inCup.known === 'planned' ? asPlanned : found
    return (
        <span data-testid="in-the-cup">
            {KNOWN[inCup.known]}: A {joined(mix.a)}, B {joined(mix.b)}
        </span>
    )
}
