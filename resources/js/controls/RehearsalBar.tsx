import { Link, usePage } from '@inertiajs/react'
import { FastForwardIcon } from '@phosphor-icons/react'
import { useCallback, useEffect, useState, type ReactNode } from 'react'
import { attempted } from '../lib/attempt'
import { goAtPace, useServerNow } from '../lib/clock'
import { wallClock } from '../lib/format'
import { ask } from '../lib/http'
import { heardOf, useOften } from '../lib/often'
import type { RehearsalState } from '../types/page'
import * as words from '@words/rehearsal'

const EVERY_MS = 2_000

const PRESS = 'min-h-11 min-w-11 rounded border border-current px-3 font-semibold'

/** What stands over every page of a rehearsal: that it is one, how fast it goes, what went wrong, and the way out. */
export default function RehearsalBar({ ended }: { ended: boolean }): ReactNode {
    const [state, setState] = useState<RehearsalState | null>(null)
    const now = useServerNow()
    const { url } = usePage()
    const look = useCallback(async (): Promise<void> => {
        const heard = await attempted(() => heardOf<RehearsalState>('/rehearsal/state'))
        if (heard.done) setState(heard.value)
    }, [])
    useEffect(() => void look(), [look])
    useOften(look, EVERY_MS)
    const turn = async (to: string, body: unknown): Promise<void> => {
        const turned = await attempted(() => ask<{ now: number; pace: number }>('POST', to, body))
        if (!turned.done) return
        goAtPace(turned.value.pace, turned.value.now)
        await look()
    }
    const out = async (to: string): Promise<void> => {
        const gone = await attempted(() => ask<{ to: string }>('POST', to))
        // another studio, and another clock: the page is loaded whole
        if (gone.done) location.assign(gone.value.to)
    }
    const isOver = ended || state?.ended === true
    const pace = state?.pace
    const news = state?.news ?? []
    // what came last, and what is still to be answered
    const shown = news.filter((one, at) => one.asks || at === news.length - 1)
    return (
        <aside aria-label={words.rehearsal} className="rehearsal no-print text-kraft-ink">
            <div className="flex flex-wrap items-center gap-x-4 gap-y-1 px-3 py-1 sm:px-6">
                <p className="flex items-center gap-2 text-lg font-bold">
                    <FastForwardIcon size={22} weight="fill" aria-hidden="true" />
                    {isOver ? words.rehearsalOver : words.rehearsal} {wallClock(now)}
                </p>
                <p className="hidden min-w-0 flex-1 sm:block">
                    {words.nothingIsWritten}
                    {state !== null && state.wet > 0 && <strong> {words.reallyWet(state.wet)}</strong>}
                </p>
                {!isOver && (
                    <div role="group" aria-label={words.howFast} className="flex gap-1">
                        {(state?.paces ?? []).map((one) => (
                            <button
                                key={one}
                                type="button"
                                aria-pressed={pace === one}
                                className={`${PRESS} ${pace === one ? 'bg-kraft-ink text-kraft' : ''}`}
                                onClick={() => void turn('/rehearsal/pace', { pace: one })}
                            >
                                ×{one}
                            </button>
                        ))}
                    </div>
                )}
                {isOver && url !== '/rehearsal' && (
                    <Link href="/rehearsal" className={`${PRESS} inline-flex items-center`}>
                        {words.lookBack}
                    </Link>
                )}
                <button
                    type="button"
                    className={PRESS}
                    onClick={() => void out(isOver ? '/rehearsal/leave' : '/rehearsal/end')}
                >
                    {isOver ? words.leave : words.end}
                    {!isOver && <span className="hidden sm:inline">{words.lookBackToo}</span>}
                </button>
            </div>
            {(isOver ? [] : shown).map((one) => (
                <div
                    key={one.accident}
                    role="alert"
                    className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-current bg-kraft px-3 py-1 sm:px-6"
                    data-testid="news"
                >
                    <p className="min-w-56 flex-1 text-lg font-bold">
                        {wallClock(one.at)} {one.text}
                    </p>
                    {one.asks && (
                        <>
                            <button
                                type="button"
                                className={`${PRESS} min-h-16`}
                                onClick={() => void turn('/rehearsal/door', { go: false })}
                            >
                                {words.letThemWait}
                            </button>
                            <button
                                type="button"
                                className={`${PRESS} min-h-16`}
                                onClick={() => void turn('/rehearsal/door', { go: true })}
                            >
                                {words.goToTheDoor}
                            </button>
                        </>
                    )}
                </div>
            ))}
        </aside>
    )
}
