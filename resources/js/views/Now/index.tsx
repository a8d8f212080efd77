import { Head } from '@inertiajs/react'
import { useCallback, useEffect, useRef, useState, type ReactNode } from 'react'
import { LinkButton } from '../../controls/Button'
import { RoomLine } from '../../controls/RoomLine'
import { hearPageTime, useServerNow } from '../../lib/clock'
import { mixedBy } from '../../lib/journal/cup'
import type { Press } from '../../lib/journal/events'
import { withFilmPress } from '../../lib/journal/film'
import { theQueue, useQueue } from '../../lib/journal/useJournal'
import { heardOf, useOften } from '../../lib/often'
import { useShared } from '../../lib/pages'
import type { CupOnBench, PieceRow, PourState, RoomNow } from '../../types/page'
import { headline, urgency } from './bench'
import { CupRow } from './CupRow'
import { FilmRow } from './FilmRow'
import { Invitation } from './Invitation'
import { Waiting } from './Waiting'
import * as words from '@words/now'

interface Bench {
    now: number
    pours: PourState[]
    cups: CupOnBench[]
}

export interface Props extends Bench {
    room: RoomNow | null
    waiting: (PieceRow & { coat_id: number })[]
    pieces: number
    bottles: number
}

const EVERY_MS = 15_000

/** What on the bench wants a hand, the soonest first: cups that stand mixed, then films. */
export default function Now({ room, waiting, pieces, bottles, ...first }: Props): ReactNode {
    const { studio } = useShared()
    const { pours, cups, cutOff } = useBench(first)
    const now = useServerNow()
    const sorted = [...pours].sort((one, other) => urgency(one, now) - urgency(other, now))
    const empty = pours.length === 0 && cups.length === 0

    return (
        <div className="flex flex-1 flex-col">
            <Head title={words.now} />
            <div className="flex flex-wrap items-end justify-between gap-4 px-4 pt-6 pb-4 sm:px-8">
                <div>
                    <p className="text-soft">{studio}</p>
                    <h1 className="figure mt-1 text-4xl leading-tight">{headline(sorted, cups, now)}</h1>
                    {room !== null && <RoomLine room={room} now={now} />}
                    {cutOff && <p className="mt-1">{words.noAnswerFromTheStudioThisIsWhatItSaid}</p>}
                </div>
                <div className="flex flex-wrap gap-3">
                    <LinkButton href="/pieces/new" look={empty && bottles > 0 ? 'next' : 'plain'} className="min-w-44">
                        {words.takeInAPiece}
                    </LinkButton>
                    {!empty && (
                        <LinkButton href="/run" look="next" className="min-w-44">
                            {words.atTheBench}
                        </LinkButton>
                    )}
                </div>
            </div>
            {empty ? (
                <Invitation pieces={pieces} bottles={bottles} />
            ) : (
                <ol className="border-t ruled">
                    {cups.map((cup) => (
                        <li key={cup.id} className="border-b ruled">
                            <CupRow cup={cup} now={now} />
                        </li>
                    ))}
                    {sorted.map((pour) => (
                        <li key={pour.id} className="border-b ruled">
                            <FilmRow pour={pour} now={now} />
                        </li>
                    ))}
                </ol>
            )}
            {waiting.length > 0 && <Waiting pieces={waiting} />}
        </div>
    )
}

/** The bench as the studio last said it is, with what was pressed here since. */
function useBench(first: Bench): { pours: PourState[]; cups: CupOnBench[]; cutOff: boolean } {
    const [bench, setBench] = useState(first)
    const [cutOff, setCutOff] = useState(false)
    const { waiting } = useQueue()
    // what the studio has taken meanwhile still counts here until it has said how the bench is since
    const since = useRef<Press[]>([])
    const isNew = (press: Press): boolean => !since.current.some((one) => one.id === press.id)
    since.current = [...since.current, ...waiting.filter(isNew)]
    const look = useCallback(async (): Promise<void> => {
        const unheard = theQueue().look().waiting
        try {
            const heard = await heardOf<Bench>('/now/pours')
            since.current = unheard
            setBench(heard)
            setCutOff(false)
        } catch {
            setCutOff(true)
        }
    }, [])
    const taken = waiting.map((one) => one.id).join()
    useEffect(() => void look(), [look, taken])
    useEffect(() => hearPageTime(first.now), [first.now])
    useOften(look, EVERY_MS)
    const pressed = (id: string) => since.current.filter((one) => one.subject === id)
    return {
        pours: bench.pours
            .map((pour) => pressed(pour.id).reduce(withFilmPress, pour))
            .filter((pour) => pour.off_at === null),
        cups: bench.cups
            .filter((cup) => !pressed(cup.id).some((one) => one.kind === 'discarded'))
            .map((cup) => pressed(cup.id).reduce(mixedBy, cup)),
        cutOff,
    }
}
