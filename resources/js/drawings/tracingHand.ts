import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import { placeOf, type Held, type Marks, type Point } from '../lib/marks'
import { REACH_PX } from './tracingMarks'

export interface TracingProps extends Marks {
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

/** What a hand does on the photo, by pointer or by keys. */
export function useTracingHand(props: TracingProps) {
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
    return {
        svg,
        at,
        nearest,
        dragging,
        cross,
        focused,
        /** Pixels of the photo in one of the screen. */
        perPx,
        hand: {
            onPointerDown: press,
            onPointerMove: move,
            onPointerUp: lift,
            onPointerCancel: lift,
            onKeyDown: key,
            onFocus: () => setFocused(true),
            onBlur: () => setFocused(false),
        },
    }
}
