type Stretch = readonly [number, number]

/** A map from one stretch of numbers onto another, and back. */
export interface Linear {
    (value: number): number
    back: (mapped: number) => number
}

function between(value: number, [a, b]: Stretch, [c, d]: Stretch): number {
    return c + ((value - a) / (b - a)) * (d - c)
}

/** A straight one. */
export function linear(from: Stretch, onto: Stretch): Linear {
    return Object.assign((value: number) => between(value, from, onto), {
        back: (mapped: number) => between(mapped, onto, from),
    })
}

/** The same that ends with its stretch: what lies beyond is drawn at its end. */
export function clamped(from: Stretch, onto: Stretch): (value: number) => number {
    const [least, most] = [Math.min(...from), Math.max(...from)]
    return (value) => between(Math.min(most, Math.max(least, value)), from, onto)
}

/** Equal steps for equal factors, between ends above 0; it ends with its stretch. */
export function byFactors([a, b]: Stretch, onto: Stretch): (value: number) => number {
    const map = clamped([Math.log(a), Math.log(b)], onto)
    return (value) => map(Math.log(Math.max(Number.MIN_VALUE, value)))
}

/** Nearly straight up to a constant, by factors past it: the first minutes stay apart, the last days fit in. */
export function bent([a, b]: Stretch, onto: Stretch, constant: number): (value: number) => number {
    const bend = (value: number): number => Math.log1p(value / constant)
    return (value) => between(bend(value), [bend(a), bend(b)], onto)
}
