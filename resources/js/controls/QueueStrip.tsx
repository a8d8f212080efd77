import { usePage } from '@inertiajs/react'
import { WarningIcon } from '@phosphor-icons/react'
import { useEffect, useState, type ReactNode } from 'react'
import { useServerNow } from '../lib/clock'
import { moment } from '../lib/format'
import { happenedAt } from '../lib/journal/events'
import type { Trouble } from '../lib/journal/sender'
import { theQueue, useQueue } from '../lib/journal/useJournal'
import { useUnreached } from '../lib/unreached'
import { takeNewVersion, useNewVersion } from '../lib/worker'
import * as words from '@words/controls'

/** A press that is under way for longer is said to be waiting. */
const SAID_AFTER_MS = 1_200

const WHY: Record<Trouble, string> = {
    unreachable: words.theStudioDoesNotAnswer,
    busy: words.theStudioIsBusy,
    session: words.theStudioAsksForANewSession,
    other_studio: words.anotherStudioIsServedAtThisAddressNow,
}

/** What was pressed here and is not with the studio yet, and what it will never take: in sight on every page. */
export function QueueStrip(): ReactNode {
    const { waiting, aside, trouble } = useQueue()
    const now = useServerNow()
    const first = waiting[0]
    const slow = useSlow(first?.id)
    const count = waiting.length
    const newVersion = useNewVersion()
    const unreached = useUnreached()
    const { url } = usePage()
    return (
        <div aria-live="polite" className="no-print sticky top-0 z-20">
            {first !== undefined && (slow || trouble !== null) && (
                <p className="flex flex-wrap gap-x-3 bg-kraft px-4 py-1.5 text-kraft-ink sm:px-6" data-testid="waiting">
                    <strong>{count === 1 ? words.n1PressWaiting : words.pressesWaiting(count)}</strong>
                    <span>
                        {trouble === null ? words.onTheWay : WHY[trouble]}{' '}
                        {trouble === 'other_studio'
                            ? words.itIsKeptHereForItsOwn
                            : words.itIsKeptHereWithItsTimeAndSentAgain}
                    </span>
                </p>
            )}
            {unreached && (
                <p className="bg-kraft px-4 py-1.5 text-kraft-ink sm:px-6">
                    <strong>{words.theStudioDoesNotAnswer}</strong> {words.thatPageIsNotKeptHereItCanBeOpenedWhen}
                </p>
            )}
            {newVersion && !url.startsWith('/pours/') && !url.startsWith('/mixings/') && (
                <p className="flex flex-wrap items-center gap-x-4 border-b ruled bg-sheet px-4 sm:px-6">
                    {words.aNewVersionOfOpenGlazeIsHere}
                    <button
                        type="button"
                        className="min-h-11 font-semibold text-act underline underline-offset-4"
                        onClick={takeNewVersion}
                    >
                        {words.loadItNow}
                    </button>
                </p>
            )}
            {aside.map((press) => (
                <div
                    key={press.sequence}
                    className="flex flex-wrap items-center gap-x-4 border-b ruled bg-sheet px-4 py-1 sm:px-6"
                >
                    <WarningIcon size={22} className="text-danger" aria-hidden="true" />
                    <p className="min-w-0 flex-1">
                        <strong>{words.pressWasNotTaken(press.of, moment(happenedAt(press), now))}</strong>{' '}
                        {press.refused?.sentence}
                    </p>
                    <button
                        type="button"
                        className="min-h-16 rounded px-3 font-semibold text-act underline underline-offset-4"
                        onClick={() => void theQueue().putAway(press.sequence)}
                    >
                        {words.putAway}
                    </button>
                </div>
            ))}
        </div>
    )
}

/** Whether the same press has been first for a while. */
function useSlow(id: string | undefined): boolean {
    const [slow, setSlow] = useState<string | null>(null)
    useEffect(() => {
        if (id === undefined) return
        const timer = setTimeout(() => setSlow(id), SAID_AFTER_MS)
        return () => clearTimeout(timer)
    }, [id])
    return id !== undefined && slow !== null
}
