import { router } from '@inertiajs/react'
import { useCallback, useEffect, useRef, useState, type ReactNode } from 'react'
import { Button, LinkButton } from '../../controls/Button'
import { Choice, Switch } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { StaleStrip } from '../../controls/StaleStrip'
import { StagePage } from '../../controls/Stages'
import { Figure, Traced } from '../../controls/TraceSheet'
import { OutlineDrawing } from '../../drawings/OutlineDrawing'
import { area, fieldLength, joined, length, volume } from '../../lib/format'
import { ask, type Read } from '../../lib/http'
import { attempted } from '../../lib/attempt'
import { useLatest } from '../../lib/latest'
import { useUnits } from '../../lib/pages'
import { useSending } from '../../lib/sending'
import { KINDS, SURFACES } from '../../lib/words'
import { begin, isReady, unmeasured, type UsualPiece } from './begin'
import { Details } from './Details'
import { OtherMeasures } from './Measures'
import { changes, isShape, SHAPE_LENGTHS, sides, wayOf, whole, type LengthField, type Typed, type Way } from './typed'
import type { PieceFigures, Trace } from '../../types/answer'
import type { Drawing, PieceRow, Sentences } from '../../types/page'
import type { PieceSpec, SideName } from '../../types/plan'
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

const SHAPES: { value: string; label: string }[] = [
    { value: 'rectangle', label: words.rectangle },
    { value: 'circle', label: words.circle },
    { value: 'ellipse', label: words.oval },
    { value: 'ring', label: words.ring },
    { value: 'other', label: words.other },
]

const LENGTHS: Record<LengthField, { label: string; metric: string; imperial: string }> = {
    width_mm: { label: words.width, metric: 'as 62 x 41 cm', imperial: 'as 24 x 36' },
    height_mm: { label: words.height, metric: 'as 410', imperial: 'as 16 1/2' },
    radius_mm: { label: words.corners, metric: 'square', imperial: 'square' },
    diameter_mm: { label: words.diameter, metric: words.suchAs90Cm, imperial: words.suchAs3 },
    inner_mm: { label: words.innerDiameter, metric: words.suchAs10Cm, imperial: words.suchAs4 },
}

const NEW: PieceSpec = {
    kind: 'canvas',
    outline: { shape: 'rectangle' },
    coated_edges: 'all',
    surface: 'primed_canvas',
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
    const simple = SHAPES.some(({ value }) => value === way)
    const lengthText = (field: LengthField): string =>
        typed.lengths?.[field] ?? fieldLength(saved.outline?.[field], units)
    const field = {
        name: typed.name ?? piece?.name ?? '',
        edge: typed.depths?.edge_depth_mm ?? fieldLength(saved.edge_depth_mm, units),
        quantity: typed.quantity ?? String(saved.quantity ?? 1),
    }
    const edges = typed.edges ?? (typeof saved.coated_edges === 'number' ? 'all' : (saved.coated_edges ?? 'none'))
    const surface = typed.surface ?? saved.surface
    const ready = isReady(saved, typed, way, lengthText)

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

    const figures = live?.piece ?? null
    const drawing = (ready ? (live?.drawing ?? piece?.drawing) : undefined) ?? unmeasured(way)
    const general = refused.form ?? heard.form
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
                                    {words.backingAt11}
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
                    <form
                        className="space-y-4 p-4 sm:p-6 lg:border-r lg:ruled"
                        onSubmit={(event) => {
                            event.preventDefault()
                            send()
                        }}
                    >
                        <Field
                            label={words.name}
                            value={field.name}
                            onChange={(name) => change({ name })}
                            sentence={sentence('name')}
                            placeholder={words.suchAsAutumnSky}
                            autoFocus={piece === null}
                            large
                        />
                        <div className="grid grid-cols-2 gap-5">
                            <Choice
                                label={words.kind}
                                value={typed.kind ?? saved.kind ?? 'other'}
                                options={KINDS}
                                onChange={(kind) =>
                                    change({ kind, ...(usual === null ? {} : begin(usual[kind], typed)) })
                                }
                            />
                            <Choice
                                label={words.surface}
                                value={surface}
                                options={SURFACES}
                                onChange={(value) => change({ surface: value })}
                                sentence={sentence('surface')}
                            />
                        </div>
                        <Switch
                            label={words.shape}
                            value={simple ? way : 'other'}
                            options={SHAPES}
                            onChange={(value) => {
                                const to = (value === 'other' ? 'path' : value) as Way
                                change({
                                    way: to,
                                    ...(to !== 'rectangle' && Array.isArray(edges) ? { edges: 'all' } : {}),
                                })
                            }}
                        />
                        {simple ? (
                            <div
                                className={`grid gap-5 ${way === 'rectangle' ? 'grid-cols-[1fr_1fr_6.5rem]' : 'grid-cols-2'}`}
                            >
                                {SHAPE_LENGTHS[way].map((name) => (
                                    <Field
                                        key={name}
                                        label={LENGTHS[name].label}
                                        value={lengthText(name)}
                                        unit={units === 'metric' ? 'mm' : 'in'}
                                        onChange={(value) => change({ lengths: { ...typed.lengths, [name]: value } })}
                                        onDone={() => {
                                            if (typed.lengths !== undefined) change({ lengths: sides(typed.lengths) })
                                            leave(`outline.${name}`)()
                                        }}
                                        sentence={sentence(`outline.${name}`)}
                                        placeholder={LENGTHS[name][units]}
                                        large={name !== 'radius_mm'}
                                    />
                                ))}
                            </div>
                        ) : (
                            <OtherMeasures
                                saved={saved}
                                typed={typed}
                                way={way}
                                change={change}
                                sentence={sentence}
                                leave={leave}
                            />
                        )}
                        {sentence('outline') !== undefined && (
                            <p className="font-semibold text-danger">{sentence('outline')}</p>
                        )}
                        <div className="grid grid-cols-2 gap-5">
                            <Field
                                label={words.edgeDepth}
                                value={field.edge}
                                unit={units === 'metric' ? 'mm' : 'in'}
                                onChange={(edge_depth_mm) => change({ depths: { ...typed.depths, edge_depth_mm } })}
                                onDone={leave('edge_depth_mm')}
                                sentence={sentence('edge_depth_mm')}
                                placeholder={units === 'metric' ? words.suchAs36 : words.suchAs112}
                            />
                            <Field
                                label={words.howManyAlike}
                                value={field.quantity}
                                inputMode="numeric"
                                onChange={(quantity) => change({ quantity })}
                                onDone={leave('quantity')}
                                sentence={sentence('quantity')}
                            />
                        </div>
                        <Switch
                            label={words.edgesThatGetCoated}
                            value={Array.isArray(edges) ? 'some' : edges}
                            options={[
                                { value: 'all', label: words.all },
                                { value: 'none', label: words.none },
                                ...(Array.isArray(edges) ? [{ value: 'some', label: edges.join(', ') }] : []),
                            ]}
                            onChange={(value) => {
                                if (value === 'all' || value === 'none') change({ edges: value })
                            }}
                            sentence={sentence('coated_edges')}
                        />
                        <details className="border-t ruled pt-2">
                            <summary className="min-h-9 cursor-pointer py-1">{words.recessLipHolesHowItLies}</summary>
                            <Details
                                kind={typed.kind ?? saved.kind ?? 'other'}
                                casts={piece?.casts ?? 0}
                                saved={saved}
                                typed={typed}
                                way={way}
                                change={change}
                                sentence={sentence}
                                leave={leave}
                            />
                        </details>
                        {piece !== null && (
                            <Button className="sm:hidden" onClick={() => router.post(`/pieces/${piece.id}/again`)}>
                                {words.theSameAgain}
                            </Button>
                        )}
                        {refused.stale !== undefined ? (
                            <StaleStrip sentence={refused.form} onMine={() => send({ piece: Number(refused.stale) })} />
                        ) : (
                            general !== undefined && <p className="font-semibold text-danger">{general}</p>
                        )}
                        <button type="submit" className="sr-only" tabIndex={-1}>
                            {words.save}
                        </button>
                    </form>
                    <div className="flex flex-col items-center justify-center gap-5 p-4 sm:p-8">
                        <OutlineDrawing
                            drawing={drawing}
                            coatedEdges={edges}
                            size={figures === null ? 280 : 350}
                            dimensions={
                                figures === null || drawing.by === 'count' || drawing.by === 'water'
                                    ? null
                                    : {
                                          width: (drawing.round ? '⌀ ' : '') + joined(length(drawing.width_mm, units)),
                                          height: joined(length(drawing.height_mm, units)),
                                      }
                            }
                            {...(way === 'rectangle' ? { onSide: toggle } : {})}
                        />
                        {figures === null ? (
                            <p className="max-w-sm text-center text-lg text-soft">
                                {words.typeItsSizeAsYouWouldSayIt40Cm16In2638}
                            </p>
                        ) : (
                            <dl className="flex flex-wrap justify-center gap-x-10 gap-y-4 text-center">
                                {figures.area_cm2 !== null && (
                                    <Answer figure="area_cm2" word={words.toCoat} {...area(figures.area_cm2, units)} />
                                )}
                                {figures.coated_edge_mm > 0 && (
                                    <Answer
                                        figure="coated_edge_mm"
                                        word={words.ofEdgeToCoat}
                                        {...length(figures.coated_edge_mm, units)}
                                    />
                                )}
                                {figures.holds_ml !== null && drawing.by !== 'body' && (
                                    <Answer figure={null} word={words.itHolds} {...volume(figures.holds_ml, units)} />
                                )}
                                {drawing.by === 'count' && drawing.ml !== null && (
                                    <Answer figure={null} word={words.forEach} {...volume(drawing.ml, units)} />
                                )}
                            </dl>
                        )}
                        {way === 'rectangle' && (
                            <p className="text-sm text-soft">{words.pressASideToCoatItOrLeaveItBare}</p>
                        )}
                    </div>
                </div>
            </StagePage>
        </Traced>
    )
}

function Answer(props: { figure: string | null; text: string; unit: string; word: string }): ReactNode {
    const shown = (
        <>
            {props.text} <span className="unit">{props.unit}</span>
        </>
    )
    return (
        <div className="flex flex-col-reverse">
            <dt className="text-soft">{props.word}</dt>
            <dd>
                {props.figure === null ? (
                    <span className="figure measured text-4xl">{shown}</span>
                ) : (
                    <Figure of={props.figure} className="figure measured text-4xl">
                        {shown}
                    </Figure>
                )}
            </dd>
        </div>
    )
}
