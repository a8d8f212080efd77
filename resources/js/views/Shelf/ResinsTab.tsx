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
            <nav aria-label="Resins">
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
                    <PlusIcon size={18} /> A sheet from its label
                </Button>
            </nav>
            {resin === undefined ? (
                <p className="text-xl">Type one label, with the bottle at hand. What it does not say stays unknown.</p>
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
    const first = sheet.pour_first === 'b' ? 'B first' : 'A first'
    const columns: [string, string][][] = [
        [
            sheet.ratio === undefined
                ? [
                      'Catalyst by depth',
                      (sheet.catalyst ?? []).map((row) => `${row.depth_mm} mm: ${row.pct} %`).join(', '),
                  ]
                : [
                      'Ratio A to B',
                      `${trimmed(sheet.ratio.a, 2)} to ${trimmed(sheet.ratio.b, 2)} by ${sheet.ratio.by}, ${first}`,
                  ],
            ['Density of A and B', densities(sheet)],
            [
                'Caps',
                [sheet.cap_a, sheet.cap_b].every((cap) => cap === undefined)
                    ? 'not written down'
                    : `A ${sheet.cap_a ?? '?'}, B ${sheet.cap_b ?? '?'}`,
            ],
            [
                'Thickness',
                sheet.viscosity_pa_s === undefined
                    ? TYPICAL
                    : `${sheet.viscosity_pa_s} Pa·s` +
                      (sheet.viscosity_at_c === undefined
                          ? ''
                          : ` at ${joined(temperature(sheet.viscosity_at_c, units))}`),
            ],
            ['Stir for', said(sheet.mix_min, 'min')],
            ['Smallest batch', said(sheet.min_batch_ml, 'ml')],
            ['Colour up to', said(sheet.colourant_limit_pct, '%')],
            ['Ratio may be off by', said(sheet.ratio_tolerance_pct, '%')],
        ],
        [
            ['Open time', `${sheet.open_min} min`],
            [
                'Pot life',
                sheet.pot_life_min === undefined
                    ? 'unknown'
                    : `${sheet.pot_life_min} min for ${sheet.pot_life_mass_g ?? '?'} g`,
            ],
            ['Recoat', `${hours(sheet.recoat_from_h)} to ${hours(sheet.recoat_to_h)}`],
            ['Sand from', hours(sheet.sand_from_h)],
            ['Handle from', hours(sheet.handle_h)],
            ['Fully cured', hours(sheet.full_cure_h)],
            ['Deepest pour', sheet.max_pour_mm === undefined ? 'unknown' : joined(thickness(sheet.max_pour_mm, units))],
            ['Filler up to', said(sheet.filler_limit_pct, '%')],
        ],
    ]
    return (
        <section className="min-w-0">
            <div className="flex flex-wrap items-end justify-between gap-3 border-b-2 border-ink pb-1">
                <h2 className="figure text-2xl">{resin.name}</h2>
                <div className="flex gap-2">
                    <Button onClick={() => onForm(true)}>Duplicate and adjust</Button>
                    <Button onClick={() => onForm(false)}>Change</Button>
                </div>
            </div>
            <div className="mt-2">
                <FilmLane phases={lanePhases(resin.phases)} height={22} />
                <p className="text-sm text-soft">
                    {sheet.reference_c === undefined
                        ? 'The label does not say at which temperature its times are.'
                        : `All times at ${joined(temperature(sheet.reference_c, units))}, as on the label.`}
                </p>
            </div>
            {resin.doubts.map((doubt) => (
                <p key={doubt} className="mt-2 rounded bg-kraft px-3 py-1.5 text-kraft-ink">
                    <strong>Look again. </strong>
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
                            ? 'One thing its label does not say'
                            : `${resin.silences.length} things its label does not say`}
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
const TYPICAL = 'typical of its kind'

function densities(sheet: ResinSheet): string {
    const [a, b] = [sheet.density_a_g_ml, sheet.density_b_g_ml]
    if (a === undefined && b === undefined) return TYPICAL
    const of = (density: number | undefined): string => (density === undefined ? TYPICAL : `${density}`)
    return `${of(a)} and ${sheet.catalyst !== undefined && b === undefined ? 'unknown' : of(b)} g/ml`
}

function hours(h: number | undefined): string {
    return h === undefined ? 'unknown' : `${trimmed(h, 1)} h`
}
