import { useRef, useState, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react'
import { placeOf, type Held, type Marks, type Point } from '../lib/marks'
import { smoothPath, smoothPieces } from '../lib/smooth'
import { MARK_PX, REACH_PX, Piece, Mark, Inside } from './tracingMarks'
import * as words from '@words/drawings'

interface Props extends Marks {
    photo: { url: string; width: number; height: number }
    /** What a press on the photo marks. */
    marking: Held['of']
    held: Held | null
    /** How much larger than fitted the photo is shown. */
    zoom: number
    onMark: (point: Point) => void
    onEdge: (loop: number, point: Point) => void
    onHold: (held: Held | null) => void
    /** The first move of a drag, and every move by keys, begins a step that can be taken back. */
    onMove: (held: Held, to: Point, first: boolean) => void
    onTurn: (held: Held) => void
    onRemove: (held: Held) => void
}

/** Keys move by one pixel of the photo; with Shift by ten. */
const STEPS: Record<string, [number, number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, -1],
    ArrowDown: [0, 1],
}

/** A photo with what is marked on it: press to mark, drag to nudge, keys for both. */
export function TracingBoard(props: Props): ReactNode {
    const { photo, marking } = props
    const svg = useRef<SVGSVGElement>(null)
    const [dragging, setDragging] = useState<Held | null>(null)
    const still = useRef(true)
    const [cross, setCross] = useState<Point>({ x: photo.width / 2, y: photo.height / 2 })
    const [focused, setFocused] = useState(false)
    const [perPx, setPerPx] = useState(1)

    const at = (event: { clientX: number; clientY: number }): Point => {
        const box = svg.current!.getBoundingClientRect()
        const scale = photo.width / box.width
        if (scale !== perPx) setPerPx(scale)
        return { x: (event.clientX - box.left) * scale, y: (event.clientY - box.top) * scale }
    }
    const nearest = (point: Point): Held | null => {
        const reach = REACH_PX * perPx
        let found: Held | null = null
        let least = reach
        const look = (of: Held['of'], points: Point[]): void => {
            points.forEach((one, index) => {
                const away = Math.hypot(one.x - point.x, one.y - point.y)
                if (away < least) [least, found] = [away, { of, index }]
            })
        }
        if (typeof marking === 'number') props.loops.forEach((loop, index) => look(index, loop))
        else look(marking, props[marking])
        return found
    }
    const press = (event: PointerEvent<SVGSVGElement>): void => {
        if (event.button !== 0) return
        const point = at(event)
        setCross(point)
        const held = nearest(point)
        event.currentTarget.setPointerCapture(event.pointerId)
        if (held !== null) {
            props.onHold(held)
            setDragging(held)
            still.current = true
        } else {
            props.onHold(null)
            props.onMark(point)
        }
    }
    const move = (event: PointerEvent<SVGSVGElement>): void => {
        if (dragging === null) return
        const point = at(event)
        setCross(point)
        props.onMove(dragging, point, still.current)
        still.current = false
    }
    const lift = (): void => setDragging(null)
    const key = (event: KeyboardEvent): void => {
        const step = STEPS[event.key]
        if (step !== undefined) {
            event.preventDefault()
            const far = event.shiftKey ? 10 : 1
            const from = props.held === null ? cross : (placeOf(props, props.held) ?? cross)
            const to = {
                x: Math.min(photo.width, Math.max(0, from.x + step[0] * far)),
                y: Math.min(photo.height, Math.max(0, from.y + step[1] * far)),
            }
            setCross(to)
            if (props.held !== null) props.onMove(props.held, to, true)
        } else if (event.key === 'Enter' || event.key === ' ') {
            event.preventDefault()
            if (props.held === null) props.onMark(cross)
            else props.onHold(null)
        } else if (event.key === 'Delete' || event.key === 'Backspace') {
            event.preventDefault()
            const last = typeof marking === 'number' ? (props.loops[marking]?.length ?? 0) : props[marking].length
            props.onRemove(props.held ?? { of: marking, index: last - 1 })
        } else if (event.key === 'c' && props.held !== null) {
            props.onTurn(props.held)
        } else if (event.key === 'Escape' && props.held !== null) {
            event.stopPropagation()
            props.onHold(null)
        }
    }
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
                onPointerDown={press}
                onPointerMove={move}
                onPointerUp={lift}
                onPointerCancel={lift}
                onKeyDown={key}
                onFocus={() => setFocused(true)}
                onBlur={() => setFocused(false)}
            >
                <g fill="none" strokeLinejoin="round">
                    {props.sheet.length > 1 && (
                        <path
                            d={`M${props.sheet.map((p) => `${p.x} ${p.y}`).join('L')}${props.sheet.length === 4 ? 'Z' : ''}`}
                            stroke="#ffffff"
                            strokeWidth={3 * perPx}
                        />
                    )}
                    {props.sheet.length > 1 && (
                        <path
                            d={`M${props.sheet.map((p) => `${p.x} ${p.y}`).join('L')}${props.sheet.length === 4 ? 'Z' : ''}`}
                            stroke="#1f4aa0"
                            strokeWidth={1.5 * perPx}
                            strokeDasharray={`${6 * perPx} ${4 * perPx}`}
                        />
                    )}
                    {props.length.length === 2 && (
                        <path
                            d={`M${props.length[0]!.x} ${props.length[0]!.y}L${props.length[1]!.x} ${props.length[1]!.y}`}
                            stroke="#1f4aa0"
                            strokeWidth={2 * perPx}
                        />
                    )}
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

// An edge has hundreds of pieces and marks, and a drag moves one: each is drawn anew only when it
// changes itself, so that the browser paints again no more than the place where it lies.
