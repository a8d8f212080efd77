import type { ReactNode } from 'react'
import { moment } from '../../lib/format'
import type { Moved } from '../../lib/journal/whatMoved'
import type { PourActState } from '../../types/page'
import * as words from '@words/run'

const MOST = 4

/** What the studio says is otherwise than it was shown while it could not be heard; gone with one press. */
export function WhatMoved(props: { moved: Moved[]; now: number; onSeen: () => void }): ReactNode {
    const { moved, now } = props
    if (moved.length === 0) return null
    return (
        <section
            role="status"
            className="mt-1 flex items-center gap-3 rounded bg-kraft py-1 pr-1 pl-3 text-kraft-ink"
            data-testid="moved"
        >
            <div className="min-w-0 flex-1">
                <p className="font-semibold">{words.whileNothingWasHeard}</p>
                <ul>
                    {moved.slice(0, MOST).map((one) => (
                        <li key={one.film}>{sentence(one, now)}</li>
                    ))}
                    {moved.length > MOST && <li>{words.andMore(moved.length - MOST)}</li>}
                </ul>
            </div>
            <button
                type="button"
                className="min-h-16 rounded border border-kraft-ink px-4 text-lg"
                onClick={props.onSeen}
            >
                {words.seen}
            </button>
        </section>
    )
}

function sentence(one: Moved, now: number): string {
    if (one.now !== null) return words.filmIs[one.now](one.title)
    return words.filmMoved(one.title, [
        ...one.marked.map((act) => words.doneElsewhere(act.title)),
        ...times(one.times, now),
        ...one.came.slice(0, 1).map((act) => words.isNew(act.title, at(act, now))),
    ])
}

function times(acts: PourActState[], now: number): string[] {
    const [next, ...others] = acts
    if (next === undefined) return []
    return [
        others.length === 0
            ? words.movedTo(next.title, at(next, now))
            : words.manyMoved(acts.length, next.title, at(next, now)),
    ]
}

function at(act: PourActState, now: number): string {
    return moment(act.due_at ?? now, now)
}
