import type { ReactNode } from 'react'
import { Choice } from '../../controls/Choice'
import { Digits } from '../../controls/Digits'
import { Likely } from '../../controls/HowSure'
import { Figure } from '../../controls/TraceSheet'
import { UnknownCupDrawing, VesselDrawing } from '../../drawings/VesselDrawing'
import { joined, length, trimmed, volume, volumeMix, weightMix, type Shown } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { BatchFigures, BatchSpec, CupFigures, Supplies, Thinner, WayName } from '../../types/mixing'
import type { Sentences } from '../../types/page'

const WAYS: Record<WayName, string> = {
    scale: 'Scale, zeroed',
    scale_untared: 'Scale, not zeroed',
    cups: 'Two marked cups',
    one_cup: 'One marked cup',
    pen_lines: 'Pen lines in this cup',
}

interface Props {
    figures: BatchFigures
    spec: BatchSpec
    cup: CupFigures | null
    supplies: Supplies
    sentences: Sentences
    onChange: (how: (batch: BatchSpec) => BatchSpec) => void
}

/** The vessel to scale with its two pen lines, the two amounts, and how exactly they can be measured. */
export function TheCup(props: Props): ReactNode {
    const { figures } = props
    const units = useUnits()
    const weight = weightMix(figures.a_g, figures.total_g)
    const volumes = volumeMix(figures.a_ml, figures.b_ml, units)
    const line = (mm: number): string => joined(length(Math.round(mm * 10) / 10, units))
    const widest = 2 * Math.max(1, ...(figures.vessel?.profile ?? []).map(([r]) => r))
    const scale = Math.min(150 / (figures.vessel?.height_mm ?? 100), 170 / widest)
    return (
        <section className="space-y-2">
            <div className="grid items-end gap-x-6 gap-y-3 sm:grid-cols-[auto_1fr]">
                <div>
                    <Amount part="A" weight={weight.a} volume={volumes.a} first={figures.first === 'a'} />
                    <Amount part="B" weight={weight.b} volume={volumes.b} first={figures.first === 'b'} />
                    <p className="mt-1 text-soft">
                        <Figure of="total" label={`In all, ${joined(volume(figures.total_ml, units))}`}>
                            {joined(volume(figures.total_ml, units))}
                        </Figure>
                        ,{' '}
                        <Figure of="total_g" label={`In all, ${joined(weight.total)}`}>
                            {joined(weight.total)}
                        </Figure>{' '}
                        <Likely of="total_g" say={(g) => ({ text: trimmed(g, 0), unit: 'g' })} />
                    </p>
                </div>
                <div className="sm:justify-self-end">
                    {figures.vessel === null ? (
                        <UnknownCupDrawing ml={figures.total_ml} scale={1.4} />
                    ) : (
                        <VesselDrawing
                            vessel={figures.vessel}
                            scale={scale}
                            lines={figures.lines}
                            first={figures.first}
                            marks={line}
                        />
                    )}
                </div>
            </div>
            <div className="grid grid-cols-2 gap-6">
                <Choice
                    label="Mixed in"
                    value={props.spec.vessel ?? ''}
                    options={[
                        { value: '', label: 'A cup as deep as wide' },
                        ...props.supplies.vessels.map((vessel) => ({
                            value: vessel.id,
                            label: vessel.name,
                        })),
                    ]}
                    sentence={props.sentences.vessel}
                    onChange={(id) =>
                        props.onChange(({ vessel: _, ...rest }) => (id === '' ? rest : { ...rest, vessel: id }))
                    }
                />
                <Choice
                    label="Measured by"
                    value={props.spec.measure?.by ?? ''}
                    options={[
                        { value: '', label: 'Not said' },
                        ...(props.cup?.ways ?? []).map((way) => ({ value: way.by, label: WAYS[way.by] })),
                    ]}
                    sentence={props.sentences['measure.by']}
                    onChange={(by) => props.onChange((batch) => measured(batch, by as WayName | '', props.cup))}
                />
                {props.spec.thinned_with !== undefined && <Thinned {...props} with={props.spec.thinned_with} />}
            </div>
            {props.spec.thinned_with === undefined && (
                <button
                    type="button"
                    className="min-h-6 text-sm text-soft underline underline-offset-4"
                    onClick={() => props.onChange((batch) => ({ ...batch, thinned_with: 'alcohol' }))}
                >
                    It is thinned
                </button>
            )}
            {figures.vessel !== null && (
                <p className="text-sm text-soft">
                    {figures.lines !== null && (
                        <>
                            Lines at{' '}
                            <Figure of="first_mm" label={`First line, ${line(figures.lines.first_mm)}`}>
                                {line(figures.lines.first_mm)}
                            </Figure>{' '}
                            and{' '}
                            <Figure of="both_mm" label={`Second line, ${line(figures.lines.both_mm)}`}>
                                {line(figures.lines.both_mm)}
                            </Figure>{' '}
                            from the inside floor.{' '}
                        </>
                    )}
                    {figures.vessel.afterwards}
                    {figures.total_ml > figures.vessel.stirrable_ml &&
                        ` It is fuller than ${joined(volume(figures.vessel.stirrable_ml, units))}, which leaves room to stir.`}
                </p>
            )}
            {props.cup !== null && <Ways cup={props.cup} chosen={props.spec.measure?.by} />}
            {props.cup !== null && <Otherwise cup={props.cup} />}
        </section>
    )
}

function measured(batch: BatchSpec, by: WayName | '', cup: CupFigures | null): BatchSpec {
    const { measure: _, ...rest } = batch
    const step = cup?.ways.find((way) => way.by === by)?.step
    if (by === '') return rest
    if (by === 'pen_lines' || step === undefined) return { ...rest, measure: { by } }
    return {
        ...rest,
        measure: by === 'scale' || by === 'scale_untared' ? { by, resolution_g: step } : { by, graduation_ml: step },
    }
}

function Amount(props: { part: 'A' | 'B'; weight: Shown; volume: Shown; first: boolean }): ReactNode {
    return (
        <div className="mb-2 flex items-baseline gap-3">
            <span
                className={`figure inline-grid size-9 shrink-0 place-items-center self-center border-[1.5px] border-ink text-xl ${props.part === 'A' ? 'rounded-[4px]' : 'rounded-full'}`}
            >
                {props.part}
            </span>
            <p>
                <Figure
                    of={`${props.part.toLowerCase()}_g`}
                    label={`Part ${props.part}, ${joined(props.weight)}`}
                    className="figure measured block text-[3.2rem] whitespace-nowrap"
                >
                    <Digits text={props.weight.text} /> <span className="unit">g</span>
                </Figure>
                <span className="block text-soft">
                    <Figure of={`${props.part.toLowerCase()}_ml`} label={`Part ${props.part}, ${joined(props.volume)}`}>
                        {joined(props.volume)}
                    </Figure>
                    {props.first && ', goes in first'}
                </span>
            </p>
        </div>
    )
}

/** The two amounts in whatever is at hand to measure with. */
function Otherwise({ cup }: { cup: CupFigures }): ReactNode {
    return (
        <details className="text-sm">
            <summary className="min-h-7 cursor-pointer text-soft">In other measures</summary>
            <ul className="grid grid-cols-2 gap-x-6">
                {cup.otherwise.map((one) => (
                    <li key={one.unit} className="border-b ruled py-0.5">
                        {trimmed(one.a, one.a < 10 ? 2 : 1)} + {trimmed(one.b, one.b < 10 ? 2 : 1)} {one.unit}
                    </li>
                ))}
            </ul>
        </details>
    )
}

/** Every way to measure it, the finest first: how far the ratio is likely off. */
function Ways({ cup, chosen }: { cup: CupFigures; chosen: WayName | undefined }): ReactNode {
    const units = useUnits()
    const widest = Math.max(cup.tolerance_pct * 1.6, 1)
    return (
        <table className="w-full text-sm">
            <caption className="border-b ruled pb-0.5 text-left font-bold">
                Ratio off by{' '}
                <span className="font-normal text-soft">
                    likely to worst; this resin takes up to {trimmed(cup.tolerance_pct, 1)} %
                </span>
            </caption>
            <tbody>
                {cup.ways.map((way) => (
                    <tr key={way.by} className={way.by === chosen ? 'font-semibold' : ''}>
                        <th scope="row" className="py-0.5 pr-3 text-left font-[inherit] whitespace-nowrap">
                            {WAYS[way.by]}
                        </th>
                        <td className="w-full">
                            {way.likely !== null && (
                                <svg
                                    viewBox="0 0 100 8"
                                    preserveAspectRatio="none"
                                    className="block h-2 w-full"
                                    aria-hidden="true"
                                >
                                    <rect
                                        width={Math.min(100, (way.likely / widest) * 100)}
                                        height="8"
                                        fill={way.likely > cup.tolerance_pct ? 'var(--danger)' : 'var(--ink)'}
                                    />
                                    <rect
                                        x={(way.likely / widest) * 100}
                                        width={Math.max(
                                            0,
                                            Math.min(100 - (way.likely / widest) * 100, (way.densities / widest) * 100),
                                        )}
                                        y="2.5"
                                        height="3"
                                        fill={way.densities > cup.tolerance_pct ? 'var(--danger)' : 'var(--ink-soft)'}
                                    />
                                    <path
                                        d={`M${(cup.tolerance_pct / widest) * 100} 0 V8`}
                                        stroke="var(--ink)"
                                        strokeWidth="0.8"
                                    />
                                </svg>
                            )}
                        </td>
                        <td className="py-0.5 pl-3 text-right whitespace-nowrap">
                            {way.by === chosen && way.likely !== null ? (
                                <>
                                    <Figure of="ratio_likely" label={`Likely off by ${off(way.likely)} %`}>
                                        {off(way.likely)}
                                    </Figure>{' '}
                                    to{' '}
                                    <Figure of="ratio_worst" label={`At worst off by ${off(way.worst ?? 0)} %`}>
                                        {off(way.worst ?? 0)}
                                    </Figure>{' '}
                                    %
                                </>
                            ) : way.likely === null || way.worst === null ? (
                                `from ${joined(volume(way.from_ml, units))}`
                            ) : (
                                `${off(way.likely)} to ${off(way.worst)} %`
                            )}
                            {Math.abs(way.clings) >= 0.05 && (
                                <span className="block text-xs text-soft">
                                    {off(Math.abs(way.clings))} % {way.clings > 0 ? 'more' : 'less'} A by what clings
                                </span>
                            )}
                            {way.densities > 0 && (
                                <span className="block text-xs text-soft">
                                    and {off(way.densities)} % by typical densities
                                </span>
                            )}
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    )
}

function off(percent: number): string {
    return trimmed(percent, percent < 1 ? 2 : 1)
}

const THINNERS: { value: Thinner; label: string }[] = [
    { value: 'none', label: 'Nothing' },
    { value: 'alcohol', label: 'Alcohol' },
    { value: 'solvent', label: 'Solvent' },
    { value: 'unknown', label: 'Not known' },
]

/** What it is thinned with: no flame comes near it then. */
function Thinned(props: { with: Thinner; onChange: (how: (batch: BatchSpec) => BatchSpec) => void }): ReactNode {
    return (
        <Choice
            label="Thinned with: no flame over it"
            value={props.with}
            options={THINNERS}
            onChange={(to) =>
                props.onChange(({ thinned_with: _, ...rest }) =>
                    to === 'none' ? rest : { ...rest, thinned_with: to as Thinner },
                )
            }
        />
    )
}
