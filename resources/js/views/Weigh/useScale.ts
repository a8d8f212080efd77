import { useEffect, useRef, useState } from 'react'
import { ask } from '../../lib/http'
import type { ScaleReading } from '../../types/mixing'
import * as words from '@words/weigh'

/** How often the scale is asked; each question is short, so that none holds the server. */
const EVERY_MS = 50

/** Asked so seldom when it does not answer. */
const SELDOM_MS = 1500

/** What the scale says now, while somebody looks. */
export function useScale(on: boolean): {
    reading: ScaleReading | null
    zero: () => Promise<void>
    hand: (what: string, grams?: number) => void
} {
    const [reading, setReading] = useState<ScaleReading | null>(null)
    const busy = useRef(false)
    useEffect(() => {
        if (!on) return
        let timer = 0
        let over = false
        const look = async (): Promise<void> => {
            let wait = EVERY_MS
            if (!busy.current && document.visibilityState === 'visible') {
                try {
                    const heard = await ask<ScaleReading>('GET', '/scale')
                    if (over) return
                    setReading(heard)
                    wait = heard.fault === null ? EVERY_MS : SELDOM_MS
                } catch {
                    if (over) return
                    setReading({
                        grams: null,
                        steady: false,
                        resolution_g: 0.1,
                        fault: 'unreachable',
                        sentence: words.theStudioCannotBeReachedWhatIsWeighed,
                        standin: false,
                    })
                    wait = SELDOM_MS
                }
            }
            timer = window.setTimeout(() => void look(), wait)
        }
        void look()
        return () => {
            over = true
            window.clearTimeout(timer)
        }
    }, [on])
    const zero = async (): Promise<void> => {
        busy.current = true
        try {
            setReading(await ask<ScaleReading>('POST', '/scale/zero'))
        } catch {
            // the next question says what is wrong
        } finally {
            busy.current = false
        }
    }
    const hand = (what: string, grams = 0): void => {
        ask<ScaleReading>('POST', '/scale/hand', { hand: what, grams }).then(setReading, () => undefined)
    }
    return { reading, zero, hand }
}
