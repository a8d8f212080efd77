import { ArrowCounterClockwiseIcon, MagnifyingGlassMinusIcon, MagnifyingGlassPlusIcon } from '@phosphor-icons/react'
import { useEffect, useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Check, Switch } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { TracingBoard } from '../../drawings/TracingBoard'
import { area, joined, length } from '../../lib/format'
import { ask } from '../../lib/http'
import { attempted } from '../../lib/attempt'
import { useLatest } from '../../lib/latest'
import { moved, placeOf, turned, without, withPoint, withPointOnEdge, type Held } from '../../lib/marks'
import { useUnits } from '../../lib/pages'
import { useUndoKey } from '../../lib/undo'
import type { Sentences } from '../../types/page'
import { useTracing } from './useTracing'
import type { MadeOutline, Photo } from './Tracer'
import * as words from '@words/takeIn'

export type Scale = 'length' | 'sheet'

export function Board(props: { photo: Photo; onOther: () => void; onUse: (outline: MadeOutline) => void }): ReactNode {
    const units = useUnits()
    const { marks, change, undo } = useTracing()
    const [scale, setScale] = useState<Scale>('length')
    const [known, setKnown] = useState({ mm: '', width_mm: '', height_mm: '' })
    const [marking, setMarking] = useState<Held['of']>('length')
    const [held, setHeld] = useState<Held | null>(null)
    const [corner, setCorner] = useState(false)
    const [zoom, setZoom] = useState(1)
    const [made, setMade] = useState<MadeOutline | null>(null)
    const [sentences, setSentences] = useState<Sentences>({})

    const scaleReady =
        scale === 'length'
            ? marks.length.length === 2 && known.mm.trim() !== ''
            : marks.sheet.length === 4 && known.width_mm.trim() !== '' && known.height_mm.trim() !== ''
    const ready = scaleReady && (marks.loops[0]?.length ?? 0) >= 3
    // which marks it was made of: it is used only when those are the marks that stand there now
    const [madeOf, setMadeOf] = useState<string | null>(null)
    const latest = useLatest(async ({ body, key }: { body: unknown; key: string }) => {
        const traced = await attempted(() => ask<MadeOutline>('POST', '/outlines/traced', body))
        setMade(traced.done ? traced.value : null)
        if (traced.done) setMadeOf(key)
        setSentences(
            traced.done
                ? {}
                : traced.isUnreachable
                  ? { outline: words.theStudioDoesNotAnswerWhatYouMarked }
                  : traced.sentences,
        )
    })
    const body = {
        loops: marks.loops.filter((loop) => loop.length > 0),
        ...(scale === 'length'
            ? { length: { from: marks.length[0], to: marks.length[1], mm: known.mm } }
            : { sheet: { corners: marks.sheet, width_mm: known.width_mm, height_mm: known.height_mm } }),
    }
    const key = JSON.stringify(body)
    useEffect(() => {
        if (ready) latest({ body, key })
        else setMade(null)
        // body is described by its key
    }, [key, ready]) // eslint-disable-line
    useUndoKey(undo)

    const mark = (point: { x: number; y: number }): void => {
        change((before) => withPoint(before, marking, point, corner))
    }
    const small = units === 'metric' ? 'mm' : 'in'
    const field = (name: keyof typeof known, label: string, placeholder: string): ReactNode => (
        <Field
            label={label}
            unit={small}
            value={known[name]}
            placeholder={placeholder}
            sentence={sentences[name]}
            onChange={(value) => setKnown({ ...known, [name]: value })}
        />
    )
    const hole = typeof marking === 'number' && marking > 0
    return (
        <div className="grid min-h-0 flex-1 grid-rows-[auto_1fr] gap-4 lg:grid-cols-[18rem_1fr] lg:grid-rows-1">
            <div className="space-y-4 overflow-auto max-lg:order-2">
                <section className="space-y-2">
                    <Switch
                        label={words.n1TheScale}
                        value={scale}
                        options={[
                            { value: 'length', label: words.aKnownLength },
                            { value: 'sheet', label: words.aKnownSheet },
                        ]}
                        onChange={(value) => {
                            setScale(value as Scale)
                            setMarking(value as Scale)
                            setHeld(null)
                        }}
                    />
                    <p className="text-sm text-soft">
                        {scale === 'length'
                            ? words.forAPhotoFromStraightAboveMarkTwo
                            : words.forAPhotoFromAnywhereMarkTheCornersOfA}
                    </p>
                    {scale === 'length' ? (
                        field('mm', words.theyAreApart, words.suchAs30Cm)
                    ) : (
                        <div className="grid grid-cols-2 gap-3">
                            {field('width_mm', words.width, '297')}
                            {field('height_mm', words.height, '210')}
                        </div>
                    )}
                    <Button
                        look={marking === scale ? 'plain' : 'quiet'}
                        aria-pressed={marking === scale}
                        onClick={() => setMarking(scale)}
                    >
                        {scale === 'length'
                            ? words.pointsMarked(marks.length.length)
                            : words.cornersMarked(marks.sheet.length)}
                    </Button>
                </section>
                <section className="space-y-2 border-t ruled pt-3">
                    <h3 className="text-sm text-soft">{words.n2TheEdge}</h3>
                    <div className="flex flex-wrap gap-2">
                        {marks.loops.map((loop, index) => (
                            <Button
                                key={index}
                                look={marking === index ? 'plain' : 'quiet'}
                                aria-pressed={marking === index}
                                onClick={() => setMarking(index)}
                            >
                                {index === 0 ? words.edge : words.holeNumber(index)}: {loop.length}
                            </Button>
                        ))}
                        <Button
                            look="quiet"
                            disabled={(marks.loops[marks.loops.length - 1]?.length ?? 0) < 3}
                            onClick={() => {
                                change((before) => ({ ...before, loops: [...before.loops, []] }))
                                setMarking(marks.loops.length)
                            }}
                        >
                            {words.addAHole}
                        </Button>
                    </div>
                    <p className="text-sm text-soft">{hole ? words.pressRoundTheHole : words.pressRoundThePiece}</p>
                    <Check label={words.theNextPointsAreCorners} on={corner} onChange={setCorner} />
                    {held !== null && typeof held.of === 'number' && placeOf(marks, held) !== undefined && (
                        <div className="flex flex-wrap gap-2">
                            <Button onClick={() => change((before) => turned(before, held))}>
                                {marks.loops[held.of]?.[held.index]?.corner === true
                                    ? words.makeItSmooth
                                    : words.makeItACorner}
                            </Button>
                            <Button
                                onClick={() => {
                                    change((before) => without(before, held))
                                    setHeld(null)
                                }}
                            >
                                {words.takeItAway}
                            </Button>
                        </div>
                    )}
                </section>
                <section className="space-y-3 border-t ruled pt-3" aria-live="polite">
                    {made !== null && (
                        <p>
                            <span className="figure measured block text-3xl">
                                {area(made.area_cm2, units).text}{' '}
                                <span className="unit">{area(made.area_cm2, units).unit}</span>
                            </span>
                            <span className="text-soft">
                                {length(made.width_mm, units).text} × {joined(length(made.height_mm, units))}
                            </span>
                        </p>
                    )}
                    {ready && sentences.outline !== undefined && (
                        <p className="font-semibold text-danger">{sentences.outline}</p>
                    )}
                    <div className="flex flex-wrap gap-2">
                        <Button
                            look="next"
                            disabled={made === null || madeOf !== key}
                            onClick={() => made !== null && props.onUse(made)}
                        >
                            {words.useThisOutline}
                        </Button>
                        <Button disabled={undo === null} onClick={() => undo?.()}>
                            <ArrowCounterClockwiseIcon size={18} /> {words.undo}
                        </Button>
                    </div>
                    <Button look="quiet" className="px-0" onClick={props.onOther}>
                        {words.anotherPhoto}
                    </Button>
                </section>
            </div>
            <div className="flex min-h-0 flex-col gap-1 max-lg:order-1">
                <div className="h-(--tall) overflow-auto rounded border border-line bg-recess [--tall:40dvh] lg:[--tall:76dvh]">
                    <TracingBoard
                        photo={props.photo}
                        length={scale === 'length' ? marks.length : []}
                        sheet={scale === 'sheet' ? marks.sheet : []}
                        loops={marks.loops}
                        marking={marking}
                        held={held}
                        zoom={zoom}
                        onMark={mark}
                        onEdge={(loop, point) => change((before) => withPointOnEdge(before, loop, point, corner))}
                        onHold={setHeld}
                        onMove={(which, to, first) => change((before) => moved(before, which, to), first)}
                        onTurn={(which) => change((before) => turned(before, which))}
                        onRemove={(which) => {
                            change((before) => without(before, which))
                            setHeld(null)
                        }}
                    />
                </div>
                <div className="flex self-end rounded border border-line">
                    <button
                        type="button"
                        aria-label={words.smaller}
                        className="grid size-11 place-items-center"
                        onClick={() => setZoom(Math.max(0.5, zoom / 1.5))}
                    >
                        <MagnifyingGlassMinusIcon size={20} />
                    </button>
                    <button
                        type="button"
                        aria-label={words.larger}
                        className="grid size-11 place-items-center"
                        onClick={() => setZoom(Math.min(8, zoom * 1.5))}
                    >
                        <MagnifyingGlassPlusIcon size={20} />
                    </button>
                </div>
            </div>
        </div>
    )
}
