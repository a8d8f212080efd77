import { Head, Link } from '@inertiajs/react'
import { useEffect, useState, type ReactNode } from 'react'
import { Digits } from '../../controls/Digits'
import { LinkButton } from '../../controls/Button'
import { boxOf, OutlineDrawing } from '../../drawings/OutlineDrawing'
import { FilmLane } from '../../drawings/FilmLane'
import { PhaseIcon, PHASES } from '../../drawings/phases'
import { hearServerTime, useServerNow } from '../../lib/clock'
import { countdown, moment, span } from '../../lib/format'
import { ask } from '../../lib/http'
import { useShared } from '../../lib/pages'
import { lane, phaseOf, wanted } from '../../lib/pour'
import type { PieceRow, PourState } from '../../types/page'

interface Props {
    pours: PourState[]
    waiting: (PieceRow & { coat_id: number })[]
    pieces: number
}

const HOUR = 3_600_000
const EVERY_MS = 15_000

/** What on the bench wants a hand, the soonest first. */
export default function Now({ pours: first, waiting, pieces }: Props): ReactNode {
    const { studio } = useShared()
    const [pours, setPours] = useState(first)
    useEffect(() => {
        const server = first[0]?.now
        if (server !== undefined) hearServerTime(server)
        const timer = setInterval(() => {
            const askedAt = performance.now()
            ask<{ pours: PourState[] }>('GET', '/now/pours').then(
                (heard) => {
                    if (heard.pours[0] !== undefined) hearServerTime(heard.pours[0].now, performance.now() - askedAt)
                    setPours(heard.pours)
                },
                () => undefined,
            )
        }, EVERY_MS)
        return () => clearInterval(timer)
    }, [first])
    const now = useServerNow()
    const sorted = [...pours].sort((one, other) => urgency(one, now) - urgency(other, now))
    const soon = sorted.filter((pour) => urgency(pour, now) < HOUR).length

    return (
        <div className="flex flex-1 flex-col">
            <Head title="Now" />
            <div className="flex flex-wrap items-end justify-between gap-4 px-4 pt-6 pb-4 sm:px-8">
                <div>
                    <p className="text-soft">{studio}</p>
                    <h1 className="figure mt-1 text-4xl leading-tight">{headline(pours.length, soon)}</h1>
                </div>
                <LinkButton
                    href="/pieces/new"
                    look={pieces === 0 || pours.length === 0 ? 'next' : 'plain'}
                    className="min-w-44"
                >
                    Take in a piece
                </LinkButton>
            </div>
            {pours.length === 0 ? (
                <Invitation pieces={pieces} />
            ) : (
                <ol className="border-t ruled">
                    {sorted.map((pour) => (
                        <li key={pour.id} className="border-b ruled">
                            <OnTheBench pour={pour} now={now} />
                        </li>
                    ))}
                </ol>
            )}
            {waiting.length > 0 && <Waiting pieces={waiting} />}
        </div>
    )
}

/** What is planned and not poured, drawn to one scale. */
function Waiting({ pieces }: { pieces: Props['waiting'] }): ReactNode {
    const longest = Math.max(...pieces.map((piece) => Math.max(...boxOf(piece.drawing))))
    return (
        <section className="mt-auto px-4 pt-8 pb-6 sm:px-8">
            <h2 className="border-b ruled pb-1 text-lg font-bold">Planned, not on the bench</h2>
            <ul className="flex flex-wrap items-end gap-x-10 gap-y-4 pt-4">
                {pieces.map((piece) => (
                    <li key={piece.coat_id}>
                        <Link href={`/coats/${piece.coat_id}`} className="group block">
                            <OutlineDrawing
                                drawing={piece.drawing}
                                coatedEdges={piece.spec.coated_edges ?? 'none'}
                                size={Math.max(22, (Math.max(...boxOf(piece.drawing)) / longest) * 120)}
                            />
                            <span className="block pt-1 group-hover:underline">{piece.name}</span>
                        </Link>
                    </li>
                ))}
            </ul>
        </section>
    )
}

function OnTheBench({ pour, now }: { pour: PourState; now: number }): ReactNode {
    const want = wanted(pour, now)
    const { phase, next } = phaseOf(pour, now)
    return (
        <Link
            href={`/pours/${pour.id}`}
            className="grid items-center gap-x-8 gap-y-1 px-4 py-4 hover:bg-sheet sm:px-8 lg:grid-cols-[19rem_17rem_1fr]"
        >
            <span className="block min-w-0">
                <span className="block truncate text-xl font-bold">{pour.title}</span>
                <span className="flex items-center gap-2 text-soft">
                    {want.kind === 'pouring' ? (
                        'Being poured'
                    ) : (
                        <>
                            <PhaseIcon phase={phase} /> {PHASES[phase].word}
                            {next !== null &&
                                `, ${PHASES[next.phase].word.toLowerCase()} ${moment(now + next.in, now)}`}
                        </>
                    )}
                </span>
            </span>
            <span className="block">
                {want.kind === 'act' && (
                    <>
                        <span className={`figure block text-4xl ${want.dueIn <= 0 ? 'text-danger' : ''}`}>
                            {want.dueIn > 0 ? (
                                <Digits text={countdown(want.dueIn)} />
                            ) : want.dueIn > -60_000 ? (
                                'now'
                            ) : (
                                `${span(-want.dueIn / 60_000)} ago`
                            )}
                        </span>
                        <span className="block pt-1">{want.act.title}</span>
                    </>
                )}
                {want.kind === 'pouring' && <span className="figure block text-3xl">Pour</span>}
                {want.kind === 'waiting' && next !== null && (
                    <>
                        <span className="figure block text-4xl">
                            <Digits text={countdown(next.in)} />
                        </span>
                        <span className="block">to {PHASES[next.phase].word.toLowerCase()}</span>
                    </>
                )}
                {want.kind === 'waiting' && next === null && (
                    <span className="figure block text-3xl">Write it down</span>
                )}
            </span>
            <span className="block min-w-0">
                {pour.poured_at !== null && <FilmLane {...lane(pour, now)} height={24} words={false} />}
            </span>
        </Link>
    )
}

function Invitation({ pieces }: { pieces: number }): ReactNode {
    return (
        <div className="grid flex-1 place-items-center border-t ruled p-6">
            <div className="max-w-xl text-center">
                <svg viewBox="0 0 360 130" className="mx-auto w-full max-w-md" aria-hidden="true">
                    <rect
                        x="40"
                        y="82"
                        width="280"
                        height="26"
                        fill="var(--ground)"
                        stroke="var(--ground-line)"
                        strokeWidth="1.25"
                    />
                    <path
                        d="M37 108 V70 Q37 46 62 46 H298 Q323 46 323 70 V108 H320 V82 H40 V108 Z"
                        fill="url(#gloss)"
                        stroke="var(--resin-edge)"
                        strokeWidth="1.25"
                    />
                    <path d="M58 50 H190" stroke="url(#window-light)" strokeWidth="3" strokeLinecap="round" />
                    <path d="M74 56 h26 l-9 14 h-26 z M106 56 h26 l-9 14 h-26 z" fill="var(--gloss)" opacity="0.5" />
                </svg>
                <p className="mt-4 text-xl">
                    {pieces === 0
                        ? 'Measure one piece: its width, its height, how deep its edge is. The rest follows: how much to mix, when to torch, when to coat again.'
                        : 'Nothing is setting. Choose a piece, read what to weigh out, start the clock.'}
                </p>
                {pieces > 0 && (
                    <LinkButton href="/pieces" className="mt-5">
                        To the pieces
                    </LinkButton>
                )}
            </div>
        </div>
    )
}

/** Milliseconds until the pour wants a hand or changes. */
function urgency(pour: PourState, now: number): number {
    const want = wanted(pour, now)
    if (want.kind === 'pouring') return -HOUR
    if (want.kind === 'act') return want.dueIn
    return want.next?.in ?? Number.MAX_SAFE_INTEGER
}

function headline(pours: number, soon: number): string {
    if (pours === 0) return 'The bench is free'
    if (soon === 0) return 'Nothing wants a hand within the hour'
    return soon === 1 ? 'One piece wants a hand within the hour' : `${soon} pieces want a hand within the hour`
}
