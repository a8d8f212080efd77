import { router } from '@inertiajs/react'
import { newToken } from './http'

let send: (() => void) | null = null
let sentTwice = false

/** Remembers what is on its way, so that it can be sent once more. */
export function followVisits(): void {
    router.on('start', ({ detail: { visit } }) => {
        send = () => router.visit(visit.url, visit)
    })
    router.on('success', () => {
        sentTwice = false
    })
    router.on('httpException', (event) => {
        if (sendsAgain(event.detail.response.status)) event.preventDefault()
    })
}

/** Whether it was refused only because its token had run out, and is sent once more with a new one. */
export function sendsAgain(status: number): boolean {
    if (status !== 419 || send === null || sentTwice) return false
    sentTwice = true
    void newToken().then(send)
    return true
}
