import { useCallback, useRef, useState } from 'react'
import type { Marks } from '../../lib/marks'

const NOTHING: Marks = { length: [], sheet: [], loops: [[]] }

const MOST_STEPS_BACK = 200

/** The marks of a tracing, with every step back. */
export function useTracing() {
    const [past, setPast] = useState<Marks[]>([])
    const [marks, setMarks] = useState<Marks>(NOTHING)
    const latest = useRef<Marks>(NOTHING)

    const change = useCallback((next: (before: Marks) => Marks, remember = true) => {
        if (remember) setPast((steps) => [...steps.slice(-MOST_STEPS_BACK), latest.current])
        latest.current = next(latest.current)
        setMarks(latest.current)
    }, [])
    const undo = (): void => {
        const before = past[past.length - 1]
        if (before === undefined) return
        setPast(past.slice(0, -1))
        latest.current = before
        setMarks(before)
    }
    return { marks, change, undo: past.length > 0 ? undo : null }
}
