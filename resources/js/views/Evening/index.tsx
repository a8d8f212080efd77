import { DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core'
import { Head, router } from '@inertiajs/react'
import { ArrowCounterClockwiseIcon, FastForwardIcon, PrinterIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { Button, LinkButton } from '../../controls/Button'
import { span } from '../../lib/format'
import type { BatchSpec, CoatToChoose, EveningFigures, Mixings } from '../../types/mixing'
import type { Sentences } from '../../types/page'
import { BatchRow, type Block } from './BatchRow'
import { ChooseSheet } from './ChooseSheet'
import type { Read } from '../../lib/http'
import { MoveSheet } from './MoveSheet'
import { useEvening } from './useEvening'
import { NewCup } from './NewCup'
import { RehearseSheet, type Rehearsable } from './RehearseSheet'
import { KEYS, announcements } from './told'
import * as texts from '@words/evening'

export interface Props {
    plan: { id: number; name: string }
    read: Read
    /** Asked for when somebody chooses. */
    choices?: CoatToChoose[]
    batches: BatchSpec[]
    answer: EveningFigures | null
    sentences: Sentences | null
    mixings: Mixings
    /** How it can be rehearsed. */
    rehearse: Rehearsable
}

const DAY_MIN = 24 * 60

/** What is mixed tonight: one row for each cup, with how long it lasts and what is poured from it. */
export default function Evening(props: Props): ReactNode {
    const evening = useEvening(
        props.plan.id,
        { batches: props.batches, answer: props.answer, read: props.read },
        props.sentences,
    )
    const [choosing, setChoosing] = useState(false)
    const [rehearsing, setRehearsing] = useState(false)
    const [picked, setPicked] = useState<Block | null>(null)
    const sensors = useSensors(
        useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
        useSensor(KeyboardSensor, KEYS),
    )
    const batches = evening.answer?.batches ?? []
    const tallest = Math.max(60, ...batches.map((batch) => batch.vessel?.height_mm ?? 0))
    const widest = Math.max(
        80,
        ...batches.map((batch) => 2 * Math.max(0, ...(batch.vessel?.profile ?? []).map(([r]) => r))),
    )
    const scale = Math.min(72 / tallest, 88 / widest)
    const untilMin = Math.max(
        30,
        ...batches.map((batch) => Math.max(batch.emptied_min * 1.08, Math.min(batch.pot_life_min ?? 0, 90) * 1.08)),
    )
    const drop = ({ active, over }: DragEndEvent): void => {
        const block = active.data.current as Block | undefined
        if (over === null || block === undefined || over.id === block.from) return
        void evening.move(block.coat, block.from, over.id === 'new' ? null : String(over.id))
    }
    const choose = (): void => {
        setChoosing(true)
        router.reload({ only: ['choices'] })
    }
    const stops = batches.some((batch) => batch.advice.some((one) => one.level === 'stop'))
    return (
        <div className="flex flex-1 flex-col">
            <Head title={texts.tonight} />
            <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-2 px-4 pt-4 pb-3 sm:px-6">
                <div>
                    <h1 className="figure text-3xl">
                        {batches.length === 0 ? texts.nothingToMixTonight : texts.tonight}
                    </h1>
                    {batches.length > 0 && (
                        <p className="mt-1 text-soft" aria-live="polite">
                            {texts.cupsAndTime(batches.length, span(evening.answer?.minutes ?? 0))}
                            {(evening.answer?.minutes ?? 0) > DAY_MIN && (
                                <strong className="text-danger"> {texts.thatIsLongerThanADayChooseFewerCoats}</strong>
                            )}
                            {stops && <strong className="text-danger"> {texts.aStopWantsAChange}</strong>}
                        </p>
                    )}
                </div>
                <div className="flex flex-wrap gap-2">
                    {evening.undo !== null && (
                        <Button onClick={evening.undo} disabled={evening.busy}>
                            <ArrowCounterClockwiseIcon size={18} /> {texts.undo}
                        </Button>
                    )}
                    {batches.length > 0 && (
                        <LinkButton href={`/plans/${props.plan.id}/evening/sheet`}>
                            <PrinterIcon size={18} /> {texts.mixSheets}
                        </LinkButton>
                    )}
                    {batches.length > 0 && (
                        <Button onClick={() => setRehearsing(true)}>
                            <FastForwardIcon size={18} /> {texts.rehearseIt}
                        </Button>
                    )}
                    <Button look={batches.length === 0 ? 'next' : 'plain'} onClick={choose}>
                        {texts.chooseWhatIsPoured}
                    </Button>
                </div>
            </div>
            <div role="status" className="px-4 font-semibold text-danger sm:px-6">
                {Object.values(evening.sentences).map((sentence) => (
                    <p key={sentence}>{sentence}</p>
                ))}
                {evening.apart.length > 0 && <p>{texts.fitsIntoNoCup(evening.apart)}</p>}
            </div>
            {batches.length === 0 ? (
                <p className="max-w-xl px-4 py-6 text-xl sm:px-6">{texts.chooseTheCoatsThatAreToBePouredWho}</p>
            ) : (
                <DndContext
                    sensors={sensors}
                    onDragEnd={drop}
                    accessibility={announcements(batches.map((batch) => batch.id))}
                >
                    <ol className="border-t ruled">
                        {batches.map((batch, index) => (
                            <BatchRow
                                key={batch.id}
                                number={index + 1}
                                batch={batch}
                                scale={scale}
                                untilMin={untilMin}
                                href={`/plans/${props.plan.id}/batches/${batch.id}`}
                                mixing={props.mixings[batch.id]}
                                next={index === batches.findIndex((one) => !(props.mixings[one.id]?.poured ?? false))}
                                onBlock={setPicked}
                                onWeigh={() => router.post(`/plans/${props.plan.id}/batches/${batch.id}/mixings`)}
                            />
                        ))}
                    </ol>
                    <NewCup />
                </DndContext>
            )}
            <ChooseSheet
                open={choosing}
                onClose={() => setChoosing(false)}
                choices={props.choices}
                chosen={evening.batches.flatMap((batch) => batch.coats)}
                busy={evening.busy}
                sentence={evening.sentences.coats ?? evening.sentences.form}
                onChoose={async (coats) => {
                    if (await evening.propose(coats)) setChoosing(false)
                }}
            />
            <RehearseSheet open={rehearsing} onClose={() => setRehearsing(false)} choices={props.rehearse} />
            <MoveSheet
                block={picked}
                batches={batches}
                sentences={evening.sentences}
                busy={evening.busy}
                onClose={() => setPicked(null)}
                onMove={async (to, count) => {
                    if (picked !== null && (await evening.move(picked.coat, picked.from, to, count))) setPicked(null)
                }}
            />
        </div>
    )
}
