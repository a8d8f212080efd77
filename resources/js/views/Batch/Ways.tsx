import type { ReactNode } from 'react'
import { Field } from '../../controls/Field'
import { Figure } from '../../controls/TraceSheet'
import { fieldVolume, joined, trimmed, volume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { BatchSpec, CupFigures, WayName } from '../../types/mixing'
import type { Sentences } from '../../types/page'
import { Sentence } from '../../controls/Sentence'
import * as words from '@words/batch'

export const WAYS: Record<WayName, string> = {
    scale: words.scaleZeroed,
    scale_untared: words.scaleNotZeroed,
    cups: words.twoMarkedCups,
    one_cup: words.oneMarkedCup,
    pen_lines: words.penLinesInThisCup,
    fills: words.equalFillsOfASmallCup,
}

interface SmallCupProps {
    measure: NonNullable<BatchSpec['measure']>
    cup: CupFigures | null
    sentences: Sentences
    onChange: (how: (batch: BatchSpec) => BatchSpec) => void
}

/** The cup that is filled again and again: what it takes, and how finely its line is met. */
export function SmallCup(props: SmallCupProps): ReactNode {
    const units = useUnits()
    const fills = props.cup?.ways.find((way) => way.by === 'fills')?.fills
    const field = (key: 'fill_ml' | 'graduation_ml', label: string): ReactNode => {
        const value = props.measure[key]
        return (
            <Field
                label={label}
                value={typeof value === 'string' ? value : fieldVolume(value, units)}
                unit={volume(0, units).unit}
                inputMode="decimal"
                sentence={props.sentences[`measure.${key}`]}
                onChange={(text) =>
                    props.onChange((batch) => ({ ...batch, measure: { ...props.measure, [key]: text } }))
                }
            />
        )
    }
    return (
        <div>
            <div className="grid grid-cols-2 gap-6">
                {field('fill_ml', words.theSmallCupTakes)}
                {field('graduation_ml', words.itsLineIsMetWithin)}
            </div>
            {fills != null && (
                <p className="mt-1 font-semibold">{words.fills(fills.a, fills.b, joined(volume(fills.ml, units)))}</p>
            )}
        </div>
    )
}

/** Every way to measure it, the finest first: how far the ratio is likely off. */
export function Ways({ cup, chosen }: { cup: CupFigures; chosen: WayName | undefined }): ReactNode {
    const units = useUnits()
    const widest = Math.max(cup.tolerance_pct * 1.6, 1)
    return (
        <table className="w-full text-sm">
            <caption className="border-b ruled pb-0.5 text-left font-bold">
                {words.ratioOffBy}{' '}
                <span className="font-normal text-soft">{words.likelyToWorst(trimmed(cup.tolerance_pct, 1))}</span>
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
                                <Sentence of={words.toPercent}>
                                    <Figure of="ratio_likely" label={words.likelyOffByPercent(off(way.likely))}>
                                        {off(way.likely)}
                                    </Figure>
                                    <Figure of="ratio_worst" label={words.atWorstOffByPercent(off(way.worst ?? 0))}>
                                        {off(way.worst ?? 0)}
                                    </Figure>
                                </Sentence>
                            ) : way.likely === null || way.worst === null ? (
                                words.from(joined(volume(way.from_ml, units)))
                            ) : (
                                words.toPercent(off(way.likely), off(way.worst))
                            )}
                            {Math.abs(way.clings) >= 0.05 && (
                                <span className="block text-xs text-soft">
                                    {(way.clings > 0 ? words.moreAByWhatClings : words.lessAByWhatClings)(
                                        off(Math.abs(way.clings)),
                                    )}
                                </span>
                            )}
                            {way.densities > 0 && (
                                <span className="block text-xs text-soft">
                                    {words.andByTypicalDensities(off(way.densities))}
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

/** A batch measured in another way, as finely as its usual tool does it. */
export function measured(batch: BatchSpec, by: WayName | '', cup: CupFigures | null): BatchSpec {
    const { measure: _, ...rest } = batch
    const way = cup?.ways.find((one) => one.by === by)
    const step = way?.step
    if (by === '') return rest
    if (by === 'pen_lines' || step === undefined) return { ...rest, measure: { by } }
    if (by === 'fills') return { ...rest, measure: { by, graduation_ml: step, fill_ml: way?.fills?.cup_ml ?? step } }
    return {
        ...rest,
        measure: by === 'scale' || by === 'scale_untared' ? { by, resolution_g: step } : { by, graduation_ml: step },
    }
}
