import { useCallback, useState } from 'react'
import { ask, Refused, Unreachable, type Read } from '../../lib/http'
import { useUndoKey } from '../../lib/undo'
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
    const [past, setPast] = useState<BatchSpec[][]>([])
    const [sentences, setSentences] = useState<Sentences>(refused ?? {})
    const [busy, setBusy] = useState(false)
    const [apart, setApart] = useState<string[]>([])
    const base = `/plans/${planId}/evening`

    const attempt = useCallback(async (job: () => Promise<void>): Promise<boolean> => {
        setBusy(true)
        try {
            await job()
            setSentences({})
            return true
        } catch (problem) {
            const stale = problem instanceof Refused ? problem.version : null
            if (stale !== null) setKept((before) => ({ ...before, read: { plan: stale } }))
            if (problem instanceof Refused) setSentences(problem.sentences)
            else if (problem instanceof Unreachable) setSentences({ form: problem.message })
            else throw problem
            return false
        } finally {
            setBusy(false)
        }
    }, [])
    const remember = (): void => setPast((before) => [...before.slice(-20), kept.batches])
    const propose = (coats: string[]): Promise<boolean> =>
        attempt(async () => {
            const proposed = await ask<Omit<Kept, 'read'> & { apart: string[] }>('POST', `${base}/propose`, { coats })
            setKept(await ask<Kept>('PUT', base, { batches: proposed.batches, read: kept.read }))
            setApart(proposed.apart)
            remember()
        })
    const move = (coat: string, from: string, to: string | null, count?: string): Promise<boolean> =>
        attempt(async () => {
            setKept(await ask<Kept>('POST', `${base}/move`, { coat, from, to, count }))
            remember()
        })
    const last = past[past.length - 1]
    const undo =
        last === undefined
            ? null
            : () =>
                  void attempt(async () => {
                      setKept(await ask<Kept>('PUT', base, { batches: last, read: kept.read }))
                      setPast((before) => before.slice(0, -1))
                  })
    useUndoKey(undo)
    return { ...kept, sentences, busy, apart, propose, move, undo }
}
