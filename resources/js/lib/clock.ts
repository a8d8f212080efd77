import { useEffect, useSyncExternalStore } from 'react'

/**
 * The server's time on this page. It is anchored to the time since the page began, which goes on
 * evenly even when somebody sets the device's clock, and never to the device's own date; only a page
 * that was opened without the server goes by the device's date and what was last measured beside it.
 */
let anchor: { serverMs: number; sinceMs: number; tookMs: number } | null = null

const MEASURED = 'server-ahead-ms'

/** How much two clocks part in a second at most: an older measuring is trusted so much less. */
const DRIFT = 0.0002

/**
 * Takes the server's word for what time it is. Half of the way there and back is taken off, so a measuring
 * is as good as that way was short: one on a slow line does not take the place of a better one.
 */
export function hearServerTime(serverMs: number, tookMs: number): void {
    const now = performance.now()
    if (anchor !== null && tookMs > anchor.tookMs + DRIFT * (now - anchor.sinceMs)) return
    anchor = { serverMs: serverMs + tookMs / 2, sinceMs: now, tookMs }
    try {
        localStorage.setItem(MEASURED, String(measuredOffset()))
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
    hearServerTime(serverMs + performance.now() - load.responseStart, load.responseStart - load.requestStart)
}

export function serverNow(): number {
    return anchor === null ? Date.now() + lastMeasured() : anchor.serverMs + (performance.now() - anchor.sinceMs)
}

/** How much the server's clock is ahead of the device's own, ms. */
export function measuredOffset(): number {
    return Math.round(serverNow() - Date.now())
}

function lastMeasured(): number {
    try {
        return Number(localStorage.getItem(MEASURED) ?? 0) || 0
    } catch {
        return 0
    }
}

/** Once a second, as the studio's second begins. */
function everySecond(changed: () => void): () => void {
    let timer = 0
    const tick = (): void => {
        clearTimeout(timer)
        timer = window.setTimeout(tick, 1000 - (serverNow() % 1000) + 5)
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
