import type { ReactNode } from 'react'
import { Figure } from '../../controls/TraceSheet'
import { digits, joined, span, temperature, thickness, trimmed } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { StackAnswer } from '../../types'

/** What this film does by itself in this room; each figure explains itself. */
export function FilmFacts({ answer }: { answer: StackAnswer }): ReactNode {
    const units = useUnits()
    const { film, held, lifts } = answer.coat
    const whole = answer.whole
    const facts: { word: string; figure: string | null; text: string | null }[] = [
        { word: 'Open for', figure: 'open_min', text: span(film.open_min) },
        {
            word: 'Settles in',
            figure: 'settle_min',
            text:
                film.levels_up_to_mm === null
                    ? null
                    : film.settle_min === null
                      ? 'never'
                      : `${digits(film.settle_min, 1)} min`,
        },
        {
            word: 'Keeps bubbles to',
            figure: 'smallest_bubble_um',
            text: film.smallest_bubble_um === null ? null : `${trimmed(film.smallest_bubble_um, 0)} µm`,
        },
        {
            word: 'Bench within',
            figure: 'level_within_mm_per_m',
            text: film.level_within_mm_per_m === null ? null : `${digits(film.level_within_mm_per_m, 1)} mm/m`,
        },
        {
            word: 'Edge at',
            figure: 'edge_angle_deg',
            text:
                held === null
                    ? null
                    : held.edge_angle_deg === null
                      ? 'more than it holds'
                      : `${trimmed(held.edge_angle_deg, 0)}°`,
        },
        {
            word: 'In hand',
            figure: 'limit_ml',
            text:
                held === null || answer.coat.thickness_mm === null
                    ? null
                    : `${trimmed(Math.max(0, 100 - (answer.coat.thickness_mm / held.limit_thickness_mm) * 100), 0)} %`,
        },
        {
            word: lifts.length > 1 ? `${lifts.length} lifts, each to` : 'Warms itself to',
            figure: 'peak_c',
            text:
                film.peak_c === null || (lifts.length < 2 && film.peak_c < 30)
                    ? null
                    : film.peak_c > 120
                      ? 'a runaway'
                      : joined(temperature(film.peak_c, units)),
        },
        {
            word: 'Stays on slopes',
            figure: 'stays_on_relief_mm',
            text: film.stays_on_relief_mm === null ? null : joined(thickness(film.stays_on_relief_mm, units)),
        },
        { word: 'Dew point', figure: 'dew_point_c', text: joined(temperature(answer.dew_point_c, units)) },
        {
            word: 'Whole stack',
            figure: null,
            text:
                whole.thickness_mm === null || (answer.stack.length < 2 && whole.target_thickness_mm === null)
                    ? null
                    : `${joined(thickness(whole.thickness_mm, units))}${whole.target_thickness_mm === null ? '' : ` of ${joined(thickness(whole.target_thickness_mm, units))}`}, ${trimmed(whole.resin_g, 0)} g`,
        },
    ]
    return (
        <dl className="flex flex-wrap gap-x-7 border-t ruled pt-2 text-[15px]">
            {facts
                .filter(({ text }) => text !== null)
                .map(({ word, figure, text }) => (
                    <div key={word} className="flex items-baseline gap-2">
                        <dt className="text-soft">{word}</dt>
                        <dd>{figure === null ? text : <Figure of={figure}>{text}</Figure>}</dd>
                    </div>
                ))}
        </dl>
    )
}
