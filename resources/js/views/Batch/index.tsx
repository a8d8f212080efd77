import { Head, Link, router } from '@inertiajs/react'
import { ArrowCounterClockwiseIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import { AdviceStrips, Cautions } from '../../controls/AdviceStrip'
import { Button } from '../../controls/Button'
import { StaleStrip } from '../../controls/StaleStrip'
import { Traced } from '../../controls/TraceSheet'
import { ask, type Read } from '../../lib/http'
import { useRanges } from '../../lib/ranges'
import { useSending } from '../../lib/sending'
import type { Trace } from '../../types/answer'
import type { BatchSpec, CupFigures, EveningFigures, Mixings, Supplies } from '../../types/mixing'
import type { Sentences } from '../../types/page'
import { Bath } from './Bath'
import { Clock } from './Clock'
import { Colours } from './Colours'
import { TheCup } from './TheCup'
import { useBatch } from './useBatch'
import { turnsOf } from '../../lib/turns'
import * as words from '@words/batch'

export interface Props {
    plan: { id: number; name: string }
    batch: string
    read: Read
    batches: BatchSpec[]
    answer: EveningFigures | null
    sentences: Sentences | null
    cup: CupFigures | null
    supplies: Supplies | null
    cautions: string[]
    mixings: Mixings
}

/** One cup: the vessel with its two lines, its clock beside what else could be done, its colours. */
export default function Batch(props: Props): ReactNode {
    const draft = useBatch(
        props.plan.id,
        props.batch,
        props.batches,
        props.read,
        { figures: props.answer?.batches.find((batch) => batch.id === props.batch), cup: props.cup },
        props.sentences,
    )
    const ranges = useRanges(
        `/plans/${props.plan.id}/batches/${props.batch}/ranges`,
        () => ({ batches: draft.batches }),
        draft.figures,
    )
    const { sentences: refused, options } = useSending()
    const index = draft.batches.findIndex((batch) => batch.id === props.batch)
    const { figures } = draft
    const at = `batches.${index}.`
    const own = Object.fromEntries(
        Object.entries(draft.sentences).map(([field, sentence]) => [
            field.startsWith(at) ? field.slice(at.length) : field,
            sentence,
        ]),
    )
    if (figures === undefined || draft.spec === undefined || props.supplies === null) {
        return (
            <div className="space-y-3 p-6">
                {Object.values(draft.sentences).map((sentence) => (
                    <p key={sentence} className="text-lg font-semibold text-danger">
                        {sentence}
                    </p>
                ))}
                <Link href={`/plans/${props.plan.id}/evening`} className="underline underline-offset-4">
                    {words.toTonightsCups}
                </Link>
            </div>
        )
    }
    const fetchTrace = (figure: string): Promise<Trace> =>
        ask<Trace>('POST', `/plans/${props.plan.id}/batches/${props.batch}/trace/${figure}`, { batches: draft.batches })
    const elsewhere = Object.entries(draft.sentences).filter(([field]) => !field.startsWith(at))
    return (
        <Traced fetchTrace={fetchTrace} ranges={ranges}>
            <div className="flex flex-1 flex-col">
                <Head title={words.cup(index + 1, figures.resin)} />
                <div className="flex flex-wrap items-center justify-between gap-x-6 border-b ruled px-4 py-1.5 sm:px-6">
                    <h1 className="figure text-xl leading-normal">{words.cupOf(index + 1, figures.resin)}</h1>
                    <p className="min-w-0 truncate text-soft">{words.pouredOn(turnsOf(figures))}</p>
                </div>
                <p role="status" className="px-4 font-semibold text-danger sm:px-6">
                    {[...elsewhere.map(([, sentence]) => sentence), ...Object.values(refused)].join(' ')}
                </p>
                {draft.theirs !== undefined && (
                    <div className="px-4 sm:px-6">
                        <StaleStrip sentence={draft.theirs} onMine={draft.keepMine} />
                    </div>
                )}
                <div className="grid flex-1 content-start gap-x-8 gap-y-4 px-4 py-2 sm:px-6 lg:grid-cols-[27rem_1fr]">
                    <div className="space-y-2">
                        <TheCup
                            figures={figures}
                            spec={draft.spec}
                            cup={draft.cup}
                            supplies={props.supplies}
                            sentences={own}
                            onChange={draft.change}
                        />
                        <AdviceStrips
                            advice={figures.advice}
                            topics={['thickness', 'bench', 'room', 'surface', 'heat', 'sheet']}
                            onRemedy={({ kind }) => {
                                if (kind === 'together')
                                    draft.change(({ emptied_min: _, ...batch }) => ({ ...batch, pouring: 'together' }))
                                else
                                    router.post(
                                        `/plans/${props.plan.id}/batches/${props.batch}/halve`,
                                        {},
                                        {
                                            ...options,
                                            preserveState: 'errors',
                                        },
                                    )
                            }}
                        />
                        <details>
                            <summary className="min-h-6 cursor-pointer font-semibold">{words.beforeYouMix}</summary>
                            <Cautions title={words.beforeYouMix} sentences={props.cautions} />
                        </details>
                    </div>
                    <div className="min-w-0 space-y-3">
                        <Clock figures={figures} cup={draft.cup} />
                        <Bath planId={props.plan.id} batch={props.batch} />
                        <Colours
                            figures={figures}
                            spec={draft.spec}
                            supplies={props.supplies}
                            sentences={own}
                            onChange={draft.change}
                        />
                    </div>
                </div>
                <div className="no-print sticky bottom-0 z-10 flex items-center justify-between gap-3 border-t ruled bg-bench px-4 py-2 sm:px-6">
                    <div className="flex items-center gap-3">
                        <Link
                            href={`/plans/${props.plan.id}/evening`}
                            className="min-h-11 content-center underline underline-offset-4"
                        >
                            {words.allCups}
                        </Link>
                        {draft.undo !== null && (
                            <Button onClick={draft.undo}>
                                <ArrowCounterClockwiseIcon size={18} /> {words.undo}
                            </Button>
                        )}
                    </div>
                    <Button
                        look="next"
                        className="min-w-44"
                        onClick={() => router.post(`/plans/${props.plan.id}/batches/${props.batch}/mixings`)}
                    >
                        {props.mixings[props.batch] === undefined ? words.weighIt : words.goOnWeighing}
                    </Button>
                </div>
            </div>
        </Traced>
    )
}
