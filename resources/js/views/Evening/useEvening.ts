import { useState } from 'react'
import { useAttempt } from '../../lib/attempt'
import { ask, type Read } from '../../lib/http'
import { useSteps, useUndoKey } from '../../lib/undo'
import type { BatchSpec, EveningFigures } from '../../types/mixing'
import type { Sentences } from '../../types/page'

interface Kept {
    read: Read
    batches: BatchSpec[]
    answer: EveningFigures | null
}

interface Evening extends Kept {
    sentences: Sentences
    busy: boolean
    /** Names of what fits into no cup at hand. */
    apart: string[]
    propose: (coats: string[]) => Promise<boolean>
    move: (coat: string, from: string, to: string | null, count?: string) => Promise<boolean>
    undo: (() => void) | null
}

/** Tonight's batches, kept on the server with every step; the last steps can be taken back. */
export function useEvening(planId: number, first: Kept, refused: Sentences | null): Evening {
    const [kept, setKept] = useState(first)
    const steps = useSteps<BatchSpec[]>()
    const [apart, setApart] = useState<string[]>([])
    const { sentences, busy, attempt, theirs } = useAttempt(refused)
    const base = `/plans/${planId}/evening`
    // what somebody else changed was said: from then on it is known
    const read = theirs === null ? kept.read : { plan: theirs }

    const propose = async (coats: string[]): Promise<boolean> => {
        const done = await attempt(async () => {
            const proposed = await ask<Omit<Kept, 'read'> & { apart: string[] }>('POST', `${base}/propose`, { coats })
            return { apart: proposed.apart, kept: await ask<Kept>('PUT', base, { batches: proposed.batches, read }) }
        })
        if (done === null) return false
        steps.remember(kept.batches)
        setKept(done.kept)
        setApart(done.apart)
        return true
    }
    const move = async (coat: string, from: string, to: string | null, count?: string): Promise<boolean> => {
        const moved = await attempt(() => ask<Kept>('POST', `${base}/move`, { coat, from, to, count }))
        if (moved === null) return false
        steps.remember(kept.batches)
        setKept(moved)
        return true
    }
    const undo = async (batches: BatchSpec[]): Promise<void> => {
        const back = await attempt(() => ask<Kept>('PUT', base, { batches, read }))
        if (back === null) return
        setKept(back)
        steps.forget()
    }
    const { last } = steps
    const undoing = last === undefined ? null : () => void undo(last)
    useUndoKey(undoing)
    return { ...kept, sentences, busy, apart, propose, move, undo: undoing }
}
