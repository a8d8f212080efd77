import { useCallback, useState } from 'react'
import type { Sentences } from '../types/page'
import { Refused, Unreachable } from './http'
import * as words from '@words/lib'

/** What came of something that can be refused: what it gave, or what is to be said. */
export type Outcome<V> =
    | { done: true; value: V }
    | {
          done: false
          sentences: Sentences
          codes: Record<string, string>
          /** What is there now, where it was changed elsewhere since it was read. */
          version: number | null
          isUnreachable: boolean
      }

/** Tries something that the studio may refuse, or not answer; whatever goes wrong is said, and nothing is thrown. */
export async function attempted<V>(job: () => Promise<V>): Promise<Outcome<V>> {
    try {
        return { done: true, value: await job() }
    } catch (problem) {
        if (problem instanceof Refused) {
            const { sentences, codes, version } = problem
            return { done: false, sentences, codes, version, isUnreachable: false }
        }
        const isUnreachable = problem instanceof Unreachable
        if (!isUnreachable) console.error(problem)
        const form = isUnreachable ? problem.message : words.somethingWentWrongHereReloadThePageAnd
        return { done: false, sentences: { form }, codes: {}, version: null, isUnreachable }
    }
}

interface Attempt {
    /** Whether something is under way. */
    busy: boolean
    sentences: Sentences
    setSentences: (sentences: Sentences) => void
    /** What it gave; null where it was refused, which is said. */
    attempt: <V>(job: () => Promise<V>) => Promise<V | null>
    /** The version that somebody else's change made, of what was refused last. */
    theirs: number | null
}

/** The things of one form that can be refused, one at a time. */
export function useAttempt(first: Sentences | null = null): Attempt {
    const [busy, setBusy] = useState(false)
    const [sentences, setSentences] = useState<Sentences>(first ?? {})
    const [theirs, setTheirs] = useState<number | null>(null)
    const attempt = useCallback(async <V>(job: () => Promise<V>): Promise<V | null> => {
        setBusy(true)
        const outcome = await attempted(job)
        setBusy(false)
        setSentences(outcome.done ? {} : outcome.sentences)
        setTheirs(outcome.done ? null : outcome.version)
        return outcome.done ? outcome.value : null
    }, [])
    return { busy, sentences, setSentences, attempt, theirs }
}
