import type { ReactNode } from 'react'
import { hotterThan, lastMinOf } from '../lib/heatStrip'
import type { HeatStrip } from '../types/answer'

const HEIGHT = 64

/** From which temperature on a band has its colour, °C. */
export const BANDS: [number, string][] = [
    [30, 'var(--resin-light)'],
    [40, 'var(--resin)'],
    [50, 'var(--resin-deep)'],
    [60, 'var(--danger)'],
]

/** The temperatures through a layer, its floor below and its pour on the left, with a line at one moment. */
export function HeatBands(props: { strip: HeatStrip; at: number; width: number }): ReactNode {
    const { strip, width } = props
    const last = lastMinOf(strip)
    const x = (min: number): number => (min / last) * width
    const y = (share: number): number => HEIGHT * (1 - share)
    return (
        <svg width={width} height={HEIGHT} aria-hidden="true" className="block overflow-visible">
            <rect width={width} height={HEIGHT} fill="var(--sheet)" />
            {BANDS.map(([celsius, fill]) => (
                <path key={celsius} d={around(strip, celsius, x, y)} fill={fill} />
            ))}
            <path d={`M0 0 H${width} V${HEIGHT} H0 Z`} fill="none" stroke="var(--ink)" />
            {props.at <= last && <path d={`M${x(props.at)} -4 V${HEIGHT + 4}`} stroke="var(--ink)" strokeWidth="3" />}
        </svg>
    )
}

/** A line around all that is hotter. */
function around(strip: HeatStrip, celsius: number, x: (min: number) => number, y: (share: number) => number): string {
    const lines: string[] = []
    let tops: string[] = []
    let floors: string[] = []
    const spans = hotterThan(strip, celsius)
    const close = (): void => {
        if (tops.length > 0) lines.push(`M${[...tops, ...floors.reverse()].join('L')}Z`)
        tops = []
        floors = []
    }
    spans.forEach((span, frame) => {
        if (span === null) return
        const at = x(strip.mins[frame]!)
        if (spans[frame - 1] === null) tops.push(tip(strip, celsius, frame - 1, x, y))
        floors.push(`${at} ${y(span[0])}`)
        tops.push(`${at} ${y(span[1])}`)
        if (spans[frame + 1] === null) tops.push(tip(strip, celsius, frame, x, y))
        if (spans[frame + 1] == null) close()
    })
    return lines.join('')
}

/** Where and when the hottest place passes it, between two frames. */
function tip(
    { mins, frames }: HeatStrip,
    celsius: number,
    frame: number,
    x: (min: number) => number,
    y: (share: number) => number,
): string {
    const [before, after] = [Math.max(...frames[frame]!), Math.max(...frames[frame + 1]!)]
    const share = (celsius - before) / (after - before)
    const hotter = frames[after > before ? frame + 1 : frame]!
    const place = (hotter.indexOf(Math.max(...hotter)) + 0.5) / hotter.length
    return `${x(mins[frame]! + share * (mins[frame + 1]! - mins[frame]!))} ${y(place)}`
}
