import { Head } from '@inertiajs/react'
import type { ReactNode } from 'react'
import { FilmLane, lanePhases } from '../../drawings/FilmLane'
import { joined, temperature, thickness, trimmed } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { PhaseSpan } from '../../types/answer'
import type { ResinRow } from '../../types/page'

interface ShelfResin extends ResinRow {
    phases: PhaseSpan[]
}

/** The resins at hand with what their labels say. What a label does not say stays unknown. */
export default function Shelf({ resins }: { resins: ShelfResin[] }): ReactNode {
    return (
        <div className="flex-1 px-4 py-6 sm:px-8">
            <Head title="Shelf" />
            <h1 className="figure text-4xl">Shelf</h1>
            <div className="mt-6 grid gap-x-12 gap-y-8 lg:grid-cols-2">
                {resins.map((resin) => (
                    <Resin key={resin.id} resin={resin} />
                ))}
            </div>
        </div>
    )
}

function Resin({ resin }: { resin: ShelfResin }): ReactNode {
    const units = useUnits()
    const { sheet } = resin
    const rows: [string, string][] = [
        sheet.ratio === undefined
            ? ['Catalyst by depth', (sheet.catalyst ?? []).map((row) => `${row.depth_mm} mm: ${row.pct} %`).join(', ')]
            : ['Ratio A to B', `${trimmed(sheet.ratio.a, 2)} to ${trimmed(sheet.ratio.b, 2)} by ${sheet.ratio.by}`],
        ['Density of A and B', `${sheet.density_a_g_ml} and ${sheet.density_b_g_ml} g/ml`],
        ['Viscosity', `${sheet.viscosity_pa_s} Pa·s at ${joined(temperature(sheet.viscosity_at_c, units))}`],
        ['Open time', `${sheet.open_min} min`],
        [
            'Pot life',
            sheet.pot_life_min === undefined
                ? 'unknown'
                : `${sheet.pot_life_min} min for ${sheet.pot_life_mass_g ?? '?'} g`,
        ],
        ['Stir for', sheet.mix_min === undefined ? 'unknown' : `${sheet.mix_min} min`],
        ['Recoat', `${hours(sheet.recoat_from_h)} to ${hours(sheet.recoat_to_h)}`],
        ['Sand from', hours(sheet.sand_from_h)],
        ['Handle from', hours(sheet.handle_h)],
        ['Fully cured', hours(sheet.full_cure_h)],
        ['Deepest pour', sheet.max_pour_mm === undefined ? 'unknown' : joined(thickness(sheet.max_pour_mm, units))],
    ]
    return (
        <section>
            <h2 className="border-b-2 border-ink pb-1 text-2xl font-bold">{resin.name}</h2>
            <div className="mt-2">
                <FilmLane phases={lanePhases(resin.phases)} height={22} />
                <p className="text-sm text-soft">
                    All times at {joined(temperature(sheet.reference_c, units))}, as on the label.
                </p>
            </div>
            <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-6">
                {rows.map(([word, value]) => (
                    <div key={word} className="col-span-2 grid grid-cols-subgrid border-b ruled py-1">
                        <dt className="text-soft">{word}</dt>
                        <dd>{value}</dd>
                    </div>
                ))}
            </dl>
        </section>
    )
}

function hours(h: number | undefined): string {
    return h === undefined ? 'unknown' : `${trimmed(h, 1)} h`
}
