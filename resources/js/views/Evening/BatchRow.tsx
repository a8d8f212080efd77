import { useDraggable, useDroppable } from '@dnd-kit/core'
import { Link } from '@inertiajs/react'
import { useState, type ReactNode } from 'react'
import { Strip } from '../../controls/AdviceStrip'
import { Button } from '../../controls/Button'
import { Digits } from '../../controls/Digits'
import { PotLane } from '../../drawings/PotLane'
import { UnknownCupDrawing, VesselDrawing } from '../../drawings/VesselDrawing'
import { joined, volume, weightMix } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { useWidth } from '../../lib/width'
import { COAT_KINDS } from '../../lib/words'
import type { BatchFigures, Mixings } from '../../types/mixing'
import * as words from '@words/evening'

/** Pieces of one coat in one batch. */
export interface Block {
    coat: string
    from: string
    name: string
    count: number
}

interface Props {
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
export function BatchRow(props: Props): ReactNode {
    const { batch } = props
    const units = useUnits()
    const { setNodeRef, isOver } = useDroppable({ id: batch.id })
    const weight = weightMix(batch.a_g, batch.total_g)
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
                    {joined(volume(batch.total_ml, units))}, {joined(volume(batch.residue_ml, units))} {words.leftIn}{' '}
                    {batch.vessel?.name ?? words.itsCup}
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

/** The lane with what is poured laid over it; a block can be taken hold of. */
function Band({ batch, untilMin, onBlock }: Props): ReactNode {
    const [frame, setFrame] = useState<HTMLDivElement | null>(null)
    const width = useWidth(frame, 480)
    const x = (min: number): number => (Math.min(min, untilMin) / untilMin) * width
    const height = 46
    return (
        <div ref={setFrame} className="relative w-full">
            <PotLane batch={batch} untilMin={untilMin} width={width} height={height} />
            {batch.colouring_min > 0 && (
                <span
                    title={words.coloursMin(batch.colours.length, batch.colouring_min)}
                    className="absolute top-1.5 flex h-[34px] items-center justify-center gap-0.5 overflow-hidden rounded border border-ink bg-sheet"
                    style={{ left: 1, width: x(batch.colouring_min) - 2 }}
                >
                    {swatchesOf(batch).map(([name, colour]) => (
                        <span
                            key={name}
                            className="size-3.5 rounded-full border border-ink"
                            style={{ background: colour }}
                        />
                    ))}
                </span>
            )}
            {batch.turns.map((turn, index) => (
                <PieceBlock
                    key={turn.coat}
                    block={{
                        coat: turn.coat,
                        from: batch.id,
                        name: batch.pieces[index]?.name ?? '',
                        count: turn.count,
                    }}
                    detail={COAT_KINDS[batch.pieces[index]?.kind ?? ''] ?? ''}
                    quantity={batch.pieces[index]?.quantity ?? turn.count}
                    left={x(turn.from_min)}
                    width={x(turn.to_min) - x(turn.from_min)}
                    onPress={onBlock}
                />
            ))}
        </div>
    )
}

function PieceBlock(props: {
    block: Block
    detail: string
    quantity: number
    left: number
    width: number
    onPress: (block: Block) => void
}): ReactNode {
    const { block } = props
    const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
        id: `${block.from} ${block.coat}`,
        data: block,
        attributes: { roleDescription: 'piece' },
    })
    const some = block.count < props.quantity ? words.of(block.count, props.quantity) : `${block.count}`
    return (
        <button
            ref={setNodeRef}
            type="button"
            {...attributes}
            {...listeners}
            aria-label={words.move(some, block.name, props.detail.toLowerCase())}
            onClick={() => props.onPress(block)}
            className={`absolute top-1.5 flex h-[34px] touch-none items-center overflow-hidden rounded border-[1.5px] border-ink bg-sheet px-1.5 text-left text-sm leading-tight ${isDragging ? 'z-20 opacity-90' : 'hover:bg-bench'}`}
            style={{
                left: props.left + 1,
                width: Math.max(26, props.width - 2),
                transform: transform === null ? undefined : `translate(${transform.x}px, ${transform.y}px)`,
            }}
        >
            <span className="truncate">
                {props.quantity > 1 && <strong>{some} </strong>}
                {block.name}
            </span>
        </button>
    )
}

/** How each colour of a batch looks where it is poured first. */
export function swatchesOf(batch: BatchFigures): [string, string][] {
    return batch.colours.map((colour) => [
        colour.name,
        batch.swatches.find((swatch) => swatch.colour === colour.name)?.seen ?? 'transparent',
    ])
}
