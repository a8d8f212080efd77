import { Link } from '@inertiajs/react'
import type { ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Digits } from '../../controls/Digits'
import { countdown, joined, moment, span, volume } from '../../lib/format'
import { theQueue } from '../../lib/journal/useJournal'
import { useUnits } from '../../lib/pages'
import type { CupOnBench } from '../../types/page'
import * as words from '@words/now'

/** A cup that something is in: mixed and setting, or half weighed. */
export function CupRow({ cup, now }: { cup: CupOnBench; now: number }): ReactNode {
    const units = useUnits()
    const mixedFor = cup.mixed_at === null ? null : (now - cup.mixed_at) / 60_000
    const left = mixedFor === null || cup.pot_life_min === null ? null : (cup.pot_life_min - mixedFor) * 60_000
    return (
        <div className="grid items-center gap-x-8 gap-y-1 px-4 py-4 hover:bg-sheet sm:px-8 lg:grid-cols-[19rem_17rem_1fr]">
            <Link href={`/mixings/${cup.id}`} className="block min-w-0">
                <span className="block truncate text-xl font-bold">
                    {words.cupOf(cup.title)}
                    {cup.total_ml !== null && `, ${joined(volume(cup.total_ml, units))}`}
                </span>
                <span className="block text-soft">
                    {cup.mixed_at === null
                        ? words.halfWeighedBegun(moment(cup.begun_at, now))
                        : words.mixedNotPoured(moment(cup.mixed_at, now), span(mixedFor ?? 0))}
                </span>
            </Link>
            <Link href={`/mixings/${cup.id}`} className="block">
                {cup.mixed_at === null ? (
                    <span className="figure block text-3xl">{words.goOnWeighing}</span>
                ) : left === null ? (
                    <span className="figure block text-3xl">{words.pourIt}</span>
                ) : (
                    <>
                        <span className={`figure block text-4xl ${left <= 0 ? 'text-danger' : ''}`}>
                            <Digits text={left > 0 ? countdown(left) : words.over(span(-left / 60_000))} />
                        </span>
                        <span className="block pt-1">
                            {left > 0 ? words.ofItsPotLifeLeft : words.pastItsPotLifePourItOutThin}
                        </span>
                    </>
                )}
            </Link>
            <div className="flex items-center justify-end">
                <Button
                    onClick={() => void theQueue().press('discarded', cup.id, {}, words.theCupOfThrownAway(cup.title))}
                >
                    {words.thrownAway}
                </Button>
            </div>
        </div>
    )
}
