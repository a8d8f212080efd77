import { router } from '@inertiajs/react'
import { useCallback, useRef } from 'react'
import type { FormPress } from '../../lib/journal/queue'
import { theQueue } from '../../lib/journal/useJournal'
import type { CupOnBench } from '../../types/page'

/**
 * Starts the clocks of all that is poured from a cup, in the room as it was measured or planned. What is in the way,
 * such as a stop that wants a reason, is seen to on the cup's own page.
 */
export function useBeginPours(): (cup: CupOnBench) => Promise<void> {
    const made = useRef<Record<string, Promise<FormPress>>>({})
    return useCallback(async (cup) => {
        const press = await (made.current[cup.id] ??= theQueue().formPress())
        router.post(`/mixings/${cup.id}/pours`, { studio: {}, press } as never, {
            onError: () => router.visit(`/mixings/${cup.id}`),
        })
    }, [])
}
