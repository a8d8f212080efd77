import { useRef, useState } from 'react'
import { ask, Refused, Unreachable, type Read } from '../../lib/http'
import { useLatest } from '../../lib/latest'
import { useUndoKey } from '../../lib/undo'
import type { BatchFigures, BatchSpec, CupFigures } from '../../types/mixing'
import type { Sentences } from '../../types/page'

interface Answer {
    figures: BatchFigures | undefined
    cup: CupFigures | null
}

interface Draft extends Answer {
    batches: BatchSpec[]
    spec: BatchSpec | undefined
    sentences: Sentences
    /** Changes this batch; it is computed at once, and kept a moment later. */
    change: (how: (batch: BatchSpec) => BatchSpec) => void
    undo: (() => void) | null
    /** Puts this cup over what somebody else changed meanwhile; null where nobody did. */
    keepMine: (() => void) | null
}

/** One batch while it is being changed: what is typed stays, what can be computed is kept. */
export function useBatch(
    planId: number,
    batchId: string,
    saved: BatchSpec[],
    firstRead: Read,
    first: Answer,
    refused: Sentences | null,
): Draft {
    const [shown, setShown] = useState(first)
    const [batches, setBatches] = useState(saved)
    const [sentences, setSentences] = useState<Sentences>(refused ?? {})
    const [past, setPast] = useState<BatchSpec[][]>([])
    const current = useRef(saved)
    const read = useRef(firstRead)
    const [theirs, setTheirs] = useState<number | null>(null)
    const base = `/plans/${planId}/evening`
    const { ask: put } = useLatest(async (question: BatchSpec[]) => {
        try {
            const heard = await ask<Answer>('POST', `${base}/live?batch=${encodeURIComponent(batchId)}`, {
                batches: question,
            })
            setShown(heard)
            setSentences({})
            read.current = (await ask<{ read: Read }>('PUT', base, { batches: question, read: read.current })).read
        } catch (problem) {
            if (problem instanceof Refused) {
                setSentences(problem.sentences)
                setTheirs(problem.version)
            } else if (problem instanceof Unreachable) setSentences({ form: problem.message })
            else throw problem
        }
    })
    const lay = (next: BatchSpec[]): void => {
        current.current = next
        setBatches(next)
        put(next)
    }
    const change = (how: (batch: BatchSpec) => BatchSpec): void => {
        setPast((before) => [...before.slice(-30), current.current])
        lay(current.current.map((batch) => (batch.id === batchId ? how(batch) : batch)))
    }
    const last = past[past.length - 1]
    const undo =
        last === undefined
            ? null
            : () => {
                  setPast((before) => before.slice(0, -1))
                  lay(last)
              }
    useUndoKey(undo)
    const keepMine =
        theirs === null
            ? null
            : () => {
                  read.current = { plan: theirs }
                  setTheirs(null)
                  lay(current.current)
              }
    return { ...shown, keepMine, batches, spec: batches.find((batch) => batch.id === batchId), sentences, change, undo }
}
