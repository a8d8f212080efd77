import { useState, type ReactNode } from 'react'
import { TracingBoard } from '../../drawings/TracingBoard'
import { moved, turned, without, withPoint, withPointOnEdge, type Held } from '../../lib/marks'
import { useUndoKey } from '../../lib/undo'
import type { MadeOutline, Photo } from './Tracer'
import { TracerEdge } from './TracerEdge'
import { TracerMade } from './TracerMade'
import { TracerScale, type KnownSize, type Scale } from './TracerScale'
import { useTraced } from './useTraced'
import { useTracing } from './useTracing'
import { Zoom } from './Zoom'

/** The photo with its marks, and beside it what they are of. */
export default function Board(props: {
    photo: Photo
    onOther: () => void
    onUse: (outline: MadeOutline) => void
}): ReactNode {
    const { marks, change, undo } = useTracing()
    const [scale, setScale] = useState<Scale>('length')
    const [known, setKnown] = useState<KnownSize>({ mm: '', width_mm: '', height_mm: '' })
    const [marking, setMarking] = useState<Held['of']>('length')
    const [held, setHeld] = useState<Held | null>(null)
    const [corner, setCorner] = useState(false)
    const [zoom, setZoom] = useState(1)
    const { made, isOfThese, sentences } = useTraced(marks, scale, known)

    useUndoKey(undo)

    const mark = (point: { x: number; y: number }): void => {
        change((before) => withPoint(before, marking, point, corner))
    }
    return (
        <div className="grid min-h-0 flex-1 grid-rows-[auto_1fr] gap-4 lg:grid-cols-[18rem_1fr] lg:grid-rows-1">
            <div className="space-y-4 overflow-auto max-lg:order-2">
                <TracerScale
                    marks={marks}
                    scale={scale}
                    known={known}
                    marking={marking}
                    sentences={sentences}
                    onScale={(next) => {
                        setScale(next)
                        setMarking(next)
                        setHeld(null)
                    }}
                    onKnown={setKnown}
                    onMarking={setMarking}
                />
                <TracerEdge
                    marks={marks}
                    marking={marking}
                    held={held}
                    corner={corner}
                    onChange={change}
                    onMarking={setMarking}
                    onHold={setHeld}
                    onCorner={setCorner}
                />
                <TracerMade
                    made={made}
                    isOfThese={isOfThese}
                    sentence={sentences.outline}
                    undo={undo}
                    onUse={props.onUse}
                    onOther={props.onOther}
                />
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
                <Zoom zoom={zoom} onZoom={setZoom} />
            </div>
        </div>
    )
}
