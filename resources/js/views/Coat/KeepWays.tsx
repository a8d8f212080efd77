import { useEffect, useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { fineFilm, joined, length, span, trimmed, volume } from '../../lib/format'
import { ask } from '../../lib/http'
import { useUnits } from '../../lib/pages'
import type { StackAnswer, WayToKeep } from '../../types/answer'
import type { Units } from '../../types/page'
import type { Touched } from './useCoatDraft'
import * as words from '@words/coat'

interface Props {
    coatId: number
    /** What they are worked out for; when it changes they are worked out anew. */
    answer: StackAnswer
    body: () => Touched
    onTake: (change: NonNullable<WayToKeep['change']>) => void
}

const COLUMNS = 'grid items-center gap-x-4 grid-cols-[1fr_auto] sm:grid-cols-[minmax(0,1fr)_5rem_6rem_8.5rem_3rem_6rem]'

/** Every way to keep the film, beside the plan as it is asked: what is mixed, what is lost, what stays, how much work. */
export default function KeepWays({ coatId, answer, body, onTake }: Props): ReactNode {
    const units = useUnits()
    const [ways, setWays] = useState<WayToKeep[] | null>(null)
    useEffect(() => {
        let current = true
        void ask<WayToKeep[]>('POST', `/coats/${coatId}/ways`, body()).then(
            (heard) => current && setWays(heard),
            () => undefined,
        )
        return () => {
            current = false
        }
    }, [coatId, answer]) // eslint-disable-line
    if (ways === null) return <p className="text-soft">{words.workingItOut}</p>
    if (ways.length === 0) return <p className="text-soft">{words.nothingRunsOverThisEdge}</p>
    const ml = (value: number): string => joined(volume(value, units))
    const mm = (value: number): string => fineFilm(value, units).text
    return (
        <div>
            <div className={`${COLUMNS} text-sm text-soft max-sm:hidden`} aria-hidden="true">
                <span />
                <span>{words.mixed}</span>
                <span>{words.onTheFloor}</span>
                <span>{words.middleToEdge}</span>
                <span>{words.wipes}</span>
            </div>
            <ul aria-label={words.whatWouldKeepIt}>
                {ways.map((way) => {
                    const floor = way.floor_ml < 1 ? 'none' : ml(way.floor_ml)
                    const film = words.to(mm(way.middle_mm), joined(fineFilm(way.edge_mm, units)))
                    return (
                        <li key={way.kind} className={`${COLUMNS} border-t ruled py-1.5`}>
                            <span className="font-semibold">
                                {titleOf(way, units)}
                                <span className="block text-sm font-normal text-soft">{besides(way)}</span>
                            </span>
                            <span className="max-sm:hidden">{ml(way.mixed_ml)}</span>
                            <span className="max-sm:hidden">{floor}</span>
                            <span className="max-sm:hidden">{film}</span>
                            <span className="max-sm:hidden">{way.wipes}</span>
                            <span className="text-right max-sm:row-span-2">
                                {way.change !== null && (
                                    <Button
                                        onClick={() => onTake(way.change!)}
                                        aria-label={words.takeIt(titleOf(way, units))}
                                    >
                                        {words.takeThisWay}
                                    </Button>
                                )}
                            </span>
                            <span className="text-[15px] sm:hidden">
                                {words.wayInShort(ml(way.mixed_ml), floor, film, way.wipes)}
                            </span>
                        </li>
                    )
                })}
            </ul>
        </div>
    )
}

function titleOf(way: WayToKeep, units: Units): string {
    const film = way.film_mm === null ? '' : joined(fineFilm(way.film_mm, units))
    switch (way.kind) {
        case 'as_asked':
            return words.asAsked(film)
        case 'coats':
            return words.coatsOf(way.coats, film)
        case 'held':
            return words.soMuchHeldAtTheEdge(film)
        case 'older':
            return words.laidOld(span(way.value ?? 0))
        case 'more':
            return words.percentPouredOnTopOf(trimmed(way.value ?? 0, 1), film)
        case 'sharper':
            return words.edgeSharpenedOrTapedTo(joined(length(way.value ?? 0, units)))
        case 'resin':
            return words.withWord(way.resin ?? '')
    }
}

function besides(way: WayToKeep): string {
    if (way.kind === 'coats' && way.next_from_h !== null) {
        const to = way.next_to_h === null ? '' : words.toH(trimmed(way.next_to_h, 1))
        return words.eachFromAfterTheOneBelow(trimmed(way.next_from_h, 1), to)
    }
    return way.kind === 'older' ? words.timesAsThickByThen(trimmed(way.thicker, 1)) : ''
}
