import type { ReactNode } from 'react'
import { Likely } from '../../controls/HowSure'
import { Figure } from '../../controls/TraceSheet'
import {
    digits,
    joined,
    likelyMinutes,
    slope,
    span,
    temperature,
    thickness,
    trimmed,
    type Shown,
} from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { StackAnswer } from '../../types/answer'
import * as words from '@words/coat'

/** What this film does by itself in this room; each figure explains itself. */
export function FilmFacts({ answer }: { answer: StackAnswer }): ReactNode {
    const units = useUnits()
    const { film, held, lifts } = answer.coat
    const facts: { word: string; figure: string | null; text: string | null; say?: (value: number) => Shown }[] = [
        {
            word: words.openFor,
            figure: 'open_min',
            text: span(film.open_min),
            say: likelyMinutes,
        },
        {
            word: words.settlesIn,
            figure: 'settle_min',
            text:
                film.levels_up_to_mm === null || !film.must_level
                    ? null
                    : film.settle_min === null
                      ? 'never'
                      : film.settle_min < 0.1
                        ? 'a moment'
                        : `${digits(film.settle_min, 1)} min`,
        },
        {
            word: words.bubblesStayUnder,
            figure: 'smallest_bubble_um',
            text: film.smallest_bubble_um === null ? null : `${trimmed(film.smallest_bubble_um, 0)} µm`,
        },
        {
            word: words.benchWithin,
            figure: 'level_within_mm_per_m',
            text:
                film.level_within_mm_per_m === null || !film.must_level
                    ? null
                    : joined(slope(film.level_within_mm_per_m, units)),
        },
        {
            word: words.edgeAt,
            figure: 'edge_angle_deg',
            text:
                held === null
                    ? null
                    : held.edge_angle_deg === null
                      ? words.moreThanItHolds
                      : words.degPercentUnderTheMost(trimmed(held.edge_angle_deg, 0), trimmed(held.in_hand_pct, 0)),
        },
        {
            word: lifts.length > 1 ? words.liftsEachTo(lifts.length) : words.warmsItselfTo,
            figure: 'peak_c',
            text:
                film.peak_c === null || (lifts.length < 2 && film.peak_c < 30)
                    ? null
                    : film.runs_away
                      ? 'a runaway'
                      : joined(temperature(film.peak_c, units)),
            say: (c) => temperature(Math.round(c), units),
        },
        {
            word: words.itsRimStandsUp,
            figure: 'lip_rise_mm',
            text: answer.coat.lip === null ? null : joined(thickness(answer.coat.lip.rise_mm, units)),
        },
        {
            word: words.roomOnTop,
            figure: 'lip_holds_mm',
            text:
                answer.coat.lip?.holds_mm == null
                    ? null
                    : words.upTo(joined(thickness(answer.coat.lip.holds_mm, units))),
        },
        {
            word: words.layItFrom,
            figure: 'placed_from_min',
            text:
                answer.coat.placed === null
                    ? null
                    : words.toMin(trimmed(answer.coat.placed.from_min, 0), trimmed(answer.coat.placed.to_min, 0)),
        },
        {
            word: words.endToEnd,
            figure: 'drift_mm',
            text:
                film.end_to_end_mm === null || film.end_to_end_mm < 0.01
                    ? null
                    : joined(thickness(film.end_to_end_mm, units)),
        },
        {
            word: words.staysOnSlopes,
            figure: 'stays_on_relief_mm',
            text: film.stays_on_relief_mm === null ? null : joined(thickness(film.stays_on_relief_mm, units)),
        },
    ]
    return (
        <dl className="flex flex-wrap gap-x-5 border-t ruled pt-2 text-[15px]">
            {facts
                .filter(({ text }) => text !== null)
                .map(({ word, figure, text, say }) => (
                    <div key={word} className="flex items-baseline gap-2">
                        <dt className="text-soft">{word}</dt>
                        <dd>
                            {figure === null ? text : <Figure of={figure}>{text}</Figure>}{' '}
                            {figure !== null && say !== undefined && text !== 'a runaway' && (
                                <Likely of={figure} say={say} />
                            )}
                        </dd>
                    </div>
                ))}
        </dl>
    )
}
