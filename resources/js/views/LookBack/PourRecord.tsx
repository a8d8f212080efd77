import { Link, router } from '@inertiajs/react'
import type { ReactNode } from 'react'
import { Strip } from '../../controls/AdviceStrip'
import { day, digits, joined, moment, temperature, thickness, trimmed, volume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { COAT_KINDS } from '../../lib/words'
import type { Known, PlannedAndUsed, PourState, Units } from '../../types/page'
import { SeenList } from '../Pour/SeenList'
import { Measure } from './Measure'
import { Acts } from './Acts'
import * as texts from '@words/lookBack'

type Poured = PourState & PlannedAndUsed

const KNOWN: Record<Known, string> = {
    weighed: 'weighed',
    read: texts.readOffACup,
    planned: texts.asPlannedNotMeasured,
    unknown: texts.notKnown,
}

/** One pour: what was planned, what it took and how one knows, which acts were late, missed or skipped. */
export function PourRecord({ pour }: { pour: Poured }): ReactNode {
    const units = useUnits()
    return (
        <div className="min-w-0">
            <h2 className="text-xl font-bold">{day(pour.started_at)}</h2>
            <p className="text-soft">
                {COAT_KINDS[pour.kind] ?? pour.kind}, {joined(thickness(pour.thickness_mm, units))}, {pour.resin}
                {texts.room(joined(temperature(pour.room.temperature_c, units)), trimmed(pour.room.humidity_pct, 0))}
                {pour.poured_at !== null && texts.pouredAt(moment(pour.poured_at, pour.poured_at))}
            </p>
            <div className="mt-3 space-y-2">
                <Amounts pour={pour} units={units} />
            </div>
            {pour.poured_at !== null && <Acts acts={pour.acts} />}
            <SeenList pour={pour} />
            {pour.note !== null && (
                <p className="mt-3 border-l-4 border-line pl-3 text-lg whitespace-pre-line">{pour.note}</p>
            )}
            {pour.override_reason !== null && (
                <p className="mt-2 text-sm">{texts.pouredAgainstAStop(pour.override_reason)}</p>
            )}
            <p className="mt-2 flex flex-wrap gap-x-5">
                {pour.off_at === null && (pour.handle_at === null || pour.handle_at > pour.now) && (
                    <Link href={`/pours/${pour.id}`} className="font-semibold text-act underline underline-offset-4">
                        {texts.stillSettingToThePour}
                    </Link>
                )}
                {(pour.note !== null || pour.seen.some((one) => one.text !== '')) && (
                    <button
                        type="button"
                        className="text-soft underline underline-offset-4"
                        onClick={() => router.delete(`/pours/${pour.id}/words`, { preserveScroll: true })}
                    >
                        {texts.eraseTheseWordsForGood}
                    </button>
                )}
                {pour.written_at === null && pour.poured_at !== null && (
                    <Link href={`/pours/${pour.id}/finish`} className="underline underline-offset-4">
                        {texts.writeDownWhatItTook}
                    </Link>
                )}
            </p>
        </div>
    )
}

function Amounts({ pour, units }: { pour: Poured; units: Units }): ReactNode {
    const { a_ml: a, b_ml: b, a_how: aHow, b_how: bHow } = pour.used
    // what was left in the cup went into it too
    const most = Math.max(pour.planned.total_ml, (a ?? 0) + (b ?? 0))
    return (
        <>
            <Measure
                word={texts.planned}
                figure="total"
                a={pour.planned.a_ml}
                b={pour.planned.b_ml}
                most={most}
                units={units}
            />
            {pour.more_ml !== null && <Measure word={texts.used} a={a ?? 0} b={b ?? 0} most={most} units={units} />}
            {aHow === null && bHow === null ? (
                <p className="text-soft">{texts.whatItTookWasNotWrittenDown}</p>
            ) : (
                <p className="text-soft">
                    {aHow === bHow ? texts.aAndB(known(aHow)) : `A: ${known(aHow)}; B: ${known(bHow)}`}.
                </p>
            )}
            {pour.more_ml !== null && (aHow !== 'planned' || bHow !== 'planned') && (
                <p>{difference(pour.more_ml, pour.planned.total_ml, units)}</p>
            )}
            {pour.off_pct !== null && Math.abs(pour.off_pct) > pour.tolerance_pct && (
                <Strip level="caution">
                    {texts.ratioOff(
                        pour.off_pct > 0 ? texts.tooLittlePartB : texts.tooLittlePartA,
                        digits(Math.abs(pour.off_pct), 1),
                        digits(pour.tolerance_pct, 0),
                    )}
                </Strip>
            )}
            {pour.left_ml !== null && <p>{texts.leftInTheCup(joined(volume(pour.left_ml, units)))}</p>}
            {pour.tray_g !== null && (
                <p>
                    {texts.ranOff(trimmed(pour.tray_g, 1))}
                    {pour.ran_off?.g == null
                        ? '.'
                        : texts.gWereSaid(trimmed(pour.ran_off.g, 0), joined(volume(pour.ran_off.ml, units)))}
                </p>
            )}
        </>
    )
}

function known(how: Known | null): string {
    return how === null ? texts.notWrittenDown : KNOWN[how]
}

function difference(moreMl: number, plannedMl: number, units: Units): string {
    const percent = Math.abs(moreMl / plannedMl) * 100
    if (percent < 1) return texts.theAmountWasAsPlannedWithinAHundredth
    const amount = joined(volume(Math.abs(moreMl), units))
    return (moreMl > 0 ? texts.moreThanPlanned : texts.lessThanPlanned)(amount, trimmed(percent, 0))
}
