import { useCallback, useEffect, useRef } from 'react'
import type { FormPress } from './queue'
import { theQueue } from './useJournal'

/** The press that a form sends along: one for each time that it is opened, so that sending it twice does it once. */
export function useFormPress(open: boolean, subject?: string): () => Promise<FormPress> {
    const made = useRef<Promise<FormPress> | null>(null)
    useEffect(() => {
        made.current = null
    }, [open])
    return useCallback(() => (made.current ??= theQueue().formPress(subject)), [subject])
}
