import { useCallback, useEffect, useRef, useState } from 'react'
import type { CupOnBench, PourState } from '../../types/page'
import { hearPageTime, paceNow } from '../clock'
import { heardOf, useOften } from '../often'
import { mixedBy } from './cup'
import type { Press } from './events'
import { withFilmPress } from './film'
import { theQueue, useQueue } from './useJournal'

interface Heard<T, F extends PourState> {
    /** As the studio last said it is. */
    bench: T
    /** The same with what was pressed here and it did not know of. */
    films: (all: F[]) => F[]
    cups: (all: CupOnBench[]) => CupOnBench[]
    /** What was pressed here and it did not know of. */
    since: Press[]
    /** Whether the studio did not answer the last time. */
    cutOff: boolean
    /** Takes another word for it, where that is newer. */
    take: (bench: T) => void
}

/**
 * All that is on the bench as the studio last said it is, with what was pressed here since.
 *
 * @param url where it is asked for
 * @param onHeard what else is done with an answer
 */
export function useBench<T extends { now: number }, F extends PourState>(
    first: T,
    url: string,
    everyMs: number,
    onHeard?: (heard: T) => void,
): Heard<T, F> {
    const [bench, setBench] = useState(first)
    const [cutOff, setCutOff] = useState(false)
    const { waiting } = useQueue()
    // what the studio has taken meanwhile still counts here until it has said how the bench is since
    const since = useRef<Press[]>([])
    const isNew = (press: Press): boolean => !since.current.some((one) => one.id === press.id)
    since.current = [...since.current, ...waiting.filter(isNew)]
    const look = useCallback(async (): Promise<void> => {
        // what it has taken by now is in its answer; what it takes meanwhile may not be
        const unheard = theQueue().look().waiting
        const told = since.current.filter((one) => !unheard.some((waits) => waits.id === one.id))
        try {
            const heard = await heardOf<T>(url)
            since.current = since.current.filter((one) => !told.includes(one))
            onHeard?.(heard)
            setBench(heard)
            setCutOff(false)
        } catch {
            setCutOff(true)
        }
    }, [url, onHeard])
    const take = useCallback((other: T): void => setBench((shown) => (other.now < shown.now ? shown : other)), [])
    const taken = waiting.map((one) => one.id).join()
    useEffect(() => void look(), [look, taken])
    useEffect(() => hearPageTime(first.now), [first.now])
    // an evening that goes fast is looked at more often
    useOften(look, everyMs / Math.min(5, Math.max(1, paceNow())))
    const pressed = (id: string) => since.current.filter((one) => one.subject === id)
    return {
        bench,
        films: (all) =>
            all
                .map((film) => ({ ...film, ...pressed(film.id).reduce<PourState>(withFilmPress, film) }))
                .filter((film) => film.off_at === null),
        cups: (all) =>
            all
                .filter((cup) => !pressed(cup.id).some((one) => one.kind === 'discarded'))
                .map((cup) => pressed(cup.id).reduce(mixedBy, cup)),
        since: since.current,
        cutOff,
        take,
    }
}
