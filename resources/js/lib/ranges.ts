import { useEffect, useState } from 'react'
import type { Ranges } from '../types/answer'
import { ask } from './http'

/** How long somebody has rested on an answer before it is asked how sure it is, ms. */
const RESTED_MS = 700

/** How sure the figures of an answer are; none while it is changing, or when the studio does not say. */
export function useRanges(url: string, body: () => unknown, answer: unknown): Ranges {
    const [heard, setHeard] = useState<{ of: unknown; ranges: Ranges } | null>(null)
    useEffect(() => {
        if (answer === null || answer === undefined) return
        let current = true
        const timer = setTimeout(() => {
            ask<Ranges>('POST', url, body()).then(
                (ranges) => current && setHeard({ of: answer, ranges }),
                () => undefined,
            )
        }, RESTED_MS)
        return () => {
            current = false
            clearTimeout(timer)
        }
        // body() reads what is touched at the moment of asking
    }, [url, answer]) // eslint-disable-line
    return heard !== null && heard.of === answer ? heard.ranges : {}
}
