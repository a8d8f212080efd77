import { router } from '@inertiajs/react'
import { useCallback, useEffect, useRef, useState, type ReactNode } from 'react'
import { Button, LinkButton } from '../../controls/Button'
import { Choice, Switch } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { StagePage } from '../../controls/Stages'
import { Figure, Traced } from '../../controls/TraceSheet'
import { OutlineDrawing } from '../../drawings/OutlineDrawing'
import { area, fieldLength, joined, length } from '../../lib/format'
import { ask, Refused } from '../../lib/http'
import { useLatest } from '../../lib/latest'
import { useUnits } from '../../lib/pages'
import { KINDS, SURFACES } from '../../lib/words'
import { allOf, body, type Typed } from './typed'
import type { OutlineSpec, PieceFigures, PieceRow, PieceSpec, Sentences, SideName, Trace } from '../../types'

interface Props {
    piece: (PieceRow & { coat_id: number | null }) | null
}

interface Box {
    width_mm: number
    height_mm: number
}

interface Live {
    piece: PieceFigures
    box: Box
}

const NEW: PieceSpec = {
    kind: 'canvas',
    outline: { shape: 'rectangle' },
    coated_edges: 'all',
    surface: 'primed_canvas',
}

/** Taking a piece in: what it is, how large, what it drinks, where the film ends. */
export default function TakeIn({ piece }: Props): ReactNode {
    const units = useUnits()
    const saved = piece?.spec ?? NEW
    const [typed, setTyped] = useState<Typed>({})
    const [refused, setRefused] = useState<Sentences>({})
    const [heard, setHeard] = useState<Sentences>({})
    const [live, setLive] = useState<Live | null>(null)
    const [sending, setSending] = useState(false)
    const left = useRef(new Set<string>())

    const shape = typed.shape ?? saved.outline.shape
    const field = {
        name: typed.name ?? piece?.name ?? '',
        width: typed.width ?? fieldLength(saved.outline.width_mm, units),
        height: typed.height ?? fieldLength(saved.outline.height_mm, units),
        diameter: typed.diameter ?? fieldLength(saved.outline.diameter_mm, units),
        edge: typed.edge ?? fieldLength(saved.edge_depth_mm, units),
        quantity: typed.quantity ?? String(saved.quantity ?? 1),
    }
    const edges = typed.edges ?? (typeof saved.coated_edges === 'number' ? 'all' : (saved.coated_edges ?? 'none'))
    const surface = typed.surface ?? saved.surface
    const ready = shape === 'circle' ? field.diameter !== '' : field.width !== '' && field.height !== ''

    const latest = useLatest(async (body: unknown) => {
        try {
            setLive(await ask<Live>('POST', '/pieces/live', body))
            setHeard({})
        } catch (error) {
            if (!(error instanceof Refused)) return
            setLive(null)
            setHeard(error.sentences)
        }
    })
    const whole = body({ ...allOf(saved, units), ...typed, ...(piece ? {} : { edges, surface }) }, null)
    const key = JSON.stringify(whole)
    useEffect(() => {
        if (ready) latest.ask(whole)
        // whole is described by its key
    }, [key, ready]) // eslint-disable-line

    const change = (part: Typed): void => {
        setTyped((before) => ({ ...before, ...part }))
        setRefused({})
    }
    const sentence = (name: string): string | undefined =>
        refused[name] ?? (left.current.has(name) ? heard[name] : undefined)
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
    const send = (): void => {
        const options = {
            onError: (errors: Record<string, string>) => setRefused(errors),
            onStart: () => setSending(true),
            onFinish: () => setSending(false),
        }
        if (piece === null) router.post('/pieces', whole as never, options)
        else router.put(`/pieces/${piece.id}`, body(typed, saved.outline) as never, options)
    }

    const figures = live?.piece ?? null
    const outline = drawnOutline(shape, live?.box ?? null)
    const general = refused.form ?? heard.form
    const fetchTrace = useCallback(
        (figure: string) => ask<Trace>('POST', `/pieces/live/trace/${figure}`, JSON.parse(key)),
        [key],
    )
    return (
        <Traced fetchTrace={fetchTrace}>
            <StagePage
                title={piece?.name ?? 'A new piece'}
                at="take-in"
                way={{ pieceId: piece?.id ?? null, coatId: piece?.coat_id ?? null, pourId: null }}
                back={
                    piece === null ? (
                        <LinkButton href="/pieces" look="quiet">
                            Pieces
                        </LinkButton>
                    ) : (
                        <Button look="quiet" onClick={() => router.delete(`/pieces/${piece.id}`)}>
                            Take it away
                        </Button>
                    )
                }
                forward={
                    <Button look="next" className="min-w-44" disabled={sending} onClick={send}>
                        {piece === null ? 'Plan its coat' : 'Save, to its coat'}
                    </Button>
                }
            >
                <div className="grid flex-1 lg:grid-cols-[25rem_1fr]">
                    <form
                        className="space-y-4 p-4 sm:p-6 lg:border-r lg:ruled"
                        onSubmit={(event) => {
                            event.preventDefault()
                            send()
                        }}
                    >
                        <Field
                            label="Name"
                            value={field.name}
                            onChange={(name) => change({ name })}
                            sentence={sentence('name')}
                            placeholder="such as Autumn sky"
                            autoFocus={piece === null}
                            large
                        />
                        <div className="flex flex-wrap gap-x-6 gap-y-3">
                            <Switch
                                label="Shape"
                                value={shape}
                                options={[
                                    { value: 'rectangle', label: 'Rectangle' },
                                    { value: 'circle', label: 'Circle' },
                                ]}
                                onChange={(value) =>
                                    change({
                                        shape: value === 'circle' ? 'circle' : 'rectangle',
                                        ...(value === 'circle' && Array.isArray(edges) ? { edges: 'all' } : {}),
                                    })
                                }
                            />
                        </div>
                        {shape === 'circle' ? (
                            <Field
                                label="Diameter"
                                value={field.diameter}
                                unit={units === 'metric' ? 'mm' : 'in'}
                                onChange={(diameter) => change({ diameter })}
                                onDone={leave('outline.diameter_mm')}
                                sentence={sentence('outline.diameter_mm')}
                                placeholder={units === 'metric' ? 'such as 90 cm' : "such as 3'"}
                                large
                            />
                        ) : (
                            <div className="grid grid-cols-2 gap-5">
                                <Field
                                    label="Width"
                                    value={field.width}
                                    unit={units === 'metric' ? 'mm' : 'in'}
                                    onChange={(width) => change({ width })}
                                    onDone={leave('outline.width_mm')}
                                    sentence={sentence('outline.width_mm')}
                                    placeholder={units === 'metric' ? 'such as 62 cm' : 'such as 2\' 6"'}
                                    large
                                />
                                <Field
                                    label="Height"
                                    value={field.height}
                                    unit={units === 'metric' ? 'mm' : 'in'}
                                    onChange={(height) => change({ height })}
                                    onDone={leave('outline.height_mm')}
                                    sentence={sentence('outline.height_mm')}
                                    placeholder={units === 'metric' ? 'such as 410' : 'such as 16 1/2'}
                                    large
                                />
                            </div>
                        )}
                        <div className="grid grid-cols-2 gap-5">
                            <Field
                                label="Edge depth"
                                value={field.edge}
                                unit={units === 'metric' ? 'mm' : 'in'}
                                onChange={(edge) => change({ edge })}
                                onDone={leave('edge_depth_mm')}
                                sentence={sentence('edge_depth_mm')}
                                placeholder={units === 'metric' ? 'such as 36' : 'such as 1 1/2'}
                            />
                            <Field
                                label="How many alike"
                                value={field.quantity}
                                inputMode="numeric"
                                onChange={(quantity) => change({ quantity })}
                                onDone={leave('quantity')}
                                sentence={sentence('quantity')}
                            />
                        </div>
                        <Switch
                            label="Edges that get coated"
                            value={Array.isArray(edges) ? 'some' : edges}
                            options={[
                                { value: 'all', label: 'All' },
                                { value: 'none', label: 'None' },
                                ...(Array.isArray(edges) ? [{ value: 'some', label: edges.join(', ') }] : []),
                            ]}
                            onChange={(value) => {
                                if (value === 'all' || value === 'none') change({ edges: value })
                            }}
                            sentence={sentence('coated_edges')}
                        />
                        <div className="grid grid-cols-2 gap-5">
                            <Choice
                                label="Surface"
                                value={surface}
                                options={SURFACES}
                                onChange={(value) => change({ surface: value })}
                                sentence={sentence('surface')}
                            />
                            <Choice
                                label="Kind"
                                value={typed.kind ?? saved.kind ?? 'other'}
                                options={KINDS}
                                onChange={(kind) => change({ kind })}
                            />
                        </div>
                        {general !== undefined && <p className="font-semibold text-danger">{general}</p>}
                        <button type="submit" className="sr-only" tabIndex={-1}>
                            Save
                        </button>
                    </form>
                    <div className="flex flex-col items-center justify-center gap-5 p-4 sm:p-8">
                        <OutlineDrawing
                            outline={outline}
                            coatedEdges={edges}
                            size={figures === null ? 280 : 380}
                            dimensions={
                                figures === null
                                    ? null
                                    : {
                                          width:
                                              (shape === 'circle' ? '⌀ ' : '') +
                                              joined(
                                                  length(
                                                      outline.shape === 'circle'
                                                          ? outline.diameter_mm!
                                                          : outline.width_mm!,
                                                      units,
                                                  ),
                                              ),
                                          height: joined(length(outline.height_mm ?? 0, units)),
                                      }
                            }
                            {...(shape === 'rectangle' ? { onSide: toggle } : {})}
                        />
                        {figures === null ? (
                            <p className="max-w-sm text-center text-lg text-soft">
                                Type its size as you would say it: 40 cm, 16 in, 2&#39; 6&quot;, 3/8.
                            </p>
                        ) : (
                            <dl className="flex gap-10 text-center">
                                <Answer figure="area_cm2" word="to coat" {...area(figures.area_cm2, units)} />
                                <Answer
                                    figure="coated_edge_mm"
                                    word="of edge to coat"
                                    {...length(figures.coated_edge_mm, units)}
                                />
                            </dl>
                        )}
                        {shape === 'rectangle' && (
                            <p className="text-sm text-soft">Press a side to coat it or leave it bare.</p>
                        )}
                    </div>
                </div>
            </StagePage>
        </Traced>
    )
}

function Answer(props: { figure: string; text: string; unit: string; word: string }): ReactNode {
    return (
        <div className="flex flex-col-reverse">
            <dt className="text-soft">{props.word}</dt>
            <dd>
                <Figure of={props.figure} className="figure measured text-4xl">
                    {props.text} <span className="unit">{props.unit}</span>
                </Figure>
            </dd>
        </div>
    )
}

/** The outline in its true proportions, from what the server read of it. */
function drawnOutline(shape: 'rectangle' | 'circle', box: Box | null): OutlineSpec {
    return shape === 'circle'
        ? { shape, diameter_mm: box?.width_mm ?? 1 }
        : { shape, width_mm: box?.width_mm ?? 3, height_mm: box?.height_mm ?? 2 }
}
