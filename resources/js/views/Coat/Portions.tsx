import type { ReactNode } from 'react'
import { Digits } from '../../controls/Digits'
import { Figure } from '../../controls/TraceSheet'
import { Cup } from '../../drawings/Cup'
import { joined, volume, weightMix, type Shown } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { CoatFigures } from '../../types/answer'
import * as words from '@words/coat'

/** The amounts of each pour, or of each colour, in the order in which they are poured. */
export function Portions({ lifts, parts }: { lifts: CoatFigures['lifts']; parts: CoatFigures['parts'] }): ReactNode {
    const units = useUnits()
    const rows =
        lifts.length > 1
            ? lifts.map((lift, index) => {
                  const weight = weightMix(lift)
                  return [words.liftNumber(index + 1), `${weight.a.text} + ${joined(weight.b)}`]
              })
            : parts.length > 1
              ? parts.map((part) => [part.colour, joined(volume(part.ml, units))])
              : []
    if (rows.length === 0) return null
    return (
        <dl className="grid grid-cols-[auto_1fr] gap-x-4 text-sm" data-testid="portions">
            {rows.map(([word, amount], index) => (
                <div key={`${word}-${index}`} className="contents">
                    <dt className="text-soft">{word}</dt>
                    <dd>{amount}</dd>
                </div>
            ))}
        </dl>
    )
}

export function Part(props: {
    prefix: string
    /** Measured by volume first. */
    byMl: boolean
    part: 'A' | 'B'
    ml: number
    cupMl: number
    weight: Shown
    volume: Shown
}): ReactNode {
    const key = props.part.toLowerCase()
    const [first, second] = props.byMl ? [props.volume, props.weight] : [props.weight, props.volume]
    const [of, andOf] = props.byMl ? ['ml', 'g'] : ['g', 'ml']
    const long = first.text.length > 6
    return (
        <div className="flex items-end gap-3">
            <Cup
                part={props.part}
                ml={props.ml}
                cupMl={props.cupMl}
                height={118}
                className="h-auto w-24 max-w-[28cqw] @min-[600px]:w-18 @min-[880px]:w-24 print:w-24"
            />
            <div>
                <Figure
                    of={`${props.prefix}${key}_${of}`}
                    label={words.part(props.part, joined(first))}
                    className={`figure measured block whitespace-nowrap @min-[600px]:text-[2.5rem] print:text-[2.9rem] ${long ? 'text-[min(2.6rem,14cqw)] @min-[880px]:text-[3.2rem]' : 'text-[min(3.4rem,18cqw)] @min-[880px]:text-[3.7rem]'}`}
                >
                    <Digits text={first.text} /> <span className="unit">{first.unit}</span>
                </Figure>
                <Figure
                    of={`${props.prefix}${key}_${andOf}`}
                    label={words.part(props.part, joined(second))}
                    className="mt-2 block text-2xl @min-[600px]:text-xl @min-[880px]:text-2xl"
                >
                    {second.text} <span className="text-lg text-soft">{second.unit}</span>
                </Figure>
            </div>
        </div>
    )
}
