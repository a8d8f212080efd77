import { useCallback, useEffect, useRef } from 'react'

/**
 * Runs one asynchronous job at a time; of those asked for meanwhile only the latest runs next.
 * Answers come in the order of the questions, so what is shown last is what was asked last.
 */
export function useLatest<Q>(job: (question: Q) => Promise<void>): (question: Q) => void {
    const isRunning = useRef(false)
    const waiting = useRef<{ question: Q } | null>(null)
    const current = useRef(job)
    useEffect(() => {
        current.current = job
    })

    return useCallback((question: Q) => {
        waiting.current = { question }
        if (isRunning.current) return
        isRunning.current = true
        void (async () => {
            while (waiting.current !== null) {
                const next = waiting.current
                waiting.current = null
                // whatever one of them throws, the next is put
                await current.current(next.question).catch((problem: unknown) => console.error(problem))
            }
            isRunning.current = false
        })()
    }, [])
}
