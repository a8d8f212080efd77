import { Head } from '@inertiajs/react'
import type { ReactNode } from 'react'
import { Cautions, Strip } from '../../controls/AdviceStrip'
import { Button } from '../../controls/Button'
import { Cup } from '../../drawings/Cup'
import { FilmLane } from '../../drawings/FilmLane'
import { PHASE_ORDER, PhaseIcon, PHASES, PhaseStretch } from '../../drawings/phases'
import * as words from '@words/swatches'

const COLOURS: [string, string][] = [
    ['bench', words.theRoom],
    ['sheet', words.drawingSheet],
    ['recess', 'a recess'],
    ['ink', words.textLinesOfTheWork],
    ['ink-soft', words.secondText],
    ['line', words.drawingLine],
    ['hair', 'ruling'],
    ['act', words.whatToDoNext],
    ['danger', 'danger, late'],
    ['kraft', words.aCautionAsOnTape],
    ['ground', words.whatIsCoated],
    ['resin-light', 'resin in the light'],
    ['resin', 'resin'],
    ['resin-deep', 'resin in depth'],
    ['resin-edge', 'the edge of resin'],
    ['resin-ink', 'signs on resin'],
]

/** Every token and sign of the interface on one page. */
export default function Swatches(): ReactNode {
    return (
        <div className="flex-1 space-y-8 px-4 py-6 sm:px-8">
            <Head title={words.swatches} />
            <h1 className="figure text-4xl">{words.swatches}</h1>
            <section>
                <h2 className="border-b-2 border-ink pb-1 text-2xl font-bold">{words.theFilmsPhases}</h2>
                <ul className="mt-3 grid grid-cols-2 gap-4 sm:grid-cols-3 lg:grid-cols-6">
                    {PHASE_ORDER.map((phase) => (
                        <li key={phase}>
                            <svg
                                width="100%"
                                height="72"
                                viewBox="0 0 160 72"
                                preserveAspectRatio="none"
                                aria-hidden="true"
                            >
                                <PhaseStretch phase={phase} x={4} y={8} width={152} height={54} />
                            </svg>
                            <p className="flex items-center gap-2 text-lg font-bold">
                                <PhaseIcon phase={phase} /> {PHASES[phase].word}
                            </p>
                            <p className="flex items-center gap-1 text-sm text-soft">
                                <PhaseIcon phase={phase} size={12} /> {PHASES[phase].means}
                            </p>
                        </li>
                    ))}
                </ul>
                <div className="mt-4" style={{ filter: 'grayscale(1)' }}>
                    <FilmLane
                        phases={[
                            { phase: 'wet', fromMin: 0, toMin: 52 },
                            { phase: 'tacky', fromMin: 52, toMin: 280 },
                            { phase: 'window_open', fromMin: 280, toMin: 840 },
                            { phase: 'window_shut', fromMin: 840, toMin: 1400 },
                            { phase: 'hard', fromMin: 1400, toMin: 5000 },
                            { phase: 'cured', fromMin: 5000, toMin: null },
                        ]}
                        ticks={[{ atMin: 5, done: true }, { atMin: 13 }, { atMin: 34 }]}
                        nowMin={9}
                    />
                    <p className="text-sm text-soft">{words.theSameWithoutColour}</p>
                </div>
            </section>
            <section>
                <h2 className="border-b-2 border-ink pb-1 text-2xl font-bold">{words.colours}</h2>
                <ul className="mt-3 grid grid-cols-2 gap-3 sm:grid-cols-4 lg:grid-cols-7">
                    {COLOURS.map(([token, use]) => (
                        <li key={token}>
                            <div
                                className="h-14 rounded border border-line"
                                style={{ background: `var(--${token})` }}
                            />
                            <p className="text-sm font-bold">{token}</p>
                            <p className="text-sm text-soft">{use}</p>
                        </li>
                    ))}
                </ul>
            </section>
            <section className="grid gap-x-12 gap-y-6 lg:grid-cols-3">
                <div>
                    <h2 className="border-b-2 border-ink pb-1 text-2xl font-bold">{words.type}</h2>
                    <p className="figure measured mt-3 text-6xl">
                        380.8<span className="unit">g</span>
                    </p>
                    <p className="mt-2 text-sm text-soft">{words.figuresAndTitlesBesley}</p>
                    <p className="mt-3 text-lg">{words.everythingThatIsReadAtkinson}</p>
                    <p className="text-soft">{words.secondTextIsSofterUnitsAreSmaller}</p>
                </div>
                <div>
                    <h2 className="border-b-2 border-ink pb-1 text-2xl font-bold">{words.parts}</h2>
                    <div className="mt-3 flex gap-6">
                        <Cup part="A" ml={334} cupMl={400} height={120} />
                        <Cup part="B" ml={167} cupMl={400} height={120} />
                    </div>
                    <div className="mt-4 flex gap-3">
                        <Button look="next">{words.next}</Button>
                        <Button>{words.other}</Button>
                        <Button look="danger">{words.danger}</Button>
                    </div>
                </div>
                <div>
                    <h2 className="border-b-2 border-ink pb-1 text-2xl font-bold">{words.advice}</h2>
                    <div className="mt-3 space-y-2">
                        <Strip level="note">{words.countedInPrimedCanvasDrinksAbout25MlM}</Strip>
                        <Strip level="caution">{words.warmTheRoomTo15DegCOrMore}</Strip>
                        <Strip level="stop">{words.pourAtMost4MmAtATime}</Strip>
                        <Cautions
                            title={words.beforeTheHeat}
                            sentences={[words.stickyGlovesOff, words.extinguisherInReach]}
                        />
                    </div>
                </div>
            </section>
        </div>
    )
}
