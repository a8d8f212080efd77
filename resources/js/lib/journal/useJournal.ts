import { useCallback, useEffect, useState, useSyncExternalStore } from 'react'
import { hearPageTime } from '../clock'
import { heardOf, useOften } from '../often'
import type { PressedKind } from '../../types/generated/journal'
import type { Press } from './events'
import { Queue, type QueueSeen } from './queue'
import type { Result } from './sender'
import * as words from '@words/lib'

let queue: Queue | null = null

/** Opens the queue of the studio that is served here. */
export function openQueue(studio: string): Queue {
    queue ??= new Queue(studio, deviceName())
    return queue
}

export function theQueue(): Queue {
    if (queue === null) throw new Error(words.theQueueIsOpenedWithTheFirstPage)
    return queue
}

/** What waits, what was set aside, and why nothing goes. */
export function useQueue(): QueueSeen {
    return useSyncExternalStore(theQueue().subscribe, theQueue().look)
}

interface OnBench<T> {
    /** What the studio last said of it, corrected by what was pressed here and has not reached it. */
    state: T
    /** Whether the studio did not answer the last time. */
    cutOff: boolean
    /** Presses something; it is kept and sent until the studio has it. */
    press: (kind: PressedKind, facts: Record<string, unknown>, of: string) => Promise<Result>
}

const EVERY_MS = 10_000

/**
 * A film or a cup as it is now, on this device.
 *
 * @param first as the page was handed it
 * @param url where its state is asked for
 * @param withPress what a press that waits makes of it
 */
export function useOnBench<T extends { id: string; now: number }>(
    first: T,
    url: string,
    withPress: (state: T, press: Press) => T,
): OnBench<T> {
    const { waiting, trouble } = useQueue()
    const [remembered, setRemembered] = useState<T | null>(null)
    const [cutOff, setCutOff] = useState(false)
    const heard = theQueue().heard(first.id) as T | undefined
    const latest = [remembered, heard].reduce<T>((one, other) => (other && other.now > one.now ? other : one), first)

    useEffect(() => {
        hearPageTime(first.now)
        if (document.documentElement.dataset.kept === undefined) theQueue().hear(first.id, first)
        else
            void theQueue()
                .remembered(first.id)
                .then((state) => setRemembered((state as T | undefined) ?? null))
    }, [first])
    const look = useCallback(async (): Promise<void> => {
        try {
            const state = await heardOf<T>(url)
            theQueue().hear(state.id, state)
            setCutOff(false)
        } catch {
            setCutOff(true)
        }
    }, [url])
    useEffect(() => void look(), [look])
    useOften(look, EVERY_MS)
    const press = useCallback(
        (kind: PressedKind, facts: Record<string, unknown>, of: string) => theQueue().press(kind, first.id, facts, of),
        [first.id],
    )
    return {
        state: waiting.filter((one) => one.subject === first.id).reduce(withPress, latest),
        cutOff: cutOff || trouble === 'unreachable',
        press,
    }
}

/** What this device is called where somebody asks which one it was. */
function deviceName(): string {
    const touch = matchMedia('(pointer: coarse)').matches
    const small = Math.min(screen.width, screen.height) < 600
    return touch ? (small ? words.aPhone : words.aTablet) : words.aComputer
}
