import { useCallback, useEffect, useRef, useState } from 'react'
import { hearServerTime, serverNow } from '../../lib/clock'
import { ask, Refused, Unreachable } from '../../lib/http'
import type { PourState } from '../../types/page'

interface Deed {
    method: 'POST' | 'DELETE'
    url: string
    at: number
}

interface Running {
    pour: PourState
    cutOff: boolean
    /** When the end of the pouring was pressed, while the server has not heard of it. */
    pouredUnheard: number | null
    refused: string | null
    /** Does something now; it is kept and sent again until the studio has it. */
    perform: (method: 'POST' | 'DELETE', path: string) => void
}

const EVERY_MS = 10_000

/**
 * A running pour: what the server last said of it, corrected by what was done here and has not
 * reached it. Deeds wait in the browser's store, so that neither a reload nor a dead network loses one.
 */
export function usePour(first: PourState): Running {
    const store = `deeds-${first.id}`
    const [pour, setPour] = useState(first)
    const [deeds, setDeeds] = useState<Deed[]>(() => readDeeds(store))
    const [cutOff, setCutOff] = useState(false)
    const [refused, setRefused] = useState<string | null>(null)
    const sending = useRef(false)
    const queue = useRef(deeds)

    const keepDeeds = useCallback(
        (next: Deed[]) => {
            queue.current = next
            setDeeds(next)
            try {
                localStorage.setItem(store, JSON.stringify(next))
            } catch {
                // the browser keeps nothing: the deeds wait in memory
            }
        },
        [store],
    )
    const hear = useCallback((state: PourState, askedAt: number) => {
        hearServerTime(state.now, performance.now() - askedAt)
        setPour(state)
        setCutOff(false)
    }, [])
    const send = useCallback(async () => {
        if (sending.current) return
        sending.current = true
        try {
            while (queue.current.length > 0) {
                const [deed, ...rest] = queue.current as [Deed, ...Deed[]]
                const askedAt = performance.now()
                try {
                    hear(await ask<PourState>(deed.method, deed.url, { at: Math.round(deed.at) }), askedAt)
                    setRefused(null)
                } catch (error) {
                    if (error instanceof Unreachable) {
                        setCutOff(true)
                        return
                    }
                    setRefused(error instanceof Refused ? error.message : 'That could not be written down.')
                }
                keepDeeds(queue.current.slice(queue.current.length - rest.length))
            }
        } finally {
            sending.current = false
        }
    }, [hear, keepDeeds])
    const refresh = useCallback(async () => {
        if (queue.current.length > 0) return send()
        const askedAt = performance.now()
        try {
            const state = await ask<PourState>('GET', `/pours/${first.id}/state`)
            if (queue.current.length === 0) hear(state, askedAt)
        } catch (error) {
            if (error instanceof Unreachable) setCutOff(true)
        }
    }, [first.id, hear, send])

    useEffect(() => {
        hearServerTime(first.now)
        void refresh()
        const timer = setInterval(() => void refresh(), EVERY_MS)
        const seen = (): void => {
            if (document.visibilityState === 'visible') void refresh()
        }
        document.addEventListener('visibilitychange', seen)
        window.addEventListener('online', seen)
        return () => {
            clearInterval(timer)
            document.removeEventListener('visibilitychange', seen)
            window.removeEventListener('online', seen)
        }
    }, [first.now, refresh])

    const perform = useCallback(
        (method: 'POST' | 'DELETE', path: string) => {
            keepDeeds([...queue.current, { method, url: `/pours/${first.id}/${path}`, at: serverNow() }])
            void send()
        },
        [first.id, keepDeeds, send],
    )
    const unheard = pour.poured_at === null ? deeds.findLast((deed) => deed.url.endsWith('/poured')) : undefined
    return {
        pour: deeds.reduce(withDeed, pour),
        cutOff,
        pouredUnheard: unheard?.method === 'POST' ? unheard.at : null,
        refused,
        perform,
    }
}

/** The pour as it will be when the server has heard of the deed. */
function withDeed(pour: PourState, deed: Deed): PourState {
    const act = /\/acts\/(\d+)$/.exec(deed.url)?.[1]
    if (act === undefined) return pour
    return {
        ...pour,
        acts: pour.acts.map((one) =>
            one.id === Number(act)
                ? { ...one, done_at: deed.method === 'POST' ? (one.done_at ?? deed.at) : null }
                : one,
        ),
    }
}

function readDeeds(store: string): Deed[] {
    try {
        const kept: unknown = JSON.parse(localStorage.getItem(store) ?? '[]')
        return Array.isArray(kept) ? (kept as Deed[]) : []
    } catch {
        return []
    }
}
