import { router } from '@inertiajs/react'
import { useCallback, useEffect, useRef, useState, type ReactNode } from 'react'
import { Button, LinkButton } from '../../controls/Button'
import { StagePage } from '../../controls/Stages'
import { Traced } from '../../controls/TraceSheet'
import { ask, type Read } from '../../lib/http'
import { attempted } from '../../lib/attempt'
import { useLatest } from '../../lib/latest'
import { useUnits } from '../../lib/pages'
import { useSending } from '../../lib/sending'
import { isReady, unmeasured, type UsualPiece } from './begin'
import { changes, isShape, wayOf, whole, type Typed } from './typed'
import type { PieceFigures, Trace } from '../../types/answer'
import type { Drawing, PieceRow, Sentences } from '../../types/page'
import type { SideName } from '../../types/plan'
import { PieceForm } from './PieceForm'
import { PieceShown } from './PieceShown'
import { NEW } from './begin'
import { textOf } from './typed'
import * as words from '@words/takeIn'

export interface Props {
    piece: (PieceRow & { coat_id: number | null; read: Read; casts: number }) | null
    /** How each kind begins; of a new piece only. */
    usual: Record<string, UsualPiece> | null
}

interface Live {
    piece: PieceFigures
    drawing: Drawing
}

/** Taking a piece in: what it is, how large, what it drinks, where the film ends. */
export default function TakeIn({ piece, usual }: Props): ReactNode {
    const units = useUnits()
    const saved = piece?.spec ?? NEW
    const [typed, setTyped] = useState<Typed>({})
    const { sending, sentences: refused, setSentences: setRefused, options } = useSending()
    const [heard, setHeard] = useState<Sentences>({})
    const [live, setLive] = useState<Live | null>(null)
    const left = useRef(new Set<string>())

    const way = typed.way ?? wayOf(saved)
    const edges = typed.edges ?? (typeof saved.coated_edges === 'number' ? 'all' : (saved.coated_edges ?? 'none'))
    const ready = isReady(saved, typed, way, (field) => textOf(field, typed, saved, units))

    const latest = useLatest(async (body: unknown) => {
        const said = await attempted(() => ask<Live>('POST', '/pieces/live', body))
        // out of reach, the last answer stands
        if (!said.done && said.isUnreachable) return
        setLive(said.done ? said.value : null)
        setHeard(said.done ? {} : said.sentences)
    })
    const body = whole(saved, typed)
    const key = JSON.stringify(body)
    useEffect(() => {
        if (ready) latest(body)
        // body is described by its key
    }, [key, ready]) // eslint-disable-line

    const change = (part: Typed): void => {
        setTyped((before) => ({ ...before, ...part }))
        setRefused({})
    }
    const sentence = (name: string): string | undefined =>
        refused[name] ??
        (left.current.has(name) || name === 'outline' || /^outline\.(points_mm|holes)\b/.test(name)
            ? heard[name]
            : undefined)
    const leave = (name: string) => (): void => {
        left.current.add(name)
        setHeard((before) => ({ ...before }))
    }
    const toggle = (side: SideName): void => {
        const all: SideName[] = ['top', 'right', 'bottom', 'left']
        const now = edges === 'all' ? all : edges === 'none' ? [] : edges
        const next = now.includes(side) ? now.filter((one) => one !== side) : [...now, side]
        change({ edges: next.length === 4 ? 'all' : next.length === 0 ? 'none' : next })
    }
    const send = (read: Read | null = piece?.read ?? null): void => {
        if (piece === null) router.post('/pieces', body as never, options)
        else router.put(`/pieces/${piece.id}`, { ...changes(saved, typed), read } as never, options)
    }

    const fetchTrace = useCallback(
        (figure: string) => ask<Trace>('POST', `/pieces/live/trace/${figure}`, JSON.parse(key)),
        [key],
    )
    return (
        <Traced fetchTrace={fetchTrace}>
            <StagePage
                title={piece?.name ?? words.aNewPiece}
                at="take-in"
                way={{ pieceId: piece?.id ?? null, coatId: piece?.coat_id ?? null, pourId: null }}
                back={
                    piece === null ? (
                        <LinkButton href="/pieces" look="quiet">
                            {words.pieces}
                        </LinkButton>
                    ) : (
                        <>
                            <Button
                                look="quiet"
                                className="whitespace-nowrap max-sm:px-1 max-sm:text-sm"
                                onClick={() => router.delete(`/pieces/${piece.id}`)}
                            >
                                {words.takeItAway}
                            </Button>
                            <Button
                                look="quiet"
                                className="max-sm:hidden"
                                onClick={() => router.post(`/pieces/${piece.id}/again`)}
                            >
                                {words.theSameAgain}
                            </Button>
                            {isShape(wayOf(piece.spec)) && (
                                <LinkButton
                                    href={`/pieces/${piece.id}/template`}
                                    look="quiet"
                                    className="max-sm:hidden"
                                >
                                    {words.backingInFullSize}
                                </LinkButton>
                            )}
                        </>
                    )
                }
                forward={
                    <Button look="next" className="min-w-44" disabled={sending} onClick={() => send()}>
                        {piece === null ? words.planItsCoat : words.saveToItsCoat}
                    </Button>
                }
            >
                <div className="grid flex-1 lg:grid-cols-[25rem_1fr]">
                    <PieceForm
                        piece={piece}
                        usual={usual}
                        typed={typed}
                        way={way}
                        edges={edges}
                        change={change}
                        sentence={sentence}
                        leave={leave}
                        send={send}
                        general={refused.form ?? heard.form}
                        stale={refused.stale}
                    />
                    <PieceShown
                        figures={live?.piece ?? null}
                        drawing={(ready ? (live?.drawing ?? piece?.drawing) : undefined) ?? unmeasured(way)}
                        edges={edges}
                        onSide={way === 'rectangle' ? toggle : null}
                    />
                </div>
            </StagePage>
        </Traced>
    )
}
