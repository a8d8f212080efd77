import { useEffect, useRef } from 'react'

/** A glove that trembles, or a pedal, presses twice: within this time it counts once. */
const TREMBLE_MS = 700

/**
 * "Next" by a button, by space, enter or Page Down (a foot pedal): the last whatever has the focus.
 *
 * @return what the button calls
 */
export function useNext(next: () => void): () => void {
    const current = useRef(next)
    const pressedAt = useRef(-TREMBLE_MS)
    useEffect(() => {
        current.current = next
    })
    const once = useRef((): void => {
        if (performance.now() - pressedAt.current < TREMBLE_MS) return
        pressedAt.current = performance.now()
        current.current()
    })
    useEffect(() => {
        const press = (event: KeyboardEvent): void => {
            if (![' ', 'Enter', 'PageDown'].includes(event.key) || event.repeat) return
            if (
                event.key !== 'PageDown' &&
                event.target instanceof Element &&
                event.target.closest('a, button, input, textarea, summary')
            )
                return
            event.preventDefault()
            once.current()
        }
        window.addEventListener('keydown', press)
        return () => window.removeEventListener('keydown', press)
    }, [])
    return once.current
}
