import { hearServerTime } from '../clock'
import { tokenHeader } from '../http'
import type { Kept } from './events'

/** What became of one press: taken, or never to be taken. */
export interface Result {
    id: string
    status: 'done' | 'refused'
    code?: string
    sentence?: string
    field?: string
}

interface Answer {
    now: number
    results: Result[]
    states: Record<string, unknown>
}

/** Why what waits could not be sent now; it is tried again. */
export type Trouble = 'unreachable' | 'busy' | 'session' | 'other_studio'

export type Sent =
    | { is: 'heard'; results: Result[]; states: Record<string, unknown> }
    /** The whole request can never be taken. */
    | { is: 'refused'; code: string; sentence: string }
    | { is: 'later'; trouble: Trouble }

/** No answer takes longer; what was taken all the same is known by its name when it is sent again. */
const PATIENCE_MS = 25_000

const NEVER = [404, 405, 409, 413, 422]

/** Sends presses to the studio, and tells a refusal from a server that is locked, failing or out of reach. */
export async function send(studio: string, device: { id: string; name: string }, presses: Kept[]): Promise<Sent> {
    const askedAt = performance.now()
    let response: Response
    try {
        response = await fetch('/events', {
            method: 'POST',
            headers: {
                'Content-Type': 'application/json',
                Accept: 'application/json',
                ...tokenHeader(),
                'X-Studio': studio,
            },
            body: JSON.stringify({ studio, device, events: presses }),
            signal: AbortSignal.timeout(PATIENCE_MS),
        })
    } catch {
        return { is: 'later', trouble: 'unreachable' }
    }
    if (response.status === 419) return { is: 'later', trouble: 'session' }
    const answer = (await response.json().catch(() => null)) as
        (Partial<Answer> & { code?: string; sentences?: Record<string, string> }) | null
    if (response.ok && answer?.results !== undefined && answer.now !== undefined) {
        hearServerTime(answer.now, performance.now() - askedAt)
        return { is: 'heard', results: answer.results, states: answer.states ?? {} }
    }
    if (answer?.code === 'not_of_this_studio') return { is: 'later', trouble: 'other_studio' }
    if (NEVER.includes(response.status)) {
        return {
            is: 'refused',
            code: answer?.code ?? String(response.status),
            sentence: Object.values(answer?.sentences ?? {}).join(' '),
        }
    }
    return { is: 'later', trouble: response.status >= 502 && response.status !== 503 ? 'unreachable' : 'busy' }
}
