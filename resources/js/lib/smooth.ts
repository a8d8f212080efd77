/** A point of a traced edge, in pixels of the photo. */
export interface Knot {
    x: number
    y: number
    corner: boolean
}

type At = Pick<Knot, 'x' | 'y'>

/**
 * The edge through the knots as it is drawn over the photo, one piece from each knot to the next:
 * straight between two corners, else smooth. The outline itself is made by the server, in mm.
 */
export function smoothPieces(knots: Knot[]): string[] {
    if (knots.length < 2) return []
    const at = (index: number): Knot => knots[(index + knots.length) % knots.length]!
    return knots.map((from, index) => {
        const to = at(index + 1)
        const begin = `M${from.x} ${from.y}`
        if (from.corner && to.corner) return `${begin}L${to.x} ${to.y}`
        const [sx, sy] = [to.x - from.x, to.y - from.y]
        const [ax, ay] = from.corner ? [sx, sy] : tangent(at(index - 1), from, to, true)
        const [bx, by] = to.corner ? [sx, sy] : tangent(from, to, at(index + 2), false)
        return `${begin}C${from.x + ax / 3} ${from.y + ay / 3} ${to.x - bx / 3} ${to.y - by / 3} ${to.x} ${to.y}`
    })
}

/** The same edge as one closed path. */
export function smoothPath(knots: Knot[]): string {
    const pieces = smoothPieces(knots)
    return pieces.length === 0
        ? ''
        : pieces[0] +
              pieces
                  .slice(1)
                  .map((piece) => piece.replace(/^M[^LC]*/, ''))
                  .join('') +
              'Z'
}

/** How the edge runs through a point: the centripetal Catmull–Rom tangent. */
function tangent(before: At, at: At, after: At, ofNext: boolean): [number, number] {
    const into = Math.sqrt(Math.hypot(at.x - before.x, at.y - before.y))
    const out = Math.sqrt(Math.hypot(after.x - at.x, after.y - at.y))
    if (into * out === 0) return [(after.x - before.x) / 2, (after.y - before.y) / 2]
    const along = (p: number, q: number, r: number): number =>
        ((q - p) / into - (r - p) / (into + out) + (r - q) / out) * (ofNext ? out : into)
    return [along(before.x, at.x, after.x), along(before.y, at.y, after.y)]
}

/** Where in the loop a new point belongs that was put onto its edge: after the nearest side's first knot. */
export function sideNearest(knots: Knot[], point: At): number {
    let best = 0
    let least = Infinity
    knots.forEach((from, index) => {
        const to = knots[(index + 1) % knots.length]!
        const [dx, dy] = [to.x - from.x, to.y - from.y]
        const t = Math.min(
            1,
            Math.max(0, ((point.x - from.x) * dx + (point.y - from.y) * dy) / (dx * dx + dy * dy || 1)),
        )
        const away = Math.hypot(from.x + t * dx - point.x, from.y + t * dy - point.y)
        if (away < least) [least, best] = [away, index]
    })
    return best
}
