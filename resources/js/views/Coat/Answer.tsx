import type { ReactNode } from 'react'
import { Digits } from '../../controls/Digits'
import { Figure } from '../../controls/TraceSheet'
import { Cup, cupFor } from '../../drawings/Cup'
import { joined, volumeMix, weightMix, type Shown } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { MixFigures } from '../../types'

/** What to weigh out: two cups at one scale, A left, B right, the grams as tall as a thumb. */
export function AnswerCups({ mix, height = 150 }: { mix: MixFigures; height?: number }): ReactNode {
    const units = useUnits()
    const weight = weightMix(mix.a_g, mix.total_g)
    const volume = volumeMix(mix.a_ml, mix.b_ml, units)
    const cupMl = cupFor(Math.max(mix.a_ml, mix.b_ml))
    return (
        <div className="flex flex-wrap items-end gap-x-8 gap-y-4 print:flex-nowrap print:gap-x-6" data-testid="answer">
            <Part part="A" ml={mix.a_ml} cupMl={cupMl} height={height} weight={weight.a} volume={volume.a} />
            <Part part="B" ml={mix.b_ml} cupMl={cupMl} height={height} weight={weight.b} volume={volume.b} />
            <div className="pb-1 print:hidden">
                <Figure
                    of="total_g"
                    label={`Total weight ${joined(weight.total)}`}
                    className="figure measured block text-3xl"
                >
                    {weight.total.text} <span className="unit">g</span>
                </Figure>
                <Figure of="total" label={`${joined(volume.total)} in all`} className="mt-1 block text-xl text-soft">
                    {joined(volume.total)} in all
                </Figure>
            </div>
        </div>
    )
}

function Part(props: {
    part: 'A' | 'B'
    ml: number
    cupMl: number
    height: number
    weight: Shown
    volume: Shown
}): ReactNode {
    const key = props.part.toLowerCase()
    return (
        <div className="flex items-end gap-3">
            <Cup part={props.part} ml={props.ml} cupMl={props.cupMl} height={props.height} />
            <div>
                <Figure
                    of={`${key}_g`}
                    label={`Part ${props.part}, ${joined(props.weight)}`}
                    className={`figure measured block text-[3.4rem] whitespace-nowrap print:text-[2.9rem] ${props.weight.text.length > 6 ? 'sm:text-[3.6rem]' : 'sm:text-[4.6rem]'}`}
                >
                    <Digits text={props.weight.text} /> <span className="unit text-[1.6rem]">g</span>
                </Figure>
                <Figure
                    of={`${key}_ml`}
                    label={`Part ${props.part}, ${joined(props.volume)}`}
                    className="mt-2 block text-2xl"
                >
                    {props.volume.text} <span className="text-lg text-soft">{props.volume.unit}</span>
                </Figure>
            </div>
        </div>
    )
}
