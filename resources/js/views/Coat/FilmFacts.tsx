import type { ReactNode } from 'react'
import { Figure } from '../../controls/TraceSheet'
import { digits, joined, span, temperature, trimmed } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { Answer } from '../../types'

/** What this film does by itself in this room; each figure explains itself. */
export function FilmFacts({ answer }: { answer: Answer }): ReactNode {
    const units = useUnits()
    const { film, held } = answer.coat
    const facts: { word: string; figure: string | null; text: string }[] = [
        { word: 'Open for', figure: 'open_min', text: span(film.open_min) },
        {
            word: 'Settles in',
            figure: 'settle_min',
            text: film.settle_min === null ? 'never' : `${digits(film.settle_min, 1)} min`,
        },
        {
            word: 'Keeps bubbles to',
            figure: 'smallest_bubble_um',
            text: `${trimmed(film.smallest_bubble_um, 0)} µm`,
        },
        {
            word: 'Bench within',
            figure: 'level_within_mm_per_m',
            text: `${digits(film.level_within_mm_per_m, 1)} mm/m`,
        },
        ...(held === null
            ? []
            : [
                  {
                      word: 'Edge at',
                      figure: null,
                      text: held.edge_angle_deg === null ? 'more than it holds' : `${trimmed(held.edge_angle_deg, 0)}°`,
                  },
              ]),
        { word: 'Dew point', figure: 'dew_point_c', text: joined(temperature(answer.dew_point_c, units)) },
    ]
    return (
        <dl className="flex flex-wrap gap-x-7 border-t ruled pt-2 text-[15px]">
            {facts.map(({ word, figure, text }) => (
                <div key={word} className="flex items-baseline gap-2">
                    <dt className="text-soft">{word}</dt>
                    <dd>{figure === null ? text : <Figure of={figure}>{text}</Figure>}</dd>
                </div>
            ))}
        </dl>
    )
}
