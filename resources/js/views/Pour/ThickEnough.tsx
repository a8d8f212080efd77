import { CaretDownIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import type { PressedKind } from '../../types/generated/journal'
import { digits, joined, moment, span, temperatureDifference } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { THICKNESSES, TOOLS } from '../../lib/words'
import type { PourState } from '../../types/page'
import { HowMany } from './HowMany'
import { OilIn } from './OilIn'
import * as words from '@words/pour'

const PACES = { drops: words.drops, lines: words.lines, effect_oil: words.effectOil }

const FITS = { drops: words.soManyDrops, lines: words.soManyMetres, effect_oil: words.soManyTouches }

/** For what needs a film that is thick enough: from when, until when, how much goes into it; and how to thin it again. */
export function ThickEnough(props: {
    pour: PourState
    now: number
    press: (kind: PressedKind, facts: Record<string, unknown>, of: string) => Promise<unknown>
}): ReactNode {
    const { pour, now, press } = props
    const units = useUnits()
    const effects = pour.effects.filter((one) => one.to_at !== null && one.to_at > now)
    const warmings = pour.closes_at !== null && now < pour.closes_at ? pour.warmings : []
    if (effects.length === 0 && warmings.length === 0) return null
    return (
        <details className="rounded border border-line">
            <summary className="flex min-h-16 cursor-pointer list-none items-center gap-3 px-3 text-lg">
                <CaretDownIcon size={22} weight="bold" /> {words.thickEnoughYet}
            </summary>
            <div className="space-y-3 px-3 pb-3">
                <ul className="divide-y divide-hair">
                    {effects.map((one) => (
                        <li key={one.pace} className="py-1.5" data-pace={one.pace}>
                            <span className="flex items-baseline gap-3 text-lg">
                                <span className="flex-1 font-semibold">{PACES[one.pace]}</span>
                                <span>
                                    {one.from_at !== null && one.from_at > now
                                        ? words.fromTo(moment(one.from_at, now), moment(one.to_at ?? now, now))
                                        : words.until(moment(one.to_at ?? now, now))}
                                </span>
                            </span>
                            <span className="text-soft">{FITS[one.pace](one.fits)}</span>
                            <HowMany pour={pour.id} pace={one.pace} now={now} />
                            {one.pace === 'effect_oil' && (
                                <OilIn
                                    onOil={(how, where) => void press('oiled', { how, where }, words.oilIn(pour.title))}
                                />
                            )}
                        </li>
                    ))}
                </ul>
                <div className="grid grid-cols-3 gap-2">
                    {Object.entries(THICKNESSES).map(([what, word]) => (
                        <button
                            key={what}
                            type="button"
                            className="min-h-16 rounded border border-line bg-sheet px-2 text-lg leading-tight"
                            onClick={() => void press('observed', { what, text: '' }, `${word}, ${pour.title}`)}
                        >
                            {word}
                        </button>
                    ))}
                </div>
                {warmings.map((one) => (
                    <p key={one.tool} className="text-lg" data-warming={one.tool}>
                        {words.warmed(
                            TOOLS[one.tool] ?? one.tool,
                            digits(one.seconds, 0),
                            joined(temperatureDifference(one.gain_k, units)),
                            digits(one.viscosity_factor, 2),
                            span(one.age_min),
                            span(one.cools_min),
                        )}
                    </p>
                ))}
            </div>
        </details>
    )
}
