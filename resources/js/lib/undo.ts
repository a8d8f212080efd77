import { useCallback, useEffect, useState } from 'react'

const MOST_STEPS_BACK = 200

interface Steps<S> {
    /** What was there before the last step; undefined where there was none. */
    last: S | undefined
    remember: (before: S) => void
    /** The last step was taken back. */
    forget: () => void
}

/** What was there before each step, as far back as anybody goes. */
export function useSteps<S>(): Steps<S> {
    const [past, setPast] = useState<S[]>([])
    const remember = useCallback((before: S) => setPast((steps) => [...steps.slice(1 - MOST_STEPS_BACK), before]), [])
    const forget = useCallback(() => setPast((steps) => steps.slice(0, -1)), [])
    return { last: past.at(-1), remember, forget }
}

/** Ctrl-Z or Cmd-Z takes the last change back, unless somebody is typing. */
export function useUndoKey(undo: (() => void) | null): void {
    useEffect(() => {
        const press = (event: KeyboardEvent): void => {
            if ((event.ctrlKey || event.metaKey) && event.key === 'z' && !(event.target instanceof HTMLInputElement)) {
                event.preventDefault()
                undo?.()
            }
        }
        window.addEventListener('keydown', press)
        return () => window.removeEventListener('keydown', press)
    }, [undo])
}
