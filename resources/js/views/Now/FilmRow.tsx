import { Link } from '@inertiajs/react'
import type { ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Digits } from '../../controls/Digits'
import { FilmLane } from '../../drawings/FilmLane'
import { PhaseIcon, PHASES } from '../../drawings/phases'
import { countdown, moment, span } from '../../lib/format'
import { theQueue } from '../../lib/journal/useJournal'
import { lane, phaseOf, wanted } from '../../lib/pour'
import type { PourState } from '../../types/page'
import { canBeHandled, missed } from './bench'
import * as texts from '@words/now'

/** A film on the bench: what it is like, what it wants next, and its phases. */
export function FilmRow({ pour, now }: { pour: PourState; now: number }): ReactNode {
    const done = canBeHandled(pour, now)
    return (
        <div className="grid items-center gap-x-8 gap-y-1 px-4 py-4 hover:bg-sheet sm:px-8 lg:grid-cols-[19rem_17rem_1fr]">
            <Link href={`/pours/${pour.id}`} className="block min-w-0">
                <span className="block truncate text-xl font-bold">{pour.title}</span>
                <Phase pour={pour} now={now} />
            </Link>
            <Link href={done ? `/pours/${pour.id}/finish` : `/pours/${pour.id}`} className="block">
                <Wants pour={pour} now={now} />
            </Link>
            <div className="flex min-w-0 items-center gap-4">
                <div className="min-w-0 flex-1">
                    {pour.poured_at !== null && <FilmLane {...lane(pour, now)} height={24} words={false} />}
                </div>
                {(done || pour.handle_at === null) && pour.poured_at !== null && (
                    <Button
                        onClick={() => void theQueue().press('taken_off', pour.id, {}, texts.offTheBench(pour.title))}
                    >
                        {texts.offTheBenchShort}
                    </Button>
                )}
            </div>
        </div>
    )
}

function Phase({ pour, now }: { pour: PourState; now: number }): ReactNode {
    if (pour.poured_at === null) {
        return (
            <span className="block text-soft">
                {texts.mixedAgo(span((now - pour.started_at) / 60_000))}
                {now < pour.open_until
                    ? texts.ofOpenTimeLeft(span((pour.open_until - now) / 60_000))
                    : texts.pastItsOpenTime}
            </span>
        )
    }
    const { phase, next } = phaseOf(pour, now)
    const gone = missed(pour, now)
    return (
        <>
            <span className="flex items-center gap-2 text-soft">
                <PhaseIcon phase={phase} /> {PHASES[phase].word}
                {next !== null && `, ${PHASES[next.phase].word.toLowerCase()} ${moment(now + next.in, now)}`}
            </span>
            {gone > 0 && (
                <span className="block font-semibold text-danger">
                    {gone === 1 ? texts.n1ActWasMissed : texts.actsWereMissed(gone)}
                </span>
            )}
        </>
    )
}

function Wants({ pour, now }: { pour: PourState; now: number }): ReactNode {
    if (canBeHandled(pour, now)) {
        return (
            <>
                <span className="figure block text-3xl">{texts.canBeHandled}</span>
                {pour.written_at === null && <span className="block pt-1">{texts.writeDownWhatItTook}</span>}
            </>
        )
    }
    const want = wanted(pour, now)
    switch (want.kind) {
        case 'pouring':
            return <span className="figure block text-3xl">{texts.pour}</span>
        case 'act':
            return (
                <>
                    <span className={`figure block text-4xl ${want.dueIn <= 0 ? 'text-danger' : ''}`}>
                        {want.dueIn > 0 ? (
                            <Digits text={countdown(want.dueIn)} />
                        ) : want.dueIn > -60_000 ? (
                            'now'
                        ) : (
                            texts.dueAgo(span(-want.dueIn / 60_000))
                        )}
                    </span>
                    <span className="block pt-1">{want.act.title}</span>
                </>
            )
        case 'waiting':
            if (want.next === null) {
                return (
                    <span className="figure block text-3xl">
                        {pour.handle_at === null ? texts.setting : <Digits text={countdown(pour.handle_at - now)} />}
                    </span>
                )
            }
            return (
                <>
                    <span className="figure block text-4xl">
                        <Digits text={countdown(want.next.in)} />
                    </span>
                    <span className="block">{texts.toPhase(PHASES[want.next.phase].word.toLowerCase())}</span>
                </>
            )
    }
}
