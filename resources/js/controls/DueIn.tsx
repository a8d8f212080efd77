import type { ReactNode } from 'react'
import { countdown, span } from '../lib/format'
import { BigTime } from './BigTime'
import * as words from '@words/pour'

/** How long it is until an act, or since it fell due; as large as the screen allows. */
export function DueIn({ ms }: { ms: number }): ReactNode {
    const text = ms > 0 ? countdown(ms) : ms > -60_000 ? words.dueNow : words.ago(span(-ms / 60_000))
    return <BigTime testId="due-in" text={text} late={ms <= 0} />
}
