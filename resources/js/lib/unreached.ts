import { router } from '@inertiajs/react'
import { useSyncExternalStore } from 'react'
import { isKept } from './kept'

let unreached = false
const listeners = new Set<() => void>()

function say(is: boolean): void {
    unreached = is
    listeners.forEach((listener) => listener())
}

/** Without a network a page that was kept is opened; from any other one stays where one is, and is told. */
export function followNetwork(): void {
    let going: string | null = null
    router.on('start', ({ detail: { visit } }) => {
        going = visit.method === 'get' && visit.only.length === 0 ? visit.url.href : null
    })
    router.on('networkError', (event) => {
        event.preventDefault()
        if (going !== null && isKept(going)) location.assign(going)
        else say(going !== null)
    })
    router.on('success', () => say(false))
}

/** Whether the page that was wanted last could not be had. */
export function useUnreached(): boolean {
    return useSyncExternalStore(
        (listener) => {
            listeners.add(listener)
            return () => listeners.delete(listener)
        },
        () => unreached,
    )
}
