import { Link } from '@inertiajs/react'
import type { ReactNode } from 'react'
import { Strip } from '../../controls/AdviceStrip'
import type { BeforeEvening, Checks } from '../../types/page'
import { Checklist } from './Checklist'
import type { useRun } from './useRun'
import * as ofPour from '@words/pour'
import * as words from '@words/run'

/** The last checks before the first cup, in the order of the room: each ticked with a knuckle. What holds a clock comes first. */
export function Before(props: { before: BeforeEvening; onTick: (check: string) => void }): ReactNode {
    const { before } = props
    const open = before.checks.filter((check) => check.event === null).length
    const next = before.checks.find((check) => check.event === null)
    return (
        <div className="flex flex-1 flex-col py-2" data-step={next === undefined ? 'ready' : `check ${next.id}`}>
            <p className="text-xl">{words.beforeTheFirstCup}</p>
            <p className="figure text-5xl">{open === 0 ? words.allChecked : words.checksLeft(open)}</p>
            {before.stops.map((stop) => (
                <div key={stop.text} className="mt-2">
                    <Strip level="stop">
                        {stop.text}{' '}
                        <Link href={stop.to} className="font-semibold underline underline-offset-4">
                            {words.resolveIt}
                        </Link>{' '}
                        {words.orAnswerIt}
                    </Strip>
                </div>
            ))}
            <Checklist checks={before.checks} columns="sm:grid-cols-2 lg:grid-cols-3" onTick={props.onTick} />
        </div>
    )
}

/** Takes the last tick back; null where there is none. */
export function untick(list: Checks | null, press: ReturnType<typeof useRun>['press']): (() => void) | null {
    const last = list?.checks.findLast((one) => one.event !== null)
    if (list === null || last === undefined) return null
    return () => press('undone', list.evening, { of: last.event }, ofPour.takingBack(last.title))
}
