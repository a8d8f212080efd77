import { type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { FilmLane, lanePhases } from '../../drawings/FilmLane'
import { joined, temperature, thickness, trimmed } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { Lots } from './Lots'
import type { ShelfResin } from './types'
import type { ResinSheet } from '../../types/plan'
import * as words from '@words/shelf'

export function LabelSheet({ resin, onForm }: { resin: ShelfResin; onForm: (copy: boolean) => void }): ReactNode {
    const units = useUnits()
    const { sheet } = resin
    const said = (value: number | undefined, unit: string): string =>
        value === undefined ? 'unknown' : `${trimmed(value, 3)} ${unit}`
    const first = sheet.pour_first === 'b' ? words.bFirst : words.aFirst
    const columns: [string, string][][] = [
        [
            sheet.ratio === undefined
                ? [
                      words.catalystByDepth,
                      (sheet.catalyst ?? []).map((row) => words.mmPercent(row.depth_mm, row.pct)).join(', '),
                  ]
                : [
                      words.ratioAToB,
                      words.toBy(trimmed(sheet.ratio.a, 2), trimmed(sheet.ratio.b, 2), sheet.ratio.by, first),
                  ],
            [words.densityOfAAndB, densities(sheet)],
            [
                words.caps,
                [sheet.cap_a, sheet.cap_b].every((cap) => cap === undefined)
                    ? words.notWrittenDown
                    : `A ${sheet.cap_a ?? '?'}, B ${sheet.cap_b ?? '?'}`,
            ],
            [
                words.thickness,
                sheet.viscosity_pa_s === undefined
                    ? TYPICAL
                    : `${sheet.viscosity_pa_s} Pa·s` +
                      (sheet.viscosity_at_c === undefined
                          ? ''
                          : words.at(joined(temperature(sheet.viscosity_at_c, units)))),
            ],
            [words.stirFor, said(sheet.mix_min, 'min')],
            [words.smallestBatch, said(sheet.min_batch_ml, 'ml')],
            [words.colourUpTo, said(sheet.colourant_limit_pct, '%')],
            [words.ratioMayBeOffBy, said(sheet.ratio_tolerance_pct, '%')],
        ],
        [
            [words.openTime, `${sheet.open_min} min`],
            [
                words.potLife,
                sheet.pot_life_min === undefined
                    ? 'unknown'
                    : words.minForG(sheet.pot_life_min, sheet.pot_life_mass_g ?? '?'),
            ],
            [words.recoat, words.to(hours(sheet.recoat_from_h), hours(sheet.recoat_to_h))],
            [words.sandFrom, hours(sheet.sand_from_h)],
            [words.handleFrom, hours(sheet.handle_h)],
            [words.fullyCured, hours(sheet.full_cure_h)],
            [
                words.deepestPour,
                sheet.max_pour_mm === undefined ? 'unknown' : joined(thickness(sheet.max_pour_mm, units)),
            ],
            [words.fillerUpTo, said(sheet.filler_limit_pct, '%')],
        ],
    ]
    return (
        <section className="min-w-0">
            <div className="flex flex-wrap items-end justify-between gap-3 border-b-2 border-ink pb-1">
                <h2 className="figure text-2xl">{resin.name}</h2>
                <div className="flex gap-2">
                    <Button onClick={() => onForm(true)}>{words.duplicateAndAdjust}</Button>
                    <Button onClick={() => onForm(false)}>{words.change}</Button>
                </div>
            </div>
            <div className="mt-2">
                <FilmLane phases={lanePhases(resin.phases)} height={22} />
                <p className="text-sm text-soft">
                    {sheet.reference_c === undefined
                        ? words.theLabelDoesNotSayAtWhichTemperature
                        : words.allTimesAtAsOnTheLabel(joined(temperature(sheet.reference_c, units)))}
                </p>
            </div>
            {resin.doubts.map((doubt) => (
                <p key={doubt} className="mt-2 rounded bg-kraft px-3 py-1.5 text-kraft-ink">
                    <strong>{words.lookAgain} </strong>
                    {doubt}
                </p>
            ))}
            <div className="mt-2 grid gap-x-10 md:grid-cols-2">
                {columns.map((rows, index) => (
                    <dl key={index} className="grid content-start grid-cols-[auto_1fr] gap-x-5">
                        {rows.map(([word, value]) => (
                            <div key={word} className="col-span-2 grid grid-cols-subgrid border-b ruled py-1">
                                <dt className="text-soft">{word}</dt>
                                <dd className={value === 'unknown' ? 'text-soft italic' : ''}>{value}</dd>
                            </div>
                        ))}
                    </dl>
                ))}
            </div>
            {resin.silences.length > 0 && (
                <details className="mt-2">
                    <summary className="min-h-9 cursor-pointer font-semibold">
                        {resin.silences.length === 1
                            ? words.oneThingItsLabelDoesNotSay
                            : words.thingsItsLabelDoesNotSay(resin.silences.length)}
                    </summary>
                    <ul className="list-disc pl-6">
                        {resin.silences.map((silence) => (
                            <li key={silence}>{silence}</li>
                        ))}
                    </ul>
                </details>
            )}
            <Lots resin={resin} />
        </section>
    )
}

/** In place of what the label does not say and its kind usually is. */
export const TYPICAL = words.typicalOfItsKind

export function densities(sheet: ResinSheet): string {
    const [a, b] = [sheet.density_a_g_ml, sheet.density_b_g_ml]
    if (a === undefined && b === undefined) return TYPICAL
    const of = (density: number | undefined): string => (density === undefined ? TYPICAL : `${density}`)
    return words.andGMl(of(a), sheet.catalyst !== undefined && b === undefined ? 'unknown' : of(b))
}

export function hours(h: number | undefined): string {
    return h === undefined ? 'unknown' : `${trimmed(h, 1)} h`
}
