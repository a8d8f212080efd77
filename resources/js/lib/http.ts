import type { Sentences } from '../types'

/** What the server refused, by field. */
export class Refused extends Error {
    constructor(readonly sentences: Sentences) {
        super(Object.values(sentences).join(' '))
    }
}

/** The server could not be reached. */
export class Unreachable extends Error {}

function token(): string {
    const cookie = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='))
    return cookie ? decodeURIComponent(cookie.slice('XSRF-TOKEN='.length)) : ''
}

/** Asks the server as JSON and answers what it says. */
export async function ask<T>(method: 'GET' | 'POST' | 'PUT' | 'DELETE', url: string, body?: unknown): Promise<T> {
    let response: Response
    try {
        response = await fetch(url, {
            method,
            headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token() },
            ...(body === undefined ? {} : { body: JSON.stringify(body) }),
        })
    } catch {
        throw new Unreachable('The studio cannot be reached.')
    }
    if (response.ok) return (await response.json()) as T
    const problem = (await response.json().catch(() => null)) as { sentences?: Sentences } | null
    if (response.status >= 502) throw new Unreachable('The studio cannot be reached.')
    throw new Refused(problem?.sentences ?? { form: 'Something went wrong here. Reload the page and try again.' })
}
