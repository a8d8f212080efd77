import { router, usePage } from '@inertiajs/react'
import { PlusIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { FilmLane, lanePhases } from '../../drawings/FilmLane'
import { joined, temperature, thickness, trimmed } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { Lots } from './Lots'
import { ResinForm } from './ResinForm'
import type { ShelfResin } from './types'
import type { ResinSheet } from '../../types/plan'
import * as words from '@words/shelf'

/** The resins as their labels have them: one at hand, the others beside it. */
export function ResinsTab({ resins }: { resins: ShelfResin[] }): ReactNode {
    // the address says which: so a sheet that was just kept is the one in sight
    const asked = new URLSearchParams(usePage().url.split('?')[1]).get('resin')
    const [form, setForm] = useState<{ resin: ShelfResin | null; copy: boolean } | null>(
        asked === 'new' ? { resin: null, copy: false } : null,
    )
    const resin = resins.find((one) => one.id === Number(asked)) ?? resins[0]
    return (
        <div className="grid flex-1 gap-x-10 gap-y-4 py-4 lg:grid-cols-[15rem_1fr]">
            <nav aria-label={words.resins}>
                <ul>
                    {resins.map((one) => (
                        <li key={one.id}>
                            <button
                                type="button"
                                aria-current={one.id === resin?.id}
                                onClick={() =>
                                    router.replace({
                                        url: `/shelf?resin=${one.id}`,
                                        preserveState: true,
                                        preserveScroll: true,
                                    })
                                }
                                className={`flex min-h-12 w-full items-center gap-3 border-b ruled px-2 text-left ${one.id === resin?.id ? 'bg-sheet font-bold' : 'hover:bg-sheet'}`}
                            >
                                <Bottles resin={one} />
                                <span className="min-w-0 truncate">{one.name}</span>
                            </button>
                        </li>
                    ))}
                </ul>
                <Button className="mt-3 w-full" onClick={() => setForm({ resin: null, copy: false })}>
                    <PlusIcon size={18} /> {words.aSheetFromItsLabel}
                </Button>
            </nav>
            {resin === undefined ? (
                <p className="text-xl">{words.typeOneLabelWithTheBottleAtHandWhatIt}</p>
            ) : (
                <Sheet key={resin.id} resin={resin} onForm={(copy) => setForm({ resin, copy })} />
            )}
            <ResinForm
                open={form !== null}
                resin={form?.resin ?? null}
                copy={form?.copy ?? false}
                onClose={() => setForm(null)}
            />
        </div>
    )
}

/** How full the opened bottles are. */
function Bottles({ resin }: { resin: ShelfResin }): ReactNode {
    const lots = resin.lots.filter((lot) => lot.left_a_ml !== null)
    const bought = lots.reduce((sum, lot) => sum + (lot.bought_ml ?? 0), 0)
    const left = lots.reduce((sum, lot) => sum + (lot.left_a_ml ?? 0) + (lot.left_b_ml ?? 0), 0)
    const share = bought > 0 ? Math.min(1, left / bought) : 0
    return (
        <svg width="22" height="30" viewBox="0 0 22 30" aria-hidden="true" className="shrink-0">
            <rect x="3" y={28 - 19 * share} width="16" height={19 * share} fill="url(#gloss)" />
            <path
                d="M8 2 h6 v4 q5 1.5 5 5 V28 H3 V11 q0 -3.5 5 -5 Z"
                fill="none"
                stroke="var(--ink)"
                strokeWidth="1.5"
            />
        </svg>
    )
}

function Sheet({ resin, onForm }: { resin: ShelfResin; onForm: (copy: boolean) => void }): ReactNode {
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
const TYPICAL = words.typicalOfItsKind

function densities(sheet: ResinSheet): string {
    const [a, b] = [sheet.density_a_g_ml, sheet.density_b_g_ml]
    if (a === undefined && b === undefined) return TYPICAL
    const of = (density: number | undefined): string => (density === undefined ? TYPICAL : `${density}`)
    return words.andGMl(of(a), sheet.catalyst !== undefined && b === undefined ? 'unknown' : of(b))
}

function hours(h: number | undefined): string {
    return h === undefined ? 'unknown' : `${trimmed(h, 1)} h`
}
