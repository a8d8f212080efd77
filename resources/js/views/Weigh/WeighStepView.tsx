import { useEffect, useRef, useState, type ReactNode } from 'react'
import { Strip } from '../../controls/AdviceStrip'
import { Digits } from '../../controls/Digits'
import { PourBar } from '../../drawings/PourBar'
import { VesselDrawing } from '../../drawings/VesselDrawing'
import { digits } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { chime } from '../../lib/sound'
import type { BatchFigures, MixingState, ScaleReading, WeighStep } from '../../types/mixing'
import { instruction, targetOf } from './amounts'
import { ByHand } from './ByHand'
import { levelOf } from './level'
import { WeighPresses } from './WeighPresses'
import * as words from '@words/weigh'

/** What a step came to: off the scale, as somebody wrote it, or about as it was meant. */
export type Taken = ({ grams: number } | { written: string; up_to: boolean } | { as_meant: true }) & {
    /** It was asked about, and is so. */
    sure?: true
}

export interface WeighProps {
    step: WeighStep
    batch: BatchFigures
    mixing: MixingState
    scale: { reading: ScaleReading | null; zero: () => Promise<void> }
    byHand: boolean
    onByHand: (on: boolean) => void
    /** What was weighed is kept, and the studio has not heard of it. */
    waiting: boolean
    sentence: string | undefined
    onTaken: (taken: Taken) => Promise<boolean>
    onTurned: () => void
}

/** Near its mark: slower now. */
const NEAR = 0.9

/** One part to its mark: what the scale says against what is wanted, large enough for a metre away. */
export function WeighStepView(props: WeighProps): ReactNode {
    const { step, batch, mixing, scale } = props
    const units = useUnits()
    const [zeroed, setZeroed] = useState(false)
    const [typed, setTyped] = useState('')
    const [weighed, setWeighed] = useState(false)
    const said = useRef(false)
    const { reading } = scale
    const grams = zeroed ? (reading?.grams ?? null) : null
    const there = grams !== null && grams >= step.target_g - (reading?.resolution_g ?? 0.1)
    useEffect(() => {
        if (there && !said.current) chime()
        said.current = there
    }, [there])
    const decimals = step.target_g < 2 ? 2 : 1
    const word = instruction(step)
    const first = mixing.steps[0]?.id === step.id
    const canTurn = first && step.got_g === null
    // what is being typed is not taken away by a scale that comes back
    if (
        props.byHand ||
        mixing.by_volume ||
        (step.counted !== null && !weighed) ||
        reading?.fault === 'absent' ||
        typed !== ''
    ) {
        const canScale = !mixing.by_volume && reading?.fault !== 'absent'
        return (
            <ByHand
                word={word}
                target={targetOf(step, mixing, units)}
                counted={step.counted !== null}
                problem={props.byHand || mixing.by_volume ? null : (reading?.sentence ?? null)}
                waiting={props.waiting}
                sentence={props.sentence}
                typed={typed}
                onTyped={setTyped}
                onTaken={props.onTaken}
                onTurned={canTurn ? props.onTurned : null}
                noMore={topsUp(step)}
                onScale={
                    canScale
                        ? () => {
                              setWeighed(true)
                              props.onByHand(false)
                          }
                        : null
                }
            />
        )
    }
    const left = grams === null ? step.target_g : step.target_g - grams
    const over = left < -(reading?.resolution_g ?? 0.1)
    return (
        <section className="space-y-3">
            <div className="flex flex-wrap items-start justify-between gap-6">
                <div className="min-w-0">
                    <h2 className="text-xl font-bold">{word}</h2>
                    <p
                        className={`figure measured mt-1 text-[5rem] sm:text-[7rem] ${over ? 'text-danger' : ''}`}
                        data-testid="left"
                    >
                        <Digits text={digits(Math.abs(left), decimals)} /> <span className="unit">g</span>
                    </p>
                    <p className="mt-1 text-xl" aria-live="polite">
                        {over
                            ? words.pastTheMark(first ? words.theOtherPartFollowsIt : '')
                            : there
                              ? words.onTheMark
                              : grams !== null && grams > NEAR * step.target_g
                                ? words.toGoSlowlyNow
                                : words.toGo}
                        <span className="text-soft"> {words.ofGrams(digits(step.target_g, decimals))}</span>
                    </p>
                </div>
                {batch.vessel !== null && batch.lines !== null && step.kind !== 'resin' && step.kind !== 'dose' && (
                    <div className="max-sm:hidden">
                        <VesselDrawing
                            vessel={batch.vessel}
                            scale={Math.min(190 / batch.vessel.height_mm, 2.6)}
                            lines={batch.lines}
                            first={batch.first}
                            levelMm={levelOf(step, batch, mixing, Math.max(0, grams ?? 0))}
                        />
                    </div>
                )}
            </div>
            <PourBar share={(grams ?? 0) / step.target_g} near={NEAR} over={over} />
            <p className="min-h-6 text-soft" data-testid="reading">
                {readOut(reading)}
            </p>
            {reading !== null && reading.fault !== null && <Strip level="caution">{reading.sentence}</Strip>}
            {zeroed && grams !== null && grams < -1 && (
                <Strip level="caution">{words.itShowsLessThanNothingTheCupWasLifted}</Strip>
            )}
            {props.sentence !== undefined && <p className="font-semibold text-danger">{props.sentence}</p>}
            <WeighPresses
                {...props}
                first={first}
                there={there}
                canTurn={canTurn}
                zeroed={zeroed}
                grams={grams}
                onZeroed={() => setZeroed(true)}
            />
        </section>
    )
}

/** A part that is topped up: there may be no more of it. */
export function topsUp(step: WeighStep): boolean {
    return step.kind === 'more_a' || step.kind === 'more_b'
}

function readOut(reading: ScaleReading | null): string {
    if (reading === null) return words.askingTheScale
    if (reading.grams === null) return words.noReading
    return (reading.steady ? words.theScaleSteadyAt : words.theScaleSettlingAt)(digits(reading.grams, 1))
}
