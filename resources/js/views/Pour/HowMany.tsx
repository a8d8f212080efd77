import { useEffect, useState, type ReactNode } from 'react'
import { Field } from '../../controls/Field'
import { attempted } from '../../lib/attempt'
import { moment } from '../../lib/format'
import { ask } from '../../lib/http'
import { useLatest } from '../../lib/latest'
import type { Pace } from '../../types/page'
import * as words from '@words/pour'

interface Begin {
    begin_at: number | null
    hands: number | null
}

/** So many drops, metres or touches: when to begin so that the last still holds, and how many hands that takes. */
export function HowMany({ pour, pace, now }: { pour: string; pace: Pace; now: number }): ReactNode {
    const [typed, setTyped] = useState('')
    const [begin, setBegin] = useState<Begin | null>(null)
    const look = useLatest(async (count: string) => {
        const said = await attempted(() =>
            ask<Begin>('GET', `/pours/${pour}/pace/${pace}?count=${encodeURIComponent(count)}`),
        )
        setBegin(said.done ? said.value : null)
    })
    useEffect(() => {
        if (typed.trim() === '') setBegin(null)
        else look(typed.trim())
    }, [typed, look])
    return (
        <div className="flex flex-wrap items-end gap-x-4">
            <Field label={words.howMany} value={typed} onChange={setTyped} inputMode="decimal" large className="w-28" />
            {begin !== null && begin.begin_at !== null && (
                <p className="pb-1 text-lg" role="status">
                    {begin.begin_at <= now ? words.beginNow : words.beginBy(moment(begin.begin_at, now))}
                    {(begin.hands ?? 1) > 1 && ` ${words.byHands(begin.hands ?? 1)}`}
                </p>
            )}
        </div>
    )
}
