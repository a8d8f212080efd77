import type { HeatStrip } from '../types/answer'

/** A layer at one moment. */
export interface WarmthNow {
    min: number
    hottest_c: number
    /** Where that is, above the floor of the resin. */
    at_mm: number
    top_c: number
    floor_c: number
}

/** The layer so many minutes after its pour, between two frames; null for when it is hottest. */
export function warmthAt(strip: HeatStrip, min: number | null): WarmthNow {
    const at = min ?? strip.peak_min
    const profile = profileAt(strip, at)
    const hottest = Math.max(...profile)
    const cell = profile.indexOf(hottest)
    return {
        min: at,
        hottest_c: hottest,
        at_mm: ((cell + 0.5) / profile.length) * strip.depth_mm,
        top_c: profile[profile.length - 1]!,
        floor_c: profile[0]!,
    }
}

/** The last moment that is shown. */
export function lastMinOf(strip: HeatStrip): number {
    return strip.mins[strip.mins.length - 1]!
}

function profileAt({ mins, frames }: HeatStrip, min: number): number[] {
    const after = mins.findIndex((one) => one >= min)
    if (after === 0) return frames[0]!
    if (after < 0) return frames[frames.length - 1]!
    const share = (min - mins[after - 1]!) / (mins[after]! - mins[after - 1]!)
    return frames[after]!.map((celsius, cell) => {
        const before = frames[after - 1]![cell]!
        return before + share * (celsius - before)
    })
}

/** Where the layer is hotter than so many degrees: by frame from where to where above its floor, as shares of its depth. */
export function hotterThan({ frames }: HeatStrip, celsius: number): ([number, number] | null)[] {
    return frames.map((profile) => {
        const cells = profile.length
        const first = profile.findIndex((one) => one > celsius)
        if (first < 0) return null
        const last = cells - 1 - [...profile].reverse().findIndex((one) => one > celsius)
        const crossing = (cool: number, hot: number): number =>
            cool + (hot - cool) * ((celsius - profile[cool]!) / (profile[hot]! - profile[cool]!)) + 0.5
        return [
            first === 0 ? 0 : crossing(first - 1, first) / cells,
            last === cells - 1 ? 1 : crossing(last + 1, last) / cells,
        ]
    })
}
