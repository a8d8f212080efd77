import { useEffect, useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { fineFilm, joined, length, span, trimmed, volume } from '../../lib/format'
import { ask } from '../../lib/http'
import { useUnits } from '../../lib/pages'
import type { StackAnswer, WayToKeep } from '../../types/answer'
import type { Units } from '../../types/page'
import type { Touched } from './useCoatDraft'

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
    if (ways === null) return <p className="text-soft">Working it out …</p>
    if (ways.length === 0) return <p className="text-soft">Nothing runs over this edge.</p>
    const ml = (value: number): string => joined(volume(value, units))
    const mm = (value: number): string => fineFilm(value, units).text
    return (
        <div>
            <div className={`${COLUMNS} text-sm text-soft max-sm:hidden`} aria-hidden="true">
                <span />
                <span>mixed</span>
                <span>on the floor</span>
                <span>middle to edge</span>
                <span>wipes</span>
            </div>
            <ul aria-label="What would keep it">
                {ways.map((way) => {
                    const floor = way.floor_ml < 1 ? 'none' : ml(way.floor_ml)
                    const film = `${mm(way.middle_mm)} to ${joined(fineFilm(way.edge_mm, units))}`
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
                                        aria-label={`Take it: ${titleOf(way, units)}`}
                                    >
                                        Take it
                                    </Button>
                                )}
                            </span>
                            <span className="text-[15px] sm:hidden">
                                {ml(way.mixed_ml)} mixed, {floor} on the floor, {film}, {way.wipes} wipes
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
            return `As asked, ${film}`
        case 'coats':
            return `${way.coats} coats of ${film}`
        case 'held':
            return `${film} held at the edge`
        case 'older':
            return `Laid ${span(way.value ?? 0)} old`
        case 'more':
            return `${trimmed(way.value ?? 0, 1)} % poured on top of ${film}`
        case 'sharper':
            return `Edge sharpened or taped to ${joined(length(way.value ?? 0, units))}`
        case 'resin':
            return `With ${way.resin ?? ''}`
    }
}

function besides(way: WayToKeep): string {
    if (way.kind === 'coats' && way.next_from_h !== null) {
        const to = way.next_to_h === null ? '' : ` to ${trimmed(way.next_to_h, 1)} h`
        return `each from ${trimmed(way.next_from_h, 1)}${to} after the one below`
    }
    return way.kind === 'older' ? `${trimmed(way.thicker, 1)} times as thick by then` : ''
}
