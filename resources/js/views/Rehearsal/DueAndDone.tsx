import { useState, type ReactNode } from 'react'
import { linear } from '../../drawings/linear'
import { wallClock } from '../../lib/format'
import { useWidth } from '../../lib/width'
import type { ActKind } from '../../types/answer'
import * as words from '@words/rehearsal'

interface ActPlayed {
    title: string
    kind: ActKind | 'pour'
    due_at: number
    done_at: number | null
    lost: boolean
    skipped: boolean
}

export interface FilmPlayed {
    title: string
    acts: ActPlayed[]
}

const ROW = 46

/** Half of what a time takes. */
const WRITTEN_PX = 22

const TOP = 26

const MINUTES = [5, 10, 15, 30, 60, 120]

/** A lane for each film: above the line when its acts were due, below it when they were done; what was lost is crossed out. */
export function DueAndDone(props: {
    films: FilmPlayed[]
    accidents: { title: string; at: number; lost: boolean }[]
    from: number
    to: number
}): ReactNode {
    const { films, accidents, from } = props
    const [frame, setFrame] = useState<HTMLDivElement | null>(null)
    const width = useWidth(frame, 640)
    const times = films.flatMap((film) => film.acts.flatMap((act) => [act.due_at, act.done_at ?? act.due_at]))
    const to = Math.min(props.to, Math.max(from + 600_000, ...times) + 120_000)
    const x = linear([from, to], [4, width - 4])
    const each = MINUTES.find((min) => (to - from) / (min * 60_000) <= width / 70) ?? 240
    const first = Math.ceil(from / (each * 60_000)) * each * 60_000
    const marks = Array.from({ length: 40 }, (_, at) => first + at * each * 60_000).filter(
        (at) => x(at) > WRITTEN_PX && x(at) < width - WRITTEN_PX,
    )
    const height = TOP + films.length * ROW + 8
    return (
        <div ref={setFrame} className="w-full">
            <svg
                viewBox={`0 0 ${width} ${height}`}
                className="block h-auto w-full"
                role="img"
                aria-label={words.theEvening}
            >
                {marks.map((at) => (
                    <g key={at}>
                        <line x1={x(at)} x2={x(at)} y1={TOP - 6} y2={height} stroke="var(--hair)" />
                        <text x={x(at)} y={14} textAnchor="middle" className="text-[12px]" fill="var(--ink-soft)">
                            {wallClock(at)}
                        </text>
                    </g>
                ))}
                {accidents
                    .filter((one) => one.at <= to)
                    .map((one) => (
                        <line
                            key={one.title}
                            x1={x(one.at)}
                            x2={x(one.at)}
                            y1={TOP - 6}
                            y2={height}
                            stroke="var(--danger)"
                            strokeWidth="1.5"
                            strokeDasharray="5 4"
                        >
                            <title>{one.title}</title>
                        </line>
                    ))}
                {films.map((film, row) => {
                    const y = TOP + row * ROW + 26
                    return (
                        <g key={film.title + String(row)}>
                            <text
                                x={8}
                                y={y - 14}
                                className="text-[13px]"
                                fill="var(--ink)"
                                stroke="var(--bench)"
                                strokeWidth="5"
                                paintOrder="stroke"
                            >
                                {film.title}
                            </text>
                            <line x1={4} x2={width - 4} y1={y} y2={y} stroke="var(--line)" strokeWidth="1.5" />
                            {film.acts
                                .filter((act) => act.due_at <= to)
                                .map((act) => (
                                    <Act key={act.title + String(act.due_at)} act={act} x={x} y={y} />
                                ))}
                        </g>
                    )
                })}
            </svg>
            <p className="mt-1 flex flex-wrap gap-x-5 text-soft" aria-hidden="true">
                <Key>
                    <path d="M2 4 h10 l-5 8 z" fill="none" stroke="var(--act)" strokeWidth="1.5" />
                </Key>
                {words.due}
                <Key>
                    <path d="M2 12 h10 l-5 -8 z" fill="var(--act)" />
                </Key>
                {words.done}
                <Key>
                    <path d="M2 3 l10 10 M12 3 l-10 10" stroke="var(--danger)" strokeWidth="2.5" />
                </Key>
                {words.lost}
            </p>
        </div>
    )
}

function Act({ act, x, y }: { act: ActPlayed; x: (at: number) => number; y: number }): ReactNode {
    const due = x(act.due_at)
    const done = act.done_at === null ? null : x(act.done_at)
    const said =
        act.done_at === null
            ? words.dueAndLost(act.title, wallClock(act.due_at))
            : words.dueAndDone(act.title, wallClock(act.due_at), wallClock(act.done_at))
    return (
        <g opacity={act.skipped ? 0.4 : 1}>
            <title>{said}</title>
            <path d={`M${due - 5} ${y - 9} h10 l-5 8 z`} fill="none" stroke="var(--act)" strokeWidth="1.5" />
            {done !== null && (
                <>
                    <line x1={due} y1={y} x2={done} y2={y + 2} stroke="var(--act)" />
                    <path d={`M${done - 5} ${y + 10} h10 l-5 -8 z`} fill="var(--act)" />
                </>
            )}
            {act.lost && (
                <path
                    d={`M${due - 6} ${y - 6} l12 12 M${due + 6} ${y - 6} l-12 12`}
                    stroke="var(--danger)"
                    strokeWidth="2.5"
                />
            )}
        </g>
    )
}

function Key({ children }: { children: ReactNode }): ReactNode {
    return (
        <svg width="15" height="16" className="-mr-3 inline-block self-center">
            {children}
        </svg>
    )
}
