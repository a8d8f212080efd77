import { useState, type ReactNode } from 'react'
import { BANDS, HeatBands } from '../../drawings/HeatBands'
import { joined, length, span, temperature } from '../../lib/format'
import { lastMinOf, warmthAt } from '../../lib/heatStrip'
import { useUnits } from '../../lib/pages'
import { useWidth } from '../../lib/width'
import type { HeatStrip } from '../../types/answer'
import * as words from '@words/coat'

interface Props {
    strip: HeatStrip
    lifts: number
    /** Minutes after the pour; null for when it is hottest. */
    at: number | null
    /** Null where the film's clock stands above it already. */
    onAt: ((min: number | null) => void) | null
}

const STEPS = 240

/** How warm a thick layer gets inside, over time: the film's clock is slid along it. */
export function WarmthStrip({ strip, lifts, at, onAt }: Props): ReactNode {
    const units = useUnits()
    const [frame, setFrame] = useState<HTMLDivElement | null>(null)
    const width = useWidth(frame, 480)
    const last = lastMinOf(strip)
    const now = warmthAt(strip, at === null ? null : Math.min(at, last))
    const degrees = (celsius: number): string =>
        celsius > strip.most_c ? words.over(degrees(strip.most_c)) : joined(temperature(Math.round(celsius), units))
    return (
        <section aria-label={words.howWarmItGets} className="mt-2 space-y-1" data-testid="warmth">
            <p className="flex flex-wrap gap-x-4 text-lg">
                <span className="font-semibold">
                    {words.hottestAfter(degrees(strip.peak_c), span(strip.peak_min))}
                    {lifts > 1 && ` ${words.inLiftOf(strip.lift, lifts)}`}
                </span>
                <span>
                    {strip.warm_until_min === null
                        ? words.aboveFrom(degrees(strip.drawn_from_c), span(strip.warm_from_min))
                        : words.aboveFromTo(
                              degrees(strip.drawn_from_c),
                              span(strip.warm_from_min),
                              span(strip.warm_until_min),
                          )}
                </span>
                <span className="flex items-center gap-x-3 text-sm text-soft sm:ml-auto" aria-hidden="true">
                    {BANDS.map(([celsius, fill]) => (
                        <span key={celsius} className="flex items-center gap-1">
                            <span className="size-3.5 border border-ink" style={{ background: fill }} />
                            {degrees(celsius)}
                        </span>
                    ))}
                </span>
            </p>
            <div ref={setFrame}>
                <HeatBands strip={strip} at={now.min} width={width} />
            </div>
            {onAt !== null && (
                <input
                    type="range"
                    min={0}
                    max={STEPS}
                    step={1}
                    value={Math.round((now.min / last) * STEPS)}
                    aria-label={words.theFilmsClock}
                    aria-valuetext={words.afterThePour(span(now.min))}
                    className="film-clock block h-9 w-full"
                    onChange={(event) => onAt((Number(event.target.value) / STEPS) * last)}
                />
            )}
            <p aria-live="polite">
                {words.warmthThen(
                    now.min < 0.5 ? words.atThePour : words.after(span(now.min)),
                    degrees(now.hottest_c),
                    joined(length(now.at_mm, units)),
                    degrees(now.top_c),
                    degrees(now.floor_c),
                )}
            </p>
        </section>
    )
}
