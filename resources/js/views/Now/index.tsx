import { Head } from '@inertiajs/react'
import type { ReactNode } from 'react'
import { LinkButton } from '../../controls/Button'
import { RoomLine } from '../../controls/RoomLine'
import { useServerNow } from '../../lib/clock'
import { useBench } from '../../lib/journal/useBench'
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
    const { bench, films, cups: since, cutOff } = useBench<Bench, PourState>(first, '/now/pours', EVERY_MS)
    const [pours, cups] = [films(bench.pours), since(bench.cups)]
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
