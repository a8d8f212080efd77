import type { ReactNode } from 'react'
import { Likely } from '../../controls/HowSure'
import { Figure } from '../../controls/TraceSheet'
import { cupFor } from '../../drawings/Cup'
import { joined, trimmed, volume, volumeMix, weightMix } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { CoatFigures, MixFigures } from '../../types/answer'
import { Part } from './Portions'
import * as words from '@words/coat'

interface Props {
    mix: MixFigures
    /** The pours of a deep coat, one after the other. */
    lifts?: CoatFigures['lifts']
    /** How many of them are poured already: the next one is shown. */
    liftsPoured?: number
    /** How far the ratio may be off when it is weighed by typical densities, per cent: then its ml come first. */
    weighedOffPct?: number | undefined
}

/** What to weigh out: two cups at one scale, A left, B right, the grams as tall as a thumb. */
export function AnswerCups({ mix, lifts = [], liftsPoured = 0, weighedOffPct = 0 }: Props): ReactNode {
    const units = useUnits()
    const next = lifts.length > 1 ? liftsPoured % lifts.length : 0
    const lift = lifts.length > 1 ? lifts[next] : undefined
    // one lift is mixed at a time: never all of them in one cup
    const cup = lift ?? mix
    const prefix = lift === undefined ? '' : `lift_${next + 1}_`
    const weight = weightMix(cup)
    const amounts = volumeMix(cup, units)
    const byMl = weighedOffPct > 0
    const [inAll, andInAll] = byMl ? [amounts.total, weight.total] : [weight.total, amounts.total]
    const cupMl = cupFor(Math.max(cup.a_ml, cup.b_ml))
    return (
        <div className="@container" data-testid="answer">
            <div className="flex flex-wrap items-end gap-x-6 gap-y-4 print:flex-nowrap">
                {(['a', 'b'] as const).map((part) => (
                    <Part
                        key={part}
                        prefix={prefix}
                        byMl={byMl}
                        part={part === 'a' ? 'A' : 'B'}
                        ml={cup[`${part}_ml`]}
                        cupMl={cupMl}
                        weight={weight[part]}
                        volume={amounts[part]}
                    />
                ))}
                <div className="pb-1 print:hidden">
                    {lift !== undefined && <p className="pb-1 font-semibold">{words.liftOf(next + 1, lifts.length)}</p>}
                    <Figure
                        of={`${prefix}total${byMl ? '' : '_g'}`}
                        label={byMl ? words.inAll(joined(amounts.total)) : words.totalWeight(joined(weight.total))}
                        className="figure measured block text-2xl @min-[880px]:text-3xl"
                    >
                        {inAll.text} <span className="unit">{inAll.unit}</span>
                    </Figure>
                    <Likely
                        of={`${prefix}total${byMl ? '' : '_g'}`}
                        say={(value) => (byMl ? volume(value, units) : { text: trimmed(value, 0), unit: 'g' })}
                        className="block"
                    />
                    <Figure
                        of={`${prefix}total${byMl ? '_g' : ''}`}
                        label={words.inAll(joined(andInAll))}
                        className="mt-1 block text-base text-soft @min-[880px]:text-lg"
                    >
                        {words.inAll(joined(andInAll))}
                    </Figure>
                </div>
            </div>
            {byMl && (
                <p className="mt-2 text-[15px] print:text-sm">
                    <strong>{words.measureItByVolume}</strong> {words.itsDensitiesAreTypical(trimmed(weighedOffPct, 1))}
                </p>
            )}
        </div>
    )
}
