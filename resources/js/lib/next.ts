import { useCallback, useEffect, useRef } from 'react'

/** A glove that trembles, or a pedal, presses twice: within this time it counts once, whatever was pressed. */
const TREMBLE_MS = 700

/** Does what a hand presses, and nothing that follows too soon upon it. */
export function useSteady(): (act: () => void) => void {
    const pressedAt = useRef(-TREMBLE_MS)
    return useCallback((act) => {
        if (performance.now() - pressedAt.current < TREMBLE_MS) return
        pressedAt.current = performance.now()
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
