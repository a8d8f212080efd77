import type { ReactNode } from 'react'
import { placeOf } from '../lib/marks'
import { smoothPath, smoothPieces } from '../lib/smooth'
import { useTracingHand, type TracingProps } from './tracingHand'
import { MARK_PX, Piece, Mark, Inside, ScaleLines } from './tracingMarks'
import * as words from '@words/drawings'

/** A photo with what is marked on it: press to mark, drag to nudge, keys for both. */
export function TracingBoard(props: TracingProps): ReactNode {
    const { photo, marking } = props
    const { svg, at, nearest, dragging, cross, focused, perPx, hand } = useTracingHand(props)
    const r = MARK_PX * perPx
    const heldAt = props.held === null ? undefined : placeOf(props, props.held)
    return (
        <div
            className="relative mx-auto"
            // the whole photo at first, whichever way it is long; --tall is the height that there is
            style={{
                width: `calc(${props.zoom} * min(100%, (var(--tall) - 2px) * ${photo.width / photo.height}))`,
            }}
        >
            <img src={photo.url} alt="" className="block w-full" draggable={false} />
            {/* marks in a layer of their own: the photo is not painted again while they move */}
            <svg
                ref={svg}
                viewBox={`0 0 ${photo.width} ${photo.height}`}
                className="absolute inset-0 size-full touch-none will-change-transform select-none focus-visible:outline-offset-[-3px]"
                role="application"
                tabIndex={0}
                aria-label={words.thePhotoArrowKeysMoveEnterMarksAPoint}
                {...hand}
            >
                <g fill="none" strokeLinejoin="round">
                    <ScaleLines length={props.length} sheet={props.sheet} perPx={perPx} />
                    {props.loops.map((loop, index) => (
                        <g key={index}>
                            {dragging === null && (
                                <Inside
                                    d={smoothPath(loop)}
                                    hole={index > 0}
                                    grip={marking === index && loop.length > 2 ? 16 * perPx : 0}
                                    onPress={(event) => {
                                        const point = at(event)
                                        if (event.button !== 0 || nearest(point) !== null) return
                                        event.stopPropagation()
                                        props.onEdge(index, point)
                                    }}
                                />
                            )}
                            {smoothPieces(loop).map((d, piece) => (
                                <Piece key={piece} d={d} width={2 * perPx} />
                            ))}
                        </g>
                    ))}
                </g>
                {props.loops.map((loop, of) =>
                    loop.map((knot, index) => (
                        <Mark
                            key={`${of}-${index}`}
                            x={knot.x}
                            y={knot.y}
                            r={r}
                            corner={knot.corner}
                            dim={typeof marking !== 'number'}
                        />
                    )),
                )}
                {(['length', 'sheet'] as const).map((of) =>
                    props[of].map((point, index) => (
                        <Mark key={`${of}-${index}`} x={point.x} y={point.y} r={r * 1.2} corner dim={marking !== of} />
                    )),
                )}
                {heldAt !== undefined && (
                    <circle
                        cx={heldAt.x}
                        cy={heldAt.y}
                        r={r * 1.5}
                        fill="#1f4aa0"
                        stroke="#ffffff"
                        strokeWidth={r * 0.4}
                        className="cursor-move"
                    />
                )}
                {focused && (
                    <path
                        d={`M${cross.x - 14 * perPx} ${cross.y}h${28 * perPx}M${cross.x} ${cross.y - 14 * perPx}v${28 * perPx}`}
                        stroke="#1f4aa0"
                        strokeWidth={1.5 * perPx}
                        pointerEvents="none"
                    />
                )}
            </svg>
        </div>
    )
}
