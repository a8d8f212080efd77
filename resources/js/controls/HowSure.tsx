import { createContext, useContext, type ReactNode } from 'react'
import { explained, trimmed, type Shown } from '../lib/format'
import { useUnits } from '../lib/pages'
import type { FigureRange, Ranges } from '../types/answer'
import type { Units } from '../types/page'
import * as texts from '@words/controls'

/** How sure the figures of a page are. */
export const Sure = createContext<Ranges>({})

/** Between what a figure likely lies, quietly beside it; nothing where it is as sure as it reads. */
export function Likely(props: { of: string; say: (value: number) => Shown; className?: string }): ReactNode {
    const range = useContext(Sure)[props.of]
    if (range === undefined) return null
    const [low, high] = [props.say(range.low), props.say(range.high)]
    if (low.text === high.text && low.unit === high.unit) return null
    return (
        <span
            className={`text-sm text-soft ${props.className ?? ''}`}
            title={texts.eightOfTenTimesByWhatIsAssumed}
            data-likely={props.of}
        >
            {texts.likelyTo(low.unit === high.unit ? low.text : `${low.text} ${low.unit}`, `${high.text} ${high.unit}`)}
        </span>
    )
}

/** The same in words, with what it mostly comes from. */
export function HowSure({ of, unit }: { of: string; unit: string }): ReactNode {
    const range = useContext(Sure)[of]
    const units = useUnits()
    if (range === undefined || range.mostly.length === 0) return null
    return (
        <p className="mt-2" data-testid="how-sure">
            <strong>{texts.howSure}</strong>{' '}
            {texts.eightOfTen(
                between(range, unit, units),
                range.mostly.map((one) => `${one.what} (${one.share_pct} %)`),
            )}
        </p>
    )
}

/** Both ends in the person's units, to as many digits as tell them apart. */
function between({ low, high }: FigureRange, unit: string, units: Units): string {
    const [from, to] = [explained(low, unit, units), explained(high, unit, units)]
    const [least, most] = [Number(from.text), Number(to.text)]
    const figures = Math.ceil(Math.log10(Math.abs(most) / Math.max(most - least, 1e-9))) + 1
    const text = (value: number): string => trimmed(Number(value.toPrecision(Math.min(6, Math.max(2, figures)))), 6)
    return texts.fromTo(text(least), text(most), to.unit)
}
