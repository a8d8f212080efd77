import { Head, Link } from '@inertiajs/react'
import { useEffect, useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Cautions, Strip } from '../../controls/AdviceStrip'
import { StartForm } from '../../controls/StartSheet'
import { useServerNow, useWakeLock } from '../../lib/clock'
import { countdown, digits, joined, volume } from '../../lib/format'
import { withCupPress } from '../../lib/journal/cup'
import type { EventKind } from '../../lib/journal/events'
import { useOnBench, useQueue } from '../../lib/journal/useJournal'
import { useUnits } from '../../lib/pages'
import { allowSound } from '../../lib/sound'
import type { Advice } from '../../types/answer'
import type { BatchFigures, MixingState } from '../../types/mixing'
import type { Sentences } from '../../types/page'
import type { RoomSpec } from '../../types/plan'
import { amountOf, measured, potLife } from './amounts'
import { StandIn } from './StandIn'
import { Stir } from './Stir'
import { useScale } from './useScale'
import { WeighStepView } from './WeighStepView'
import * as words from '@words/weigh'

export interface Props {
    mixing: MixingState
    batch: BatchFigures
    plan_id: number
    /** What its plan takes by now, g, where that is not what this cup was begun for. */
    takes_now_g: number | null
    room: RoomSpec
    cautions: string[]
}

/** One batch on the scale: each part to its mark, what went past mended, then the stir, then the colours. */
export default function Weigh(props: Props): ReactNode {
    const { state: mixing, cutOff, press } = useOnBench(props.mixing, `/mixings/${props.mixing.id}/state`, withCupPress)
    const { waiting } = useQueue()
    const [sentences, setSentences] = useState<Sentences>({})
    const [byHand, setByHand] = useState(false)
    const [begun, setBegun] = useState(false)
    const next = mixing.steps.find((step) => step.id === mixing.next) ?? null
    const gone = mixing.discarded_at !== null
    const reading = waiting.some((one) => one.subject === mixing.id && one.kind === 'weighed')
    const ready = begun || reading || mixing.steps.some((step) => step.got_g !== null)
    const stirring = !gone && mixing.measured && mixing.mixed_at === null
    const weighing = next !== null && !stirring && !gone && ready
    const scale = useScale(weighing && !byHand && !mixing.by_volume)
    useWakeLock()
    useEffect(() => {
        document.addEventListener('pointerdown', allowSound, { once: true })
        return () => document.removeEventListener('pointerdown', allowSound)
    }, [])
    const act = async (kind: EventKind, facts: Record<string, unknown>, of: string): Promise<boolean> => {
        const result = await press(kind, facts, `${of}, ${mixing.title}`)
        setSentences(result.status === 'done' ? {} : { [result.field ?? 'form']: result.sentence ?? '' })
        return result.status === 'done'
    }
    const stops = props.batch.advice.filter((one) => one.level === 'stop')
    const pieces = props.batch.turns
        .map((turn, index) => `${turn.count > 1 ? `${turn.count} ` : ''}${props.batch.pieces[index]?.name ?? ''}`)
        .join(', then ')
    return (
        <div className="flex flex-1 flex-col">
            <Head title={words.weigh(mixing.title)} />
            <div className="flex flex-wrap items-center justify-between gap-x-6 border-b ruled px-4 py-1.5 sm:px-6">
                <h1 className="figure text-xl leading-normal">{mixing.title}</h1>
                <Link href={mixing.planned_at} className="underline underline-offset-4">
                    {words.whatIsPlanned}
                </Link>
            </div>
            <div className="grid flex-1 gap-x-8 gap-y-4 px-4 py-3 sm:px-6 lg:grid-cols-[1fr_18rem]">
                <div className="min-w-0 space-y-3">
                    {cutOff && <Strip level="note">{words.noAnswerFromTheStudioWhatYouWeighIs}</Strip>}
                    {stops.map((stop) => (
                        <Strip key={stop.text} level="stop">
                            {stop.text}
                        </Strip>
                    ))}
                    {props.takes_now_g !== null && !gone && (
                        <Strip level="note">
                            {words.whatIsPlannedWasChangedSinceItTakes} {digits(props.takes_now_g, 0)}{' '}
                            {words.gByNowAndThisCupWasBegunFor} {digits(props.batch.total_g ?? 0, 0)}{' '}
                            {words.gItGoesOnAsItWasBegun}
                        </Strip>
                    )}
                    {!ready && next !== null && !stirring && !gone && (
                        <Ready cautions={props.cautions} onReady={() => setBegun(true)} />
                    )}
                    {weighing && mixing.mixed_at !== null && <Setting mixing={mixing} />}
                    {weighing && (
                        <WeighStepView
                            key={next.id}
                            step={next}
                            batch={props.batch}
                            mixing={mixing}
                            scale={scale}
                            byHand={byHand}
                            onByHand={setByHand}
                            waiting={reading}
                            sentence={sentences.grams ?? sentences.form}
                            onTaken={(taken) => act('weighed', { step: next.id, ...taken }, next.what)}
                            onTurned={() => void act('parts_turned', {}, words.theOtherPartFirst)}
                        />
                    )}
                    {stirring && (
                        <Stir
                            mixing={mixing}
                            onStir={() => void act('stirring_begun', {}, words.theStirring)}
                            onMixed={() => void act('mixed', {}, words.itIsMixed)}
                        />
                    )}
                    {gone && <p className="figure text-3xl leading-tight">{words.thisCupWasThrownAway}</p>}
                    {!gone && mixing.mixed_at !== null && next === null && (
                        <Done
                            mixing={mixing}
                            pieces={pieces}
                            room={props.room}
                            stops={stops}
                            onBack={() => void act('undone', { of: mixing.mixed_event }, words.itWasNotMixedYet)}
                        />
                    )}
                    {sentences.form !== undefined && !weighing && (
                        <p role="status" className="font-semibold text-danger">
                            {sentences.form}
                        </p>
                    )}
                </div>
                <aside className="space-y-3">
                    <Steps mixing={mixing} />
                    {mixing.last_reading !== null && (mixing.mixed_at === null || next !== null) && (
                        <Button
                            onClick={() => void act('undone', { of: mixing.last_reading }, words.takingAReadingBack)}
                            className="w-full"
                        >
                            {words.takeTheLastReadingBack}
                        </Button>
                    )}
                    {!gone && mixing.pours.length === 0 && mixing.steps.some((step) => step.got_g !== null) && (
                        <Button onClick={() => void act('discarded', {}, words.theCupThrownAway)} className="w-full">
                            {words.throwThisCupAway}
                        </Button>
                    )}
                    {weighing && scale.reading?.standin === true && (
                        <StandIn
                            onHand={scale.hand}
                            unplugged={scale.reading.fault === 'unplugged'}
                            cupG={props.batch.vessel?.weight_g ?? 20}
                        />
                    )}
                </aside>
            </div>
        </div>
    )
}

function Ready({ cautions, onReady }: { cautions: string[]; onReady: () => void }): ReactNode {
    return (
        <section className="max-w-2xl space-y-4">
            <p className="figure text-3xl leading-tight">{words.glovesOnWindowOpenCupOnTheScale}</p>
            <Cautions title={words.beforeYouMix} sentences={cautions} />
            <Button look="next" className="min-h-16 min-w-64 text-xl" onClick={onReady}>
                {words.begin}
            </Button>
        </section>
    )
}

/** All that goes into the cup, in its order; what is done beside what was meant. */
function Steps({ mixing }: { mixing: MixingState }): ReactNode {
    const units = useUnits()
    return (
        <section>
            <h2 className="border-b ruled font-bold">{words.inThisOrder}</h2>
            <ol>
                {mixing.steps.map((step) => (
                    <li
                        key={step.id}
                        aria-current={step.id === mixing.next ? 'step' : undefined}
                        className={`flex justify-between gap-3 border-b ruled py-1 ${step.id === mixing.next ? 'font-bold' : step.got_g === null ? 'text-soft' : ''}`}
                    >
                        <span className="min-w-0 truncate">{step.what}</span>
                        <span className="whitespace-nowrap">
                            {step.got_g === null ? '' : words.of2(measured(step, step.got_g, mixing, units).text)}
                            {joined(amountOf(step, mixing, units))}
                        </span>
                    </li>
                ))}
            </ol>
            {mixing.off_pct !== null && mixing.measured && (
                <p className="mt-1">
                    {words.theRatioIsOffBy} {digits(Math.abs(mixing.off_pct), 1)} {words.percentAndThisResinTakesUpTo}{' '}
                    {digits(mixing.tolerance_pct, 0)} %.
                </p>
            )}
            {mixing.surplus_ml >= 0.5 && (
                <p className="mt-1">
                    {joined(volume(mixing.surplus_ml, units))} {words.moreThanPlanned}
                    {mixing.spares === null ? '.' : words.enoughForPutThemOut(mixing.spares)}
                </p>
            )}
        </section>
    )
}

/** How long the mix has been setting, and how long it lasts in its cup. */
function Setting({ mixing }: { mixing: MixingState }): ReactNode {
    const now = useServerNow()
    const min = (now - (mixing.mixed_at ?? now)) / 60_000
    const over = mixing.pot_life_min !== null && min > mixing.pot_life_min
    return (
        <p className={`text-xl ${over ? 'font-semibold text-danger' : ''}`}>
            {words.itHasStoodFor} {countdown(now - (mixing.mixed_at ?? now))}
            {potLife(mixing)}
            {words.bubblesRiseMeanwhileDoNotLeaveItInThe}
        </p>
    )
}

function Done(props: {
    mixing: MixingState
    pieces: string
    room: RoomSpec
    stops: Advice[]
    onBack: () => void
}): ReactNode {
    const { mixing } = props
    if (mixing.pours.length > 0) {
        return (
            <section className="space-y-4">
                <p className="figure text-4xl leading-tight">{words.itIsBeingPoured}</p>
                <ul className="space-y-2">
                    {mixing.pours.map((pour) => (
                        <li key={pour.id}>
                            <Link
                                href={`/pours/${pour.id}`}
                                className="inline-block min-h-11 text-xl underline underline-offset-4"
                            >
                                {pour.title}
                            </Link>
                        </li>
                    ))}
                </ul>
            </section>
        )
    }
    return (
        <section className="max-w-2xl space-y-4">
            <p className="figure text-4xl leading-tight">{words.pourItNow}</p>
            <Setting mixing={mixing} />
            {props.pieces.includes(', then ') && (
                <p className="text-lg">
                    {words.pourInThisOrder} {props.pieces}.
                </p>
            )}
            <StartForm
                url={`/mixings/${mixing.id}/pours`}
                button={words.toThePour}
                back={words.notMixedYet}
                onBack={props.onBack}
                room={props.room}
                stops={props.stops}
                large
            />
        </section>
    )
}
