import { useEffect } from 'react'
import { hearServerTime } from './clock'
import { ask } from './http'

/** Asks the studio what something is like now, and takes its word for what time it is. */
export async function heardOf<T extends { now: number }>(url: string): Promise<T> {
    const askedAt = performance.now()
    const heard = await ask<T>('GET', url)
    hearServerTime(heard.now, performance.now() - askedAt)
    return heard
}

/** Looks every so often, when the network is back, and when somebody turns to the page again. */
export function useOften(look: () => void, everyMs: number): void {
    useEffect(() => {
        const timer = setInterval(look, everyMs)
        const seen = (): void => {
            if (document.visibilityState === 'visible') look()
        }
        document.addEventListener('visibilitychange', seen)
        window.addEventListener('online', seen)
        return () => {
            clearInterval(timer)
            document.removeEventListener('visibilitychange', seen)
            window.removeEventListener('online', seen)
        }
    }, [look, everyMs])
}
