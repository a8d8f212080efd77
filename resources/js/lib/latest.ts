import { useCallback, useEffect, useRef } from 'react'

interface Latest<Q> {
    /** Asks; of questions asked while one is under way, only the latest is put. */
    ask: (question: Q) => void
    /** When nothing is under way or waiting any more. */
    settled: () => Promise<void>
}

/**
 * Runs one asynchronous job at a time; of those asked for meanwhile only the latest runs next.
 * Answers come in the order of the questions, so what is shown last is what was asked last.
 */
export function useLatest<Q>(job: (question: Q) => Promise<void>): Latest<Q> {
    const running = useRef<Promise<void> | null>(null)
    const waiting = useRef<{ question: Q } | null>(null)
    const current = useRef(job)
    useEffect(() => {
        current.current = job
    })

    const ask = useCallback((question: Q) => {
        waiting.current = { question }
        running.current ??= (async () => {
            while (waiting.current !== null) {
                const next = waiting.current
                waiting.current = null
                await current.current(next.question)
            }
            running.current = null
        })()
    }, [])
    const settled = useCallback(async () => {
        while (running.current !== null) await running.current
    }, [])
    return { ask, settled }
}
