import type { ReactNode } from 'react'
import { Happened } from '../../controls/Happened'
import { ReadRoom } from '../../controls/ReadRoom'
import { RoomLine } from '../../controls/RoomLine'
import { SoundSwitch } from '../../controls/SoundSwitch'
import { useQueue } from '../../lib/journal/useJournal'
import type { Loud } from '../../lib/sound'
import type { Unexpected } from '../../types/page'
import { cupsAtHand, filmsAtHand, type Step } from './steps'
import type { useRun } from './useRun'
import { WhatMoved } from './WhatMoved'
import * as words from '@words/run'

interface Props {
    bench: ReturnType<typeof useRun>
    /** Before the first cup. */
    isTonight: boolean
    unexpected: Unexpected[]
    step: Step | undefined
    now: number
    loud: Loud
    onLoud: (loud: Loud) => void
}

/** Above the one next thing: what can be pressed at any time, the room, and whether the studio is heard. */
export function RunHead({ bench, isTonight, unexpected, step, now, loud, onLoud }: Props): ReactNode {
    const { run, films, cups, cutOff, moved, seen, hear, press } = bench
    const { waiting } = useQueue()
    return (
        <>
            <div className="flex items-center gap-3">
                <h1 className="min-w-0 flex-1 truncate text-lg text-soft">
                    {isTonight ? words.tonight : words.films(films.length)}
                    {!isTonight && <span className="max-sm:sr-only">{words.onTheBench}</span>}
                </h1>
                <Happened
                    unexpected={unexpected}
                    films={filmsAtHand(films, step, now)}
                    cups={cupsAtHand(films, cups)}
                    press={press}
                />
                <ReadRoom room={run.room} onRead={hear} />
                <SoundSwitch loud={loud} onLoud={onLoud} />
            </div>
            {run.room !== null && <RoomLine room={run.room} now={now} />}
            {cutOff && waiting.length === 0 && (
                <p role="status" className="mt-1 rounded bg-kraft px-3 py-1 text-kraft-ink">
                    {words.noAnswer}
                </p>
            )}
            <WhatMoved moved={moved} now={now} onSeen={seen} />
        </>
    )
}
