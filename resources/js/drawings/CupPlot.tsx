import { ticks } from 'd3-array'
import { line } from 'd3-shape'
import type { ReactNode } from 'react'
import { byFactors, clamped, linear } from './linear'
import type { Compared, CupFigures } from '../types/mixing'
import * as texts from '@words/drawings'

const LOOKS: Record<Compared, { dash: string; width: number }> = {
    cup: { dash: '', width: 3 },
    halved: { dash: '9 4', width: 1.75 },
    dish: { dash: '2 4', width: 2.25 },
    cooler: { dash: '12 4 2 4', width: 1.75 },
}

const ORDER: Compared[] = ['cup', 'halved', 'cooler', 'dish']

interface Props {
    cup: CupFigures
    words: Record<Compared, string>
    emptiedMin: number
    /** Which of them are drawn. */
    shown: Compared[]
    celsius: (c: number) => string
    width: number
    height: number
}

/** Temperature above, thickness below, over one time: the cup, and what else could be done with it. */
export function CupPlot(props: Props): ReactNode {
    const { cup, width, height } = props
    const [left, right, top, gap, foot] = [46, 96, 8, 20, 22]
    const half = top + (height - top - gap - foot) / 2
    const x = linear([0, cup.until_min], [left, width - right])
    const drawn = ORDER.filter((one) => props.shown.includes(one) && cup.compared[one] !== undefined)
    const plots = drawn.map((one) => ({ one, plot: cup.compared[one]?.plot ?? [] }))
    const hottest = Math.min(80, Math.max(45, ...plots.flatMap(({ plot }) => plot.map(([, c]) => c))))
    const coolest = Math.min(20, ...plots.flatMap(({ plot }) => plot.map(([, c]) => c)))
    const floorC = Math.floor(coolest / 5) * 5
    const temperature = clamped([floorC, hottest], [half, top])
    const thinnest = Math.min(1, ...plots.flatMap(({ plot }) => plot.map(([, , paS]) => paS)))
    const thickness = byFactors([Math.max(0.05, thinnest * 0.8), 40], [height - foot, half + gap])
    const curve = (plot: [number, number, number][], y: (point: [number, number, number]) => number): string =>
        line<[number, number, number]>()
            .x(([min]) => x(min))
            .y(y)(plot) ?? ''
    const ends = spread(
        plots.map(({ one, plot }) => ({ one, y: temperature(plot[plot.length - 1]?.[1] ?? 0) })),
        15,
        half,
    )
    return (
        <svg width={width} height={height} className="block max-w-full" aria-hidden="true">
            {ticks(floorC, hottest, 4).map((c) => (
                <g key={c}>
                    <path d={`M${left} ${temperature(c)} H${width - right}`} stroke="var(--hair)" strokeWidth="1" />
                    <text
                        x={left - 6}
                        y={temperature(c) + 4}
                        textAnchor="end"
                        className="text-[12px]"
                        fill="var(--ink-soft)"
                    >
                        {props.celsius(c)}
                    </text>
                </g>
            ))}
            {hottest >= 60 && (
                <path d={`M${left} ${temperature(60)} H${width - right}`} stroke="var(--danger)" strokeWidth="1.5" />
            )}
            {[1, 3, 10, 30]
                .filter((paS) => paS >= thinnest * 0.8)
                .map((paS) => (
                    <g key={paS}>
                        <path d={`M${left} ${thickness(paS)} H${width - right}`} stroke="var(--hair)" strokeWidth="1" />
                        <text
                            x={left - 6}
                            y={thickness(paS) + 4}
                            textAnchor="end"
                            className="text-[12px]"
                            fill="var(--ink-soft)"
                        >
                            {paS}
                        </text>
                    </g>
                ))}
            <text x={left + 4} y={top + 13} className="text-[12px]" fill="var(--ink)">
                {texts.temperature}
            </text>
            <text x={left + 4} y={half + gap + 13} className="text-[12px]" fill="var(--ink)">
                {texts.thicknessPaS}
            </text>
            {ticks(0, cup.until_min, width < 480 ? 3 : 6).map((min) => (
                <text
                    key={min}
                    x={x(min)}
                    y={height - 5}
                    textAnchor="middle"
                    className="text-[12px]"
                    fill="var(--ink-soft)"
                >
                    {min === 0 ? 'mixed' : `${min} min`}
                </text>
            ))}
            <path
                d={`M${left} ${top} V${half} H${width - right} M${left} ${half + gap} V${height - foot} H${width - right}`}
                fill="none"
                stroke="var(--line)"
                strokeWidth="1.25"
            />
            <path
                d={`M${x(props.emptiedMin)} ${top} V${height - foot}`}
                stroke="var(--act)"
                strokeWidth="1.75"
                strokeDasharray="5 4"
            />
            <text
                x={x(props.emptiedMin) + 5}
                y={half + gap - 5}
                className="text-[12px] font-semibold"
                fill="var(--act)"
            >
                {texts.empty}
            </text>
            {plots.map(({ one, plot }) => (
                <g
                    key={one}
                    fill="none"
                    stroke={one === 'cup' ? 'var(--resin-edge)' : 'var(--ink)'}
                    strokeWidth={LOOKS[one].width}
                    strokeDasharray={LOOKS[one].dash}
                    strokeLinejoin="round"
                >
                    <path d={curve(plot, ([, c]) => temperature(c))} />
                    <path d={curve(plot, ([, , paS]) => thickness(paS))} />
                </g>
            ))}
            {ends.map(({ one, y }) => (
                <g key={one}>
                    <path
                        d={`M${width - right + 4} ${y} h18`}
                        stroke={one === 'cup' ? 'var(--resin-edge)' : 'var(--ink)'}
                        strokeWidth={LOOKS[one].width}
                        strokeDasharray={LOOKS[one].dash}
                    />
                    <text x={width - right + 26} y={y + 4} className="text-[12px]" fill="var(--ink)">
                        {props.words[one]}
                    </text>
                </g>
            ))}
        </svg>
    )
}

/** Labels at the ends of curves, moved apart so that none covers another. */
function spread<T extends { y: number }>(labels: T[], apart: number, most: number): T[] {
    const sorted = [...labels].sort((one, other) => one.y - other.y)
    let last = -apart
    const down = sorted.map((label) => {
        last = Math.max(label.y, last + apart)
        return { ...label, y: last }
    })
    const over = Math.max(0, last - most)
    return down.map((label) => ({ ...label, y: label.y - over }))
}
