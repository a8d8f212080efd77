type Stretch = readonly [number, number]

/** A straight map from one stretch of numbers onto another, and back. */
export interface Linear {
    (value: number): number
    back: (mapped: number) => number
}

export function linear(from: Stretch, onto: Stretch): Linear {
    const map = (value: number, [a, b]: Stretch, [c, d]: Stretch): number => c + ((value - a) / (b - a)) * (d - c)
    return Object.assign((value: number) => map(value, from, onto), {
        back: (mapped: number) => map(mapped, onto, from),
    })
}
