import type { ReactNode } from 'react'
import { Digits } from '../../controls/Digits'
import { Figure } from '../../controls/TraceSheet'
import { joined, type Shown } from '../../lib/format'
import * as words from '@words/batch'

/** One part of a cup, to be read from a metre: its weight, its ml, whether it goes in first. */
export function Amount(props: { part: 'A' | 'B'; weight: Shown; volume: Shown; first: boolean }): ReactNode {
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
                    label={words.part(props.part, joined(props.weight))}
                    className="figure measured block text-[3.2rem] whitespace-nowrap"
                >
                    <Digits text={props.weight.text} /> <span className="unit">g</span>
                </Figure>
                <span className="block text-soft">
                    <Figure of={`${props.part.toLowerCase()}_ml`} label={words.part(props.part, joined(props.volume))}>
                        {joined(props.volume)}
                    </Figure>
                    {props.first && words.goesInFirst}
                </span>
            </p>
        </div>
    )
}
