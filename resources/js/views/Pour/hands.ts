import { useEffect, useRef } from 'react'
import type { Wanted } from '../../lib/pour'
import { chime } from '../../lib/sound'

/** Sounds once when something falls due or the film changes. */
export function useChime(want: Wanted, loud: boolean): void {
    const due =
        want.kind === 'act' ? (want.dueIn <= 0 ? want.act.id : null) : want.kind === 'waiting' ? want.phase : null
    const before = useRef(due)
    useEffect(() => {
        if (due !== before.current && due !== null && loud) chime()
        before.current = due
    }, [due, loud])
}

/** Space, enter and Page Down (a foot pedal) all mean next. */
export function useNextKeys(next: () => void): void {
    const current = useRef(next)
    useEffect(() => {
        current.current = next
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
            current.current()
        }
        window.addEventListener('keydown', press)
        return () => window.removeEventListener('keydown', press)
    }, [])
}
