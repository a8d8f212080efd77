import { Link } from '@inertiajs/react'
import { scaleLinear } from 'd3-scale'
import type { ReactNode } from 'react'
import { LinkButton } from '../../controls/Button'
import { StagePage } from '../../controls/Stages'
import { Figure, Traced } from '../../controls/TraceSheet'
import { day, joined, moment, temperature, thickness, trimmed, volume, volumeMix } from '../../lib/format'
import { ask } from '../../lib/http'
import { useUnits } from '../../lib/pages'
import { COAT_KINDS } from '../../lib/words'
import type { Trace } from '../../types/answer'
import type { PieceRow, PlannedAndUsed, PourState, Units } from '../../types/page'

interface Props {
    piece: PieceRow & { coat_id: number | null }
    pours: (PourState & PlannedAndUsed)[]
}

/** Every pour of a piece, what was planned beside what it took. */
export default function LookBack({ piece, pours }: Props): ReactNode {
    const running = pours.find((pour) => pour.finished_at === null)
    return (
        <StagePage
            title={piece.name}
            at="look-back"
            way={{ pieceId: piece.id, coatId: piece.coat_id, pourId: running?.id ?? null }}
            back={
                <LinkButton href="/pieces" look="quiet">
                    Pieces
                </LinkButton>
            }
            forward={
                piece.coat_id === null ? null : (
                    <LinkButton href={`/coats/${piece.coat_id}`} look="next" className="min-w-44">
                        Plan the next pour
                    </LinkButton>
                )
            }
        >
            <div className="mx-auto w-full max-w-5xl p-4 sm:p-8">
                {pours.length === 0 && <p className="text-lg">Nothing has been poured on this piece yet.</p>}
                <ol className="divide-y divide-line">
                    {pours.map((pour) => (
                        <li key={pour.id} className="grid gap-6 py-5 first:pt-0 sm:grid-cols-[1fr_16rem]">
                            <Traced fetchTrace={(figure) => ask<Trace>('GET', `/pours/${pour.id}/trace/${figure}`)}>
                                <PourRecord pour={pour} />
                            </Traced>
                            {pour.photo !== null && (
                                <a href={pour.photo}>
                                    <img
                                        src={pour.photo}
                                        alt={`${piece.name}, poured on ${day(pour.started_at)}`}
                                        className="max-h-52 w-full border border-line object-cover"
                                    />
                                </a>
                            )}
                        </li>
                    ))}
                </ol>
            </div>
        </StagePage>
    )
}

function PourRecord({ pour }: { pour: PourState & PlannedAndUsed }): ReactNode {
    const units = useUnits()
    const most = pour.planned.total_ml + Math.max(0, pour.more_ml ?? 0)
    return (
        <div className="min-w-0">
            <h2 className="text-xl font-bold">{day(pour.started_at)}</h2>
            <p className="text-soft">
                {COAT_KINDS[pour.kind] ?? pour.kind}, {joined(thickness(pour.thickness_mm, units))}, {pour.resin}, room{' '}
                {joined(temperature(pour.room.temperature_c, units))}
                {`, ${trimmed(pour.room.humidity_pct, 0)} %`}
                {pour.poured_at !== null && `, poured at ${moment(pour.poured_at, pour.poured_at)}`}
            </p>
            <div className="mt-3 space-y-2">
                <Measure
                    word="Planned"
                    figure="total"
                    a={pour.planned.a_ml}
                    b={pour.planned.b_ml}
                    most={most}
                    units={units}
                />
                {pour.more_ml === null ? (
                    <p className="text-soft">
                        {pour.finished_at === null ? (
                            <Link
                                href={`/pours/${pour.id}`}
                                className="font-semibold text-act underline underline-offset-4"
                            >
                                Still setting: to the pour
                            </Link>
                        ) : (
                            'What it took was not written down.'
                        )}
                    </p>
                ) : (
                    <>
                        <Measure
                            word="Used"
                            a={pour.used.a_ml ?? 0}
                            b={pour.used.b_ml ?? 0}
                            most={most}
                            units={units}
                        />
                        <p>{difference(pour.more_ml, pour.planned.total_ml, units)}</p>
                    </>
                )}
            </div>
            {pour.note !== null && (
                <p className="mt-3 border-l-4 border-line pl-3 text-lg whitespace-pre-line">{pour.note}</p>
            )}
            {pour.override_reason !== null && (
                <p className="mt-2 text-sm">Poured against a stop: {pour.override_reason}</p>
            )}
        </div>
    )
}

/** A measuring cylinder on its side, A then B, to the scale of the larger of the two. */
function Measure(props: {
    word: string
    a: number
    b: number
    most: number
    units: Units
    figure?: string
}): ReactNode {
    const x = scaleLinear([0, Math.max(props.most, 1)], [0, 100])
    const shown = volumeMix(props.a, props.b, props.units)
    return (
        <div className="grid grid-cols-[5rem_1fr_8.5rem] items-center gap-3">
            <span className="text-soft">{props.word}</span>
            <svg width="100%" height="26" viewBox="0 0 100 26" preserveAspectRatio="none" aria-hidden="true">
                {[
                    { part: 'a', from: 0, ml: props.a, fill: 'url(#gloss)' },
                    { part: 'b', from: props.a, ml: props.b, fill: 'var(--resin-light)' },
                ].map(({ part, from, ml, fill }) => (
                    <rect
                        key={part}
                        x={x(from)}
                        y="3"
                        width={x(ml)}
                        height="20"
                        fill={fill}
                        stroke="var(--ink)"
                        strokeWidth="1.2"
                        vectorEffect="non-scaling-stroke"
                    />
                ))}
            </svg>
            <span className="text-right">
                {props.figure === undefined ? (
                    <strong className="text-lg">{joined(shown.total)}</strong>
                ) : (
                    <Figure of={props.figure} className="text-lg font-bold">
                        {joined(shown.total)}
                    </Figure>
                )}
                <span className="block text-sm whitespace-nowrap text-soft">
                    A {shown.a.text}, B {shown.b.text}
                </span>
            </span>
        </div>
    )
}

function difference(moreMl: number, plannedMl: number, units: Units): string {
    const percent = Math.abs(moreMl / plannedMl) * 100
    if (percent < 1) return 'As planned, within a hundredth.'
    const amount = joined(volume(Math.abs(moreMl), units))
    return `${amount} ${moreMl > 0 ? 'more' : 'less'} than planned, ${trimmed(percent, 0)} %.`
}
