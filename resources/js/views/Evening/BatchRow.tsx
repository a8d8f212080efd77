import { useDroppable } from '@dnd-kit/core'
import { Link } from '@inertiajs/react'
import { type ReactNode } from 'react'
import { Strip } from '../../controls/AdviceStrip'
import { Button } from '../../controls/Button'
import { Digits } from '../../controls/Digits'
import { UnknownCupDrawing, VesselDrawing } from '../../drawings/VesselDrawing'
import { joined, volume, weightMix } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { BatchFigures, Mixings } from '../../types/mixing'
import { Band } from './Band'
import * as words from '@words/evening'

/** Pieces of one coat in one batch. */
export interface Block {
    coat: string
    from: string
    name: string
    count: number
}

export interface BatchRowProps {
    number: number
    batch: BatchFigures
    scale: number
    untilMin: number
    href: string
    mixing: Mixings[string] | undefined
    /** It is the one to be mixed next. */
    next: boolean
    onBlock: (block: Block) => void
    onWeigh: () => void
}

/** One cup of the evening: itself to scale, what to weigh out, and how long it lasts against what is poured from it. */
export function BatchRow(props: BatchRowProps): ReactNode {
    const { batch } = props
    const units = useUnits()
    const { setNodeRef, isOver } = useDroppable({ id: batch.id })
    const weight = weightMix(batch)
    const loud = batch.advice.filter((one) => one.level !== 'note')
    const worst = loud.find((one) => one.level === 'stop') ?? loud[0]
    return (
        <li
            ref={setNodeRef}
            data-testid="batch"
            className={`grid items-center gap-x-5 gap-y-2 border-b px-4 py-2 ruled sm:px-6 lg:grid-cols-[6rem_16rem_1fr_8.5rem] ${isOver ? 'bg-sheet' : ''}`}
        >
            <Link
                href={props.href}
                className="flex items-end justify-center max-lg:hidden"
                aria-hidden="true"
                tabIndex={-1}
            >
                {batch.vessel === null ? (
                    <UnknownCupDrawing ml={batch.total_ml} scale={props.scale} />
                ) : (
                    <VesselDrawing vessel={batch.vessel} scale={props.scale} lines={batch.lines} first={batch.first} />
                )}
            </Link>
            <Link href={props.href} className="group block min-w-0">
                <span className="block truncate font-bold group-hover:underline">
                    {props.number}. {batch.resin}
                </span>
                <span className="flex items-baseline gap-4 whitespace-nowrap">
                    <Amount part="A" grams={weight.a.text} />
                    <Amount part="B" grams={weight.b.text} />
                </span>
                <span className="block truncate text-sm text-soft">
                    {words.mixedAndLeft(
                        joined(volume(batch.total_ml, units)),
                        joined(volume(batch.residue_ml, units)),
                        batch.vessel?.name ?? words.itsCup,
                    )}
                </span>
            </Link>
            <div className="min-w-0">
                <Band {...props} />
                {worst !== undefined && (
                    <div className="mt-1">
                        <Strip level={worst.level}>
                            {worst.text}
                            {loud.length === 2 && words.oneMoreStandsOnItsPage}
                            {loud.length > 2 && words.moreStandOnItsPage(loud.length - 1)}
                        </Strip>
                    </div>
                )}
            </div>
            <div className="flex flex-col items-stretch gap-1">
                {props.mixing?.poured ? (
                    <p className="text-center font-semibold">{words.poured}</p>
                ) : (
                    <Button look={props.next ? 'next' : 'plain'} onClick={props.onWeigh}>
                        {props.mixing === undefined ? words.weighIt : words.goOnWeighing}
                    </Button>
                )}
            </div>
        </li>
    )
}

function Amount({ part, grams }: { part: 'A' | 'B'; grams: string }): ReactNode {
    return (
        <span className="figure text-2xl">
            <span
                className={`mr-1.5 inline-grid size-5 place-items-center border border-ink align-[3px] text-sm ${part === 'A' ? 'rounded-[3px]' : 'rounded-full'}`}
            >
                {part}
            </span>
            <Digits text={grams} />
            <span className="font-text text-sm font-normal text-soft"> g</span>
        </span>
    )
}
