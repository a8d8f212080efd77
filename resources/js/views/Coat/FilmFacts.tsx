import type { ReactNode } from 'react'
import { Figure } from '../../controls/TraceSheet'
import { digits, joined, span, temperature, trimmed } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { Answer } from '../../types'

/** What this film does by itself in this room; each figure explains itself. */
export function FilmFacts({ answer }: { answer: Answer }): ReactNode {
    const units = useUnits()
    const { film } = answer.coat
    const facts: { word: string; figure: string; text: string }[] = [
        { word: 'Open for', figure: 'open_min', text: span(film.open_min) },
        {
            word: 'Settles in',
            figure: 'settle_min',
            text: film.settle_min === null ? 'never' : `${digits(film.settle_min, 1)} min`,
        },
        {
            word: 'Keeps bubbles under',
            figure: 'smallest_bubble_um',
            text: `${trimmed(film.smallest_bubble_um, 0)} µm`,
        },
        {
            word: 'Wants a bench within',
            figure: 'level_within_mm_per_m',
            text: `${digits(film.level_within_mm_per_m, 1)} mm/m`,
        },
        { word: 'Dew point', figure: 'dew_point_c', text: joined(temperature(answer.dew_point_c, units)) },
    ]
    return (
        <dl className="mt-3 border-t ruled pt-2 text-[15px]">
            {facts.map(({ word, figure, text }) => (
                <div key={figure} className="flex justify-between gap-3">
                    <dt className="text-soft">{word}</dt>
                    <dd>
                        <Figure of={figure}>{text}</Figure>
                    </dd>
                </div>
            ))}
        </dl>
    )
}
