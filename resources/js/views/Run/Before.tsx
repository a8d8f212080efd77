import { Link } from '@inertiajs/react'
import { CheckSquareIcon, SquareIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import { Strip } from '../../controls/AdviceStrip'
import type { BeforeEvening } from '../../types/page'
import type { useRun } from './useRun'
import * as ofPour from '@words/pour'
import * as words from '@words/run'

/** The last checks before the first cup, in the order of the room: each ticked with a knuckle. What holds a clock comes first. */
export function Before(props: { before: BeforeEvening; onTick: (check: string) => void }): ReactNode {
    const { before, onTick } = props
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
            <ul className="mt-3 grid gap-x-6 border-t ruled sm:grid-cols-2 lg:grid-cols-3">
                {before.checks.map((check) => (
                    <li key={check.id} className="border-b ruled">
                        <button
                            type="button"
                            aria-pressed={check.event !== null}
                            className={`flex min-h-16 w-full items-center gap-3 py-2 text-left ${check === next ? 'text-act' : ''}`}
                            onClick={() => check.event === null && onTick(check.id)}
                        >
                            {check.event === null ? (
                                <SquareIcon size={34} className="shrink-0" />
                            ) : (
                                <CheckSquareIcon size={34} weight="fill" className="shrink-0" />
                            )}
                            <span className="min-w-0">
                                <span
                                    className={`block text-lg leading-tight font-semibold ${check.event === null ? '' : 'text-soft'}`}
                                >
                                    {check.title}
                                </span>
                                <span
                                    className={`block leading-snug ${check.off ? 'font-semibold text-danger' : 'text-soft'}`}
                                >
                                    {check.how}
                                </span>
                            </span>
                        </button>
                    </li>
                ))}
            </ul>
        </div>
    )
}

/** Takes the last tick back; null where there is none. */
export function untick(before: BeforeEvening | null, press: ReturnType<typeof useRun>['press']): (() => void) | null {
    const last = before?.checks.findLast((one) => one.event !== null)
    if (before === null || last === undefined) return null
    return () => press('undone', before.evening, { of: last.event }, ofPour.takingBack(last.title))
}
