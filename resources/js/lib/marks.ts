import { sideNearest, type Knot } from './smooth'

/** A place on the photo, px. */
export interface Point {
    x: number
    y: number
}

/** What was marked on a photo so far. */
export interface Marks {
    /** Two points a known length apart. */
    length: Point[]
    /** The corners of a sheet of known size. */
    sheet: Point[]
    /** The edge, then the holes. */
    loops: Knot[][]
}

/** Which mark is held: its list, and its place in it. */
export interface Held {
    of: 'length' | 'sheet' | number
    index: number
}

export function withPoint(marks: Marks, of: Held['of'], point: Point, corner: boolean): Marks {
    if (of === 'length') return { ...marks, length: [...marks.length, point].slice(-2) }
    if (of === 'sheet') return { ...marks, sheet: [...marks.sheet, point].slice(-4) }
    return mapLoop(marks, of, (loop) => [...loop, { ...point, corner }])
}

export function withPointOnEdge(marks: Marks, of: number, point: Point, corner: boolean): Marks {
    return mapLoop(marks, of, (loop) => {
        const at = sideNearest(loop, point) + 1
        return [...loop.slice(0, at), { ...point, corner }, ...loop.slice(at)]
    })
}

export function moved(marks: Marks, held: Held, to: Point): Marks {
    if (typeof held.of === 'number') {
        return mapLoop(marks, held.of, (loop) =>
            loop.map((knot, index) => (index === held.index ? { ...knot, ...to } : knot)),
        )
    }
    return { ...marks, [held.of]: marks[held.of].map((point, index) => (index === held.index ? to : point)) }
}

export function placeOf(marks: Marks, held: Held): Point | undefined {
    return typeof held.of === 'number' ? marks.loops[held.of]?.[held.index] : marks[held.of][held.index]
}

export function without(marks: Marks, held: Held): Marks {
    if (typeof held.of !== 'number') {
        return { ...marks, [held.of]: marks[held.of].filter((_, index) => index !== held.index) }
    }
    return mapLoop(marks, held.of, (loop) => loop.filter((_, index) => index !== held.index))
}

export function turned(marks: Marks, held: Held): Marks {
    if (typeof held.of !== 'number') return marks
    return mapLoop(marks, held.of, (loop) =>
        loop.map((knot, index) => (index === held.index ? { ...knot, corner: !knot.corner } : knot)),
    )
}

function mapLoop(marks: Marks, at: number, change: (loop: Knot[]) => Knot[]): Marks {
    return { ...marks, loops: marks.loops.map((loop, index) => (index === at ? change(loop) : loop)) }
}
