/// <reference lib="webworker" />
import { precacheAndRoute, type PrecacheEntry } from 'workbox-precaching'
import { isKept } from '../lib/kept'
import * as words from '@words/worker'

/**
 * Shows the pages of the bench without a network: as the studio last sent them, with scripts and styles
 * that are kept whole. What was pressed since stands in the queue of the device, and is laid over them.
 *
 * Pages are kept by studio, and only those of the studio that was served last are shown.
 */
declare const self: ServiceWorkerGlobalScope & { __WB_MANIFEST: (string | PrecacheEntry)[] }

precacheAndRoute(self.__WB_MANIFEST)

const MOST_KEPT = 60

/** A studio that takes longer is taken for one that does not answer, where there is a page to show. */
const PATIENCE_MS = 8_000

/** Remembers which studio was served last. */
const NAMES = 'open-glaze-names'

self.addEventListener('fetch', (event) => {
    const { request } = event
    if (request.mode !== 'navigate' || request.method !== 'GET') return
    event.respondWith(isKept(request.url) ? page(request) : fetch(request).catch(noAnswer))
})

self.addEventListener('message', (event: ExtendableMessageEvent) => {
    const { keep, type } = event.data as { keep?: string; type?: string }
    if (keep !== undefined && isKept(keep)) {
        event.waitUntil(fetchPage(keep))
        // what happened on this page is to be on Now too, whoever was not there since
        if (new URL(keep, location.origin).pathname !== '/') event.waitUntil(fetchPage('/'))
    }
    // a new version takes over when somebody pressed for it
    if (type === 'SKIP_WAITING') void self.skipWaiting()
})

async function page(request: Request): Promise<Response> {
    try {
        const response = await fetch(request, { signal: AbortSignal.timeout(PATIENCE_MS) })
        if (response.status >= 500) return (await kept(request.url)) ?? response
        await keep(request.url, response.clone())
        return response
    } catch {
        return (await kept(request.url)) ?? noAnswer()
    }
}

/** A page that was come to without loading it whole is fetched once more, to be kept. */
async function fetchPage(url: string): Promise<void> {
    try {
        await keep(url, await fetch(url, { headers: { Accept: 'text/html' } }))
    } catch {
        // without a network there is nothing to be kept
    }
}

async function keep(url: string, response: Response): Promise<void> {
    const studio = response.headers.get('X-Studio')
    if (studio === null) return
    await (await caches.open(NAMES)).put('/studio', new Response(studio))
    if (!response.ok || response.redirected) return
    const pages = await caches.open(`open-glaze-pages-${studio}`)
    // what was kept last is the last in the list
    await pages.delete(url)
    await pages.put(url, response)
    for (const old of (await pages.keys()).slice(0, -MOST_KEPT)) await pages.delete(old)
}

/** The page as it was kept, and marked as such: its clock is an old one. */
async function kept(url: string): Promise<Response | null> {
    const studio = await (await caches.match('/studio', { cacheName: NAMES }))?.text()
    if (studio === undefined) return null
    const found = await caches.match(url, { cacheName: `open-glaze-pages-${studio}`, ignoreVary: true })
    if (found === undefined) return null
    const text = (await found.text()).replace('<html ', '<html data-kept ')
    return new Response(text, { headers: found.headers })
}

function noAnswer(): Response {
    return new Response(
        `<!DOCTYPE html><html lang="${words.language}"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>${words.title}</title>` +
            `<main><h1>${words.noAnswer}</h1><p>${words.notKept} <a href="/">${words.goToNow}</a>.</p></main></html>`,
        { status: 503, headers: { 'Content-Type': 'text/html; charset=utf-8' } },
    )
}
