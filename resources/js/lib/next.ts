import { useCallback, useEffect, useLayoutEffect, useRef } from 'react'

/** A glove that trembles, or a pedal, presses twice: within this time it counts once, whatever was pressed. */
const TREMBLE_MS = 700

/** Nobody has seen what stands there for less than this: such a press was meant for what stood there before. */
const UNSEEN_MS = 300

/**
 * Does what a hand presses, and nothing that follows too soon upon it, or upon a change of what stands there.
 *
 * @param shown the name of what the presses are for
 */
export function useSteady(shown: string): (act: () => void) => void {
    const pressedAt = useRef(-TREMBLE_MS)
    const changed = useRef({ shown, at: -UNSEEN_MS })
    useLayoutEffect(() => {
        if (changed.current.shown !== shown) changed.current = { shown, at: performance.now() }
    }, [shown])
    return useCallback((act) => {
        const now = performance.now()
        if (now - pressedAt.current < TREMBLE_MS || now - changed.current.at < UNSEEN_MS) return
        pressedAt.current = now
        act()
    }, [])
}

/** Space, enter and Page Down (a foot pedal) all mean next: the last whatever has the focus. */
export function useNextKeys(next: () => void): void {
    const current = useRef(next)
    useEffect(() => {
        current.current = next
    })
    useEffect(() => {
        const press = (event: KeyboardEvent): void => {
            if (![' ', 'Enter', 'PageDown'].includes(event.key) || event.repeat) return
            // what is laid over the page is answered by hand
            if (document.querySelector('[role="dialog"]') !== null) return
            if (
                event.key !== 'PageDown' &&
                event.target instanceof Element &&
                event.target.closest('a, button, input, textarea, summary')
            )
                return
            event.preventDefault()
            current.current()
        }
        window.addEventListener('keydown', press)
        return () => window.removeEventListener('keydown', press)
    }, [])
}
