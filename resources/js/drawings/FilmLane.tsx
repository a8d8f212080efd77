import { useState, type ReactNode } from 'react'
import { useWidth } from '../lib/width'
import type { PhaseName, PhaseSpan } from '../types/answer'
import { bent, linear } from './linear'
import { PHASES, PhaseStretch } from './phases'

export interface LanePhase {
    phase: PhaseName
    fromMin: number
    toMin: number | null
}

/** The server's spans as the lane draws them. */
export function lanePhases(spans: PhaseSpan[]): LanePhase[] {
    return spans.map((span) => ({ phase: span.phase, fromMin: span.from_min, toMin: span.to_min }))
}

export interface LaneTick {
    atMin: number
    done?: boolean
}

/** What a mark's writing takes. */
const WRITTEN_PX = 42

interface Props {
    phases: LanePhase[]
    ticks?: LaneTick[]
    /** Minutes since the pour, when it runs. */
    nowMin?: number
    /** Shows only so many minutes, evenly; else all of it, the first hour as wide as the days after. */
    untilMin?: number
    height?: number
    words?: boolean
}

/**
 * A film that dries, from its pour to the right, with the time written below.
 */
export function FilmLane({ phases, ticks = [], nowMin, untilMin, height = 26, words = true }: Props): ReactNode {
    const [frame, setFrame] = useState<HTMLDivElement | null>(null)
    const width = useWidth(frame, 600)
    const last = phases[phases.length - 1]
    const end = Math.max(untilMin ?? Math.max(60, (last?.fromMin ?? 0) * 1.25), (nowMin ?? 0) * 1.02)
    const x = untilMin === undefined ? bent([0, end], [2, width - 2], 30) : linear([0, end], [2, width - 2])
    const y = 14
    let written = -WRITTEN_PX
    const marks = [0, 10, 20, 30, 40, 50, 60, 120, 240, 480, 1440, 2880, 4320, 10080].filter((min) => min <= end)
    return (
        <div ref={setFrame} className="w-full">
            <svg
                viewBox={`0 0 ${width} ${height + y + (words ? 40 : 20)}`}
                aria-hidden="true"
                className="block h-auto w-full overflow-visible"
            >
                {phases
                    .filter((span) => span.fromMin < end)
                    .map((span) => {
                        const from = x(span.fromMin)
                        const to = x(Math.min(span.toMin ?? end, end))
                        const word = PHASES[span.phase].word
                        return (
                            <g key={span.phase}>
                                <PhaseStretch
                                    phase={span.phase}
                                    x={from}
                                    y={y}
                                    width={Math.max(1, to - from)}
                                    height={height}
                                />
                                {words && to - from > word.length * 6.6 && (
                                    <text
                                        x={(from + to) / 2}
                                        y={y + height + 31}
                                        textAnchor="middle"
                                        className="text-[13px]"
                                        fill="var(--ink)"
                                    >
                                        {word}
                                    </text>
                                )}
                            </g>
                        )
                    })}
                {marks.map((min, index) => {
                    const at = x(min)
                    const room = at - written >= WRITTEN_PX && at < width - 14
                    if (room) written = at
                    return (
                        <g key={min}>
                            <path d={`M${at} ${y + height} v4`} stroke="var(--line)" strokeWidth="1.25" />
                            {room && (
                                <text
                                    x={at}
                                    y={y + height + 15}
                                    textAnchor={index === 0 ? 'start' : 'middle'}
                                    className="text-[11px]"
                                    fill="var(--ink-soft)"
                                >
                                    {min === 0
                                        ? '0'
                                        : min < 60
                                          ? `${min} min`
                                          : min < 1440
                                            ? `${min / 60} h`
                                            : `${min / 1440} d`}
                                </text>
                            )}
                        </g>
                    )
                })}
                {ticks
                    .filter((tick) => tick.atMin <= end)
                    .map((tick, index) => (
                        <path
                            key={index}
                            d={`M${x(tick.atMin)} ${y - 2} l-5 -9 h10 z`}
                            fill={tick.done ? 'var(--sheet)' : 'var(--act)'}
                            stroke="var(--act)"
                            strokeWidth="1.5"
                        />
                    ))}
                {nowMin !== undefined && (
                    <path
                        d={`M${x(Math.min(nowMin, end))} ${y - 8} V${y + height + 8}`}
                        stroke="var(--danger)"
                        strokeWidth="3.5"
                        strokeLinecap="round"
                    />
                )}
            </svg>
        </div>
    )
}
