import { Head, Link } from '@inertiajs/react'
import { useEffect, useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Cautions, Strip } from '../../controls/AdviceStrip'
import { useWakeLock } from '../../lib/clock'
import { digits } from '../../lib/format'
import { withCupPress } from '../../lib/journal/cup'
import type { PressedKind } from '../../types/generated/journal'
import { useOnBench, useQueue } from '../../lib/journal/useJournal'
import { allowSound } from '../../lib/sound'
import type { BatchFigures, MixingState } from '../../types/mixing'
import type { Sentences } from '../../types/page'
import type { RoomSpec } from '../../types/plan'
import { StandIn } from './StandIn'
import { Stir } from './Stir'
import { useScale } from './useScale'
import { WeighStepView } from './WeighStepView'
import { Steps } from './Steps'
import { Done } from './Done'
import { Setting } from './Setting'
import { turnsOf } from '../../lib/turns'
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
    const act = async (kind: PressedKind, facts: Record<string, unknown>, of: string): Promise<boolean> => {
        const result = await press(kind, facts, `${of}, ${mixing.title}`)
        setSentences(result.status === 'done' ? {} : { [result.field ?? 'form']: result.sentence ?? '' })
        return result.status === 'done'
    }
    const stops = props.batch.advice.filter((one) => one.level === 'stop')
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
                            {words.planChangedSince(digits(props.takes_now_g, 0), digits(props.batch.total_g ?? 0, 0))}
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
                            turns={turnsOf(props.batch)}
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
