import type { ReactNode } from 'react'
import { hotterThan, lastMinOf } from '../lib/heatStrip'
import { temperature } from '../lib/format'
import type { Units } from '../types/page'
import type { HeatStrip } from '../types/answer'

const HEIGHT = 64

/** From which temperature on a band has its colour, °C. */
const BANDS: [number, string][] = [
    [30, 'var(--resin-light)'],
    [40, 'var(--resin)'],
    [50, 'var(--resin-deep)'],
    [60, 'var(--danger)'],
]

/** The temperatures through a layer, its floor below and its pour on the left, with a line at one moment. */
export function HeatBands(props: { strip: HeatStrip; at: number; width: number; units: Units }): ReactNode {
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
            {[40, 60].map((celsius) => {
                const spans = hotterThan(strip, celsius)
                const first = spans.findIndex((span) => span !== null)
                return first < 0 ? null : (
                    <text
                        key={celsius}
                        x={x(strip.mins[first]!) + 6}
                        y={y((spans[first]![0] + spans[first]![1]) / 2) + 4}
                        className="text-[12px] font-semibold"
                        fill={celsius < 60 ? 'var(--resin-ink)' : 'var(--danger-ink)'}
                    >
                        {temperature(celsius, props.units).text}
                        {temperature(celsius, props.units).unit}
                    </text>
                )
            })}
            <path d={`M0 0 H${width} V${HEIGHT} H0 Z`} fill="none" stroke="var(--ink)" />
            {props.at <= last && (
                <path d={`M${x(props.at)} -4 V${HEIGHT + 4}`} stroke="var(--ink)" strokeWidth="3" />
            )}
        </svg>
    )
}

/** A line around all that is hotter. */
function around(strip: HeatStrip, celsius: number, x: (min: number) => number, y: (share: number) => number): string {
    const tops: string[] = []
    const floors: string[] = []
    const lines: string[] = []
    const close = (): void => {
        if (tops.length > 1) lines.push(`M${[...tops, ...floors.reverse()].join('L')}Z`)
        tops.length = floors.length = 0
    }
    hotterThan(strip, celsius).forEach((span, frame) => {
        if (span === null) return close()
        const at = x(strip.mins[frame]!)
        floors.push(`${at} ${y(span[0])}`)
        tops.push(`${at} ${y(span[1])}`)
    })
    close()
    return lines.join('')
}
