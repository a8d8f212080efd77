import { useCallback, useRef, useState } from 'react'
import type { Marks } from '../../lib/marks'
import { useSteps } from '../../lib/undo'

const NOTHING: Marks = { length: [], sheet: [], loops: [[]] }

/** The marks of a tracing, with every step back. */
export function useTracing() {
    const { last, remember, forget } = useSteps<Marks>()
    const [marks, setMarks] = useState<Marks>(NOTHING)
    const latest = useRef<Marks>(NOTHING)

    const change = useCallback(
        (next: (before: Marks) => Marks, isStep = true) => {
            if (isStep) remember(latest.current)
            latest.current = next(latest.current)
            setMarks(latest.current)
        },
        [remember],
    )
    const undo = (before: Marks): void => {
        forget()
        latest.current = before
        setMarks(before)
    }
    return { marks, change, undo: last === undefined ? null : () => undo(last) }
}
