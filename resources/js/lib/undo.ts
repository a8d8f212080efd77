import { useEffect } from 'react'

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
