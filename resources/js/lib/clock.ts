import { useEffect, useSyncExternalStore } from 'react'

/**
 * The server's time on this page. It is anchored to the time since the page began, which goes on
 * evenly even when somebody sets the device's clock, and never to the device's own date; only a page
 * that was opened without the server goes by the device's date and what was last measured beside it.
 */
let anchor: { serverMs: number; sinceMs: number; tookMs: number } | null = null

/** How many seconds of the studio's clock go by in one: more than one in a rehearsal. */
let pace = 1

const MEASURED = 'server-clock'

/** The studio's clock goes so fast from now on; where it is known, from that moment of it on. */
export function goAtPace(to: number, serverMs: number | null = null): void {
    if (anchor !== null) anchor = { serverMs: serverMs ?? serverNow(), sinceMs: performance.now(), tookMs: 0 }
    pace = to
}

export function paceNow(): number {
    return pace
}

/** How much two clocks part in a second at most: an older measuring is trusted so much less. */
const DRIFT = 0.0002

/**
 * Takes the server's word for what time it is. Half of the way there and back is taken off, so a measuring
 * is as good as that way was short: one on a slow line does not take the place of a better one.
 */
export function hearServerTime(serverMs: number, tookMs: number): void {
    const now = performance.now()
    if (anchor !== null && tookMs > anchor.tookMs + DRIFT * (now - anchor.sinceMs)) return
    anchor = { serverMs: serverMs + (pace * tookMs) / 2, sinceMs: now, tookMs }
    try {
        localStorage.setItem(MEASURED, JSON.stringify({ deviceMs: Date.now(), serverMs: serverNow(), pace }))
    } catch {
        // the browser keeps nothing
    }
}

/** Takes the word of the page that was loaded first: not of one that was kept from an earlier day. */
export function hearPageTime(serverMs: number): void {
    if (anchor !== null || document.documentElement.dataset.kept !== undefined) return
    const [load] = performance.getEntriesByType('navigation') as PerformanceNavigationTiming[]
    if (load === undefined) return
    // it was said when the answer began
    hearServerTime(serverMs + pace * (performance.now() - load.responseStart), load.responseStart - load.requestStart)
}

export function serverNow(): number {
    return anchor === null ? lastMeasured() : anchor.serverMs + pace * (performance.now() - anchor.sinceMs)
}

/** How much the server's clock is ahead of the device's own, ms. */
export function measuredOffset(): number {
    return Math.round(serverNow() - Date.now())
}

/** By the device's date and what was last measured beside it. */
function lastMeasured(): number {
    const now = Date.now()
    try {
        const last = JSON.parse(localStorage.getItem(MEASURED) ?? '') as Record<string, unknown>
        const { deviceMs, serverMs, pace: then } = last
        if (typeof deviceMs !== 'number' || typeof serverMs !== 'number' || typeof then !== 'number') return now
        return serverMs + then * (now - deviceMs)
    } catch {
        return now
    }
}

/** Once a second, as the studio's second begins. */
function everySecond(changed: () => void): () => void {
    let timer = 0
    const tick = (): void => {
        clearTimeout(timer)
        timer = window.setTimeout(tick, pace === 1 ? 1000 - (serverNow() % 1000) + 5 : 1000)
        changed()
    }
    tick()
    document.addEventListener('visibilitychange', tick)
    return () => {
        clearTimeout(timer)
        document.removeEventListener('visibilitychange', tick)
    }
}

/** The server's time, in whole seconds, going on by itself. */
export function useServerNow(): number {
    return useSyncExternalStore(everySecond, () => Math.floor(serverNow() / 1000) * 1000)
}

/** Keeps the screen awake while the page is in view. */
export function useWakeLock(): void {
    useEffect(() => {
        let lock: WakeLockSentinel | null = null
        let gone = false
        const take = async (): Promise<void> => {
            if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return
            try {
                const taken = await navigator.wakeLock.request('screen')
                if (gone) await taken.release()
                else lock = taken
            } catch {
                lock = null
            }
        }
        const again = (): void => void take()
        again()
        document.addEventListener('visibilitychange', again)
        return () => {
            gone = true
            document.removeEventListener('visibilitychange', again)
            void lock?.release()
        }
    }, [])
}
