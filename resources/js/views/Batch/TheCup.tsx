import type { ReactNode } from 'react'
import { Choice } from '../../controls/Choice'
import { Likely } from '../../controls/HowSure'
import { Figure } from '../../controls/TraceSheet'
import { UnknownCupDrawing, VesselDrawing } from '../../drawings/VesselDrawing'
import { joined, length, trimmed, volume, volumeMix, weightMix } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { BatchFigures, BatchSpec, CupFigures, Pouring, Supplies, WayName } from '../../types/mixing'
import type { Sentences } from '../../types/page'
import { Amount } from './Amount'
import { measured, SmallCup, Ways, WAYS } from './Ways'
import { Otherwise } from './Otherwise'
import { InWarmWater, USUAL_BATH } from './InWarmWater'
import { Thinned } from './Thinned'
import { Sentence } from '../../controls/Sentence'
import * as words from '@words/batch'

const POURED: Record<Pouring, string> = { together: words.allFirstThenSpread, one_by_one: words.pieceByPiece }

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
    const weight = weightMix(figures)
    const volumes = volumeMix(figures, units)
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
                        <Figure of="total" label={words.inAll(joined(volume(figures.total_ml, units)))}>
                            {joined(volume(figures.total_ml, units))}
                        </Figure>
                        ,{' '}
                        <Figure of="total_g" label={words.inAll(joined(weight.total))}>
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
                    label={words.mixedIn}
                    value={props.spec.vessel ?? ''}
                    options={[
                        { value: '', label: words.aCupAsDeepAsWide },
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
                    label={words.measuredBy}
                    value={props.spec.measure?.by ?? ''}
                    options={[
                        { value: '', label: words.notSaid },
                        ...(props.cup?.ways ?? []).map((way) => ({ value: way.by, label: WAYS[way.by] })),
                    ]}
                    sentence={props.sentences['measure.by']}
                    onChange={(by) => props.onChange((batch) => measured(batch, by as WayName | '', props.cup))}
                />
                <Choice
                    label={words.poured}
                    value={props.spec.pouring ?? ''}
                    options={[
                        { value: '', label: words.asUsual(POURED[figures.pouring]) },
                        { value: 'together', label: POURED.together },
                        { value: 'one_by_one', label: POURED.one_by_one },
                    ]}
                    sentence={props.sentences.pouring}
                    onChange={(way) =>
                        props.onChange(({ pouring: _, ...rest }) =>
                            way === '' ? rest : { ...rest, pouring: way as Pouring },
                        )
                    }
                />
                {props.spec.thinned_with !== undefined && <Thinned {...props} with={props.spec.thinned_with} />}
            </div>
            <div className="flex flex-wrap gap-x-5">
                {props.spec.thinned_with === undefined && (
                    <More onPress={() => props.onChange((batch) => ({ ...batch, thinned_with: 'alcohol' }))}>
                        {words.itIsThinned}
                    </More>
                )}
                {props.spec.bath === undefined && (
                    <More onPress={() => props.onChange((batch) => ({ ...batch, bath: USUAL_BATH }))}>
                        {words.itIsPutIntoWarmWater}
                    </More>
                )}
            </div>
            {props.spec.bath !== undefined && (
                <InWarmWater
                    bath={props.spec.bath}
                    said={figures.advice.find((one) => one.code === 'warm_bath')?.text}
                    sentences={props.sentences}
                    onChange={props.onChange}
                />
            )}
            {figures.vessel !== null && (
                <p className="text-sm text-soft">
                    {figures.lines !== null && (
                        <>
                            <Sentence of={words.linesAt}>
                                <Figure of="first_mm" label={words.firstLine(line(figures.lines.first_mm))}>
                                    {line(figures.lines.first_mm)}
                                </Figure>
                                <Figure of="both_mm" label={words.secondLine(line(figures.lines.both_mm))}>
                                    {line(figures.lines.both_mm)}
                                </Figure>
                            </Sentence>{' '}
                        </>
                    )}
                    {figures.vessel.afterwards}
                    {figures.total_ml > figures.vessel.stirrable_ml &&
                        words.itIsFullerThanWhichLeavesRoomToStir(joined(volume(figures.vessel.stirrable_ml, units)))}
                </p>
            )}
            {props.spec.measure?.by === 'fills' && <SmallCup {...props} measure={props.spec.measure} />}
            {props.cup !== null && <Ways cup={props.cup} chosen={props.spec.measure?.by} />}
            {props.cup !== null && <Otherwise cup={props.cup} />}
        </section>
    )
}

/** What not every cup has, to be said by one press. */
function More(props: { onPress: () => void; children: ReactNode }): ReactNode {
    return (
        <button
            type="button"
            className="min-h-6 text-sm text-soft underline underline-offset-4"
            onClick={props.onPress}
        >
            {props.children}
        </button>
    )
}
