import { useSyncExternalStore } from 'react'
import type { Workbox } from 'workbox-window'

let worker: Workbox | null = null
let waits = false
const listeners = new Set<() => void>()

/** Sets the worker up that shows the bench without a network. */
export async function openWorker(): Promise<void> {
    if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return
    const workbox = await import('workbox-window')
    worker = new workbox.Workbox('/worker.js')
    worker.addEventListener('waiting', () => {
        waits = true
        listeners.forEach((listener) => listener())
    })
    // the page is loaded anew only where somebody pressed for the new version
    await worker.register().catch(() => undefined)
}

/** Keeps this page for when there is no network, also where it was come to from another. */
export function keepPage(url: string): void {
    void navigator.serviceWorker?.ready.then((ready) => ready.active?.postMessage({ keep: url }))
}

/** Whether a new version waits for a press. */
export function useNewVersion(): boolean {
    return useSyncExternalStore(
        (listener) => {
            listeners.add(listener)
            return () => listeners.delete(listener)
        },
        () => waits,
    )
}

export function takeNewVersion(): void {
    worker?.addEventListener('controlling', () => location.reload())
    worker?.messageSkipWaiting()
}
