import { useState, type ReactNode } from 'react'
import { Check } from '../../controls/Choice'
import { Likely } from '../../controls/HowSure'
import { Figure } from '../../controls/TraceSheet'
import { CupPlot } from '../../drawings/CupPlot'
import { joined, likelyMinutes, span, temperature, trimmed } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { useWidth } from '../../lib/width'
import type { Units } from '../../types/page'
import type { BatchFigures, Compared, CupFigures, StandingFigures } from '../../types/mixing'
import { Waits } from './Waits'
import { Sentence } from '../../controls/Sentence'
import * as texts from '@words/batch'

const WORDS: Record<Compared, string> = {
    cup: texts.thisCup,
    halved: texts.halfOfIt,
    cooler: '5 °C cooler',
    dish: 'in a dish',
}

interface Props {
    figures: BatchFigures
    cup: CupFigures | null
}

/** How the batch warms and thickens while it stands; what a dish, half of it, a cooler room or a warm bath would change. */
export function Clock({ figures, cup }: Props): ReactNode {
    const units = useUnits()
    const [frame, setFrame] = useState<HTMLDivElement | null>(null)
    const width = useWidth(frame, 640)
    const [shown, setShown] = useState<Compared[]>(['cup', 'halved', 'cooler', 'dish'])
    const standing = cup?.compared.cup
    if (cup === null || standing === undefined) {
        return (
            <section>
                <h2 className="border-b ruled font-bold">{texts.theCupsClock}</h2>
                <p className="mt-1">{texts.thisLabelDoesNotSayHowItWarmsItself}</p>
            </section>
        )
    }
    const words = { ...WORDS, cooler: units === 'metric' ? WORDS.cooler : '9 °F cooler' }
    return (
        <section>
            <div className="flex flex-wrap items-baseline justify-between gap-x-6 border-b ruled">
                <h2 className="font-bold">
                    {texts.theCupsClock} <span className="font-normal text-soft">{texts.anEstimateToCompareWith}</span>
                </h2>
                <div className="flex flex-wrap gap-x-4 text-sm">
                    {(['halved', 'cooler', 'dish'] as const).map((one) => (
                        <Check
                            key={one}
                            label={words[one]}
                            on={shown.includes(one)}
                            onChange={(on) =>
                                setShown((before) => (on ? [...before, one] : before.filter((other) => other !== one)))
                            }
                        />
                    ))}
                </div>
            </div>
            <div ref={setFrame} className="mt-2">
                <CupPlot
                    cup={cup}
                    words={words}
                    emptiedMin={figures.emptied_min}
                    shown={shown}
                    celsius={(c) => joined(temperature(c, units))}
                    width={width}
                    height={188}
                />
            </div>
            <p className="mt-1">
                <Told figures={figures} standing={standing} />{' '}
                {cup.compared.dish !== undefined && cup.dish_mm !== null && (
                    <>
                        {texts.inADishItLasts(
                            dishWords(cup.dish_mm, units),
                            cup.compared.dish.pot_life_min === null
                                ? texts.forHours
                                : span(cup.compared.dish.pot_life_min),
                        )}
                    </>
                )}
            </p>
            <Waits cup={cup} />
        </section>
    )
}

/** Nobody measures a dish to the millimetre. */
export function dishWords(mm: number, units: Units): string {
    return units === 'metric' ? `${trimmed(mm / 10, 0)} cm` : `${trimmed(mm / 25.4, 0)} in`
}

function Told({ figures, standing }: { figures: BatchFigures; standing: StandingFigures }): ReactNode {
    const units = useUnits()
    const lasts = standing.pot_life_min === null ? texts.hours : span(standing.pot_life_min)
    return (
        <>
            <Sentence of={texts.emptiedThen}>
                <Figure of="emptied_min" label={texts.emptiedAfter(span(figures.emptied_min))} className="font-bold">
                    {span(figures.emptied_min)}
                </Figure>
                {standing.emptied_c === null || standing.emptied_pa_s === null
                    ? ''
                    : texts.itIsAt(joined(temperature(standing.emptied_c, units)), trimmed(standing.emptied_pa_s, 1))}
                <Figure of="pot_life_min" label={texts.potLife(lasts)} className="font-bold">
                    {lasts}
                </Figure>
            </Sentence>
            <Likely of="pot_life_min" say={likelyMinutes} className="ml-1.5" />.{' '}
            {standing.hot_min === null
                ? texts.forgottenItPeaksAt(joined(temperature(standing.peak_c, units)))
                : texts.forgottenItIsAtAfter(
                      joined(temperature(60, units)),
                      span(standing.hot_min),
                      standing.runs_away ? texts.andRunsAway : '',
                  )}
        </>
    )
}
