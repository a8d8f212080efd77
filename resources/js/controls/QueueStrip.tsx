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

/** A press that is under way for longer is said to be waiting. */
const SAID_AFTER_MS = 1_200

const WHY: Record<Trouble, string> = {
    unreachable: 'The studio does not answer.',
    busy: 'The studio is busy.',
    session: 'The studio asks for a new session.',
    other_studio: 'Another studio is served at this address now.',
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
                    <strong>{count === 1 ? '1 press waiting' : `${count} presses waiting`}</strong>
                    <span>
                        {trouble === null ? 'On the way.' : WHY[trouble]}{' '}
                        {trouble === 'other_studio'
                            ? 'It is kept here for its own.'
                            : 'It is kept here with its time, and sent again.'}
                    </span>
                </p>
            )}
            {unreached && (
                <p className="bg-kraft px-4 py-1.5 text-kraft-ink sm:px-6">
                    <strong>The studio does not answer.</strong> That page is not kept here: it can be opened when the
                    studio is back.
                </p>
            )}
            {newVersion && !url.startsWith('/pours/') && !url.startsWith('/mixings/') && (
                <p className="flex flex-wrap items-center gap-x-4 border-b ruled bg-sheet px-4 sm:px-6">
                    A new version of Open Glaze is here.
                    <button
                        type="button"
                        className="min-h-11 font-semibold text-act underline underline-offset-4"
                        onClick={takeNewVersion}
                    >
                        Load it now
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
                        <strong>
                            {press.of}, pressed {moment(happenedAt(press), now)}, was not taken.
                        </strong>{' '}
                        {press.refused?.sentence}
                    </p>
                    <button
                        type="button"
                        className="min-h-16 rounded px-3 font-semibold text-act underline underline-offset-4"
                        onClick={() => void theQueue().putAway(press.sequence)}
                    >
                        Put away
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
