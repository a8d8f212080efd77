import type { ReactNode } from 'react'
import { Digits } from '../../controls/Digits'
import { Figure } from '../../controls/TraceSheet'
import { Cup, cupFor } from '../../drawings/Cup'
import { joined, volumeMix, weightMix, type Shown } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { MixFigures } from '../../types'

/** What to weigh out: two cups at one scale, A left, B right, the grams as tall as a thumb. */
export function AnswerCups({ mix }: { mix: MixFigures }): ReactNode {
    const units = useUnits()
    const weight = weightMix(mix.a_g, mix.total_g)
    const volume = volumeMix(mix.a_ml, mix.b_ml, units)
    const cupMl = cupFor(Math.max(mix.a_ml, mix.b_ml))
    return (
        <div className="@container" data-testid="answer">
            <div className="flex flex-wrap items-end gap-x-6 gap-y-4 print:flex-nowrap">
                <Part part="A" ml={mix.a_ml} cupMl={cupMl} weight={weight.a} volume={volume.a} />
                <Part part="B" ml={mix.b_ml} cupMl={cupMl} weight={weight.b} volume={volume.b} />
                <div className="pb-1 print:hidden">
                    <Figure
                        of="total_g"
                        label={`Total weight ${joined(weight.total)}`}
                        className="figure measured block text-2xl @min-[880px]:text-3xl"
                    >
                        {weight.total.text} <span className="unit">g</span>
                    </Figure>
                    <Figure
                        of="total"
                        label={`${joined(volume.total)} in all`}
                        className="mt-1 block text-base text-soft @min-[880px]:text-lg"
                    >
                        {joined(volume.total)} in all
                    </Figure>
                </div>
            </div>
        </div>
    )
}

function Part(props: { part: 'A' | 'B'; ml: number; cupMl: number; weight: Shown; volume: Shown }): ReactNode {
    const key = props.part.toLowerCase()
    const long = props.weight.text.length > 6
    return (
        <div className="flex items-end gap-3">
            <Cup
                part={props.part}
                ml={props.ml}
                cupMl={props.cupMl}
                height={118}
                className="h-auto w-24 @min-[600px]:w-18 @min-[880px]:w-24 print:w-24"
            />
            <div>
                <Figure
                    of={`${key}_g`}
                    label={`Part ${props.part}, ${joined(props.weight)}`}
                    className={`figure measured block whitespace-nowrap @min-[600px]:text-[2.5rem] print:text-[2.9rem] ${long ? 'text-[2.6rem] @min-[880px]:text-[3.2rem]' : 'text-[3.4rem] @min-[880px]:text-[3.7rem]'}`}
                >
                    <Digits text={props.weight.text} /> <span className="unit">g</span>
                </Figure>
                <Figure
                    of={`${key}_ml`}
                    label={`Part ${props.part}, ${joined(props.volume)}`}
                    className="mt-2 block text-2xl @min-[600px]:text-xl @min-[880px]:text-2xl"
                >
                    {props.volume.text} <span className="text-lg text-soft">{props.volume.unit}</span>
                </Figure>
            </div>
        </div>
    )
}
