import type { Sentences } from '../types/page'
import * as words from '@words/lib'

/** What the server refused, by field. */
export class Refused extends Error {
    constructor(
        readonly sentences: Sentences,
        readonly code: string | null = null,
        /** What is there now, where it was changed elsewhere since it was read. */
        readonly version: number | null = null,
        /** What is wrong at each field, by its code. */
        readonly codes: Record<string, string> = {},
    ) {
        super(Object.values(sentences).join(' '))
    }
}

/** The versions of rows that a page shows, by their kind. */
export type Read = Record<string, number>

/** The server could not be reached. */
export class Unreachable extends Error {}

let tokenCookie = 'XSRF-TOKEN'

let studioOfPage: string | null = null

/** Says which studio the pages are of: its token lies in a cookie of its own. */
export function nameStudio(studio: string): void {
    tokenCookie = `XSRF-TOKEN-${studio.slice(0, 8)}`
    studioOfPage = studio
}

/** Which studio's page it is that asks. */
export function tokenHeader(): Record<string, string> {
    const cookie = document.cookie.split('; ').find((part) => part.startsWith(`${tokenCookie}=`))
    return cookie ? { 'X-XSRF-TOKEN': decodeURIComponent(cookie.slice(tokenCookie.length + 1)) } : {}
}

/** A new token for the session, since the old one has run out. */
export async function newToken(): Promise<void> {
    try {
        await fetch('/now/pours', { headers: { Accept: 'application/json' }, signal: AbortSignal.timeout(20_000) })
    } catch {
        // out of reach: it is tried again with the next sending
    }
}

let device: string | null = null

/** Names this device in all that it asks for from now on. */
export function nameDevice(id: string, name: string): void {
    device = `${id};${name}`
}

/** By which a page is answered by its own studio while another tab rehearses. */
function studioHeader(): Record<string, string> {
    return studioOfPage === null ? {} : { 'X-Studio': studioOfPage }
}

/** By which the studio knows where something was changed. */
export function deviceHeader(): Record<string, string> {
    return device === null ? {} : { 'X-Device': device }
}

/** Asks the server as JSON and answers what it says. */
export function ask<T>(method: 'GET' | 'POST' | 'PUT' | 'DELETE', url: string, body?: unknown): Promise<T> {
    return put<T>(method, url, 'application/json', body === undefined ? undefined : JSON.stringify(body))
}

/** Sends a file's text as it is. */
export function send<T>(url: string, text: string): Promise<T> {
    return put<T>('POST', url, 'text/plain', text)
}

async function put<T>(method: string, url: string, type: string, body: string | undefined, again = true): Promise<T> {
    let response: Response
    try {
        response = await fetch(url, {
            method,
            headers: {
                'Content-Type': type,
                Accept: 'application/json',
                ...tokenHeader(),
                ...deviceHeader(),
                ...studioHeader(),
            },
            ...(body === undefined ? {} : { body }),
        })
    } catch {
        throw new Unreachable(words.theStudioCannotBeReached)
    }
    // the rehearsal was left in another tab, or another studio was started here: what that says is not of this page
    const of = response.headers.get('X-Studio')
    if (of !== null && studioOfPage !== null && of !== studioOfPage) throw new Unreachable(words.anotherStudioAnswers)
    if (response.ok) return (await response.json()) as T
    if (response.status === 419 && again) {
        await newToken()
        return put(method, url, type, body, false)
    }
    const problem = (await response.json().catch(() => null)) as {
        sentences?: Sentences
        code?: string
        version?: number
        codes?: Record<string, string>
    } | null
    if (response.status >= 502 && problem?.sentences === undefined) {
        throw new Unreachable(words.theStudioCannotBeReached)
    }
    throw new Refused(
        problem?.sentences ?? { form: words.somethingWentWrongHereReloadThePageAnd },
        problem?.code ?? null,
        problem?.version ?? null,
        problem?.codes ?? {},
    )
}
