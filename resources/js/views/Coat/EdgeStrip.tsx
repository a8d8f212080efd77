import type { ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Check } from '../../controls/Choice'
import { Likely } from '../../controls/HowSure'
import { Figure } from '../../controls/TraceSheet'
import { drip, fineFilm, joined, length, minutesOf, span, trimmed, volume } from '../../lib/format'
import { lastMin, type FilmNow } from '../../lib/filmClock'
import { useUnits } from '../../lib/pages'
import type { EdgeFilm, StackAnswer } from '../../types/answer'
import { Sentence } from '../../controls/Sentence'
import * as words from '@words/coat'

interface Props {
    answer: StackAnswer
    film: EdgeFilm
    now: FilmNow
    /** Minutes after the pour; null for as it sets. */
    at: number | null
    once: boolean
    onAt: (min: number | null) => void
    onOnce: (once: boolean) => void
    ownTrays: { share: number; pours: number } | null
    comparing: boolean
    onCompare: (on: boolean) => void
}

/** What is asked, laid, kept and lost, in one line; and the film's clock, to be slid from the pour until it has set. */
export function EdgeStrip(props: Props): ReactNode {
    const { answer, film, now, at } = props
    const units = useUnits()
    const edge = answer.coat.edge!
    const mm = (value: number): string => joined(fineFilm(value, units))
    const last = lastMin(film)
    const steps = 240
    return (
        <section aria-label={words.whatTheEdgeKeeps} className="space-y-1">
            <p className="flex flex-wrap gap-x-4 text-lg">
                <span>{words.asked(mm(film.asked_mm))}</span>
                <span>
                    <Sentence of={words.soMuchLaid}>
                        <Figure of="laid_mm">{mm(edge.laid_mm)}</Figure>
                    </Sentence>
                </span>
                <span className="font-semibold">
                    <Sentence of={words.stays}>
                        <Figure of="stays_mm">{mm(edge.stays_mm)}</Figure>
                    </Sentence>{' '}
                    <Likely of="stays_mm" say={(value) => fineFilm(value, units)} className="font-normal" />
                </span>
                <span>
                    <Sentence of={words.atTheEdge}>
                        <Figure of="keeps_mm">{mm(Math.min(edge.keeps_mm, edge.stays_mm))}</Figure>
                    </Sentence>
                    {film.thin_within_mm > 1 && (
                        <span className="text-soft">
                            {words.thinWithin(joined(length(film.thin_within_mm, units)))}
                        </span>
                    )}
                </span>
                <span>
                    {edge.runs_off_ml < 0.05 ? (
                        <Figure of="runs_off_ml">{words.nothingRunsOff}</Figure>
                    ) : (
                        <Sentence of={words.runOff}>
                            <Figure of="runs_off_ml">{joined(volume(edge.runs_off_ml, units))}</Figure>
                        </Sentence>
                    )}
                </span>
            </p>
            <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
                <div className="relative min-w-56 flex-1">
                    <input
                        type="range"
                        min={0}
                        max={steps}
                        step={1}
                        value={at === null ? steps : Math.round((at / last) * (steps - 1))}
                        aria-label={words.theFilmsClock}
                        aria-valuetext={at === null ? words.asItSets : words.afterThePour(span(at))}
                        className="film-clock block h-9 w-full"
                        onChange={(event) => {
                            const to = Number(event.target.value)
                            props.onAt(to === steps ? null : (to / (steps - 1)) * last)
                        }}
                    />
                    <svg
                        className="pointer-events-none absolute top-0 left-2.5 h-2 w-[calc(100%-1.25rem)]"
                        preserveAspectRatio="none"
                        viewBox="0 0 1000 8"
                        aria-hidden="true"
                    >
                        {film.wipes_min.map((min) => (
                            <path
                                key={min}
                                d={`M${(min / last) * 996} 0v8`}
                                stroke={props.once && min !== film.wipes_min[0] ? 'var(--line)' : 'var(--act)'}
                                strokeWidth="3"
                            />
                        ))}
                    </svg>
                </div>
                <Check label={words.oneWipeOnly} on={props.once} onChange={props.onOnce} />
            </div>
            <p aria-live="polite">
                {words.theFilmThen(
                    at === null ? words.asItHasSet : at < 0.5 ? words.atThePour : words.after(span(at)),
                    mm(now.mean_mm),
                    joined(volume(now.dripped_ml, units)),
                    now.hangs_ml_per_m < 0.05
                        ? words.nothingHangsBelow
                        : words.hangBelow(joined(drip(now.hangs_ml_per_m, units))),
                    props.once ? words.afterOneWipeStillDrip(joined(drip(film.one_wipe_ml_per_m, units))) : '',
                )}
            </p>
            <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
                <p className="text-sm text-soft">
                    {words.wipe(film.wipes_min.length, minutesOf(film.wipes_min))}
                    {props.ownTrays !== null && edge.runs_off_ml >= 1 && (
                        <> {words.inYourTraysLay(trimmed(100 * props.ownTrays.share, 0), props.ownTrays.pours)}</>
                    )}
                </p>
                {edge.runs_off_ml >= 1 && (
                    <Button aria-expanded={props.comparing} onClick={() => props.onCompare(!props.comparing)}>
                        {words.whatWouldKeepIt}
                    </Button>
                )}
            </div>
        </section>
    )
}
