import { useId, type ReactNode } from 'react'
import type { VesselFigures } from '../types/mixing'
import { PartLabel } from './Cup'

interface Props {
    vessel: VesselFigures
    /** px for a mm. */
    scale: number
    /** How high the two parts stand in it, mm from the inside floor. */
    lines: { first_mm: number; both_mm: number } | null
    first: 'a' | 'b'
    /** How high it really stands now, mm; the planned level where nothing is said. */
    levelMm?: number
    /** The heights written beside the lines. */
    marks?: (mm: number) => string
    className?: string
}

/** A vessel cut open, to scale: the resin in it, and the two lines that are marked on it with a pen. */
export function VesselDrawing(props: Props): ReactNode {
    const { vessel, scale, lines } = props
    const clip = useId()
    const widest = Math.max(...vessel.profile.map(([r]) => r)) * scale
    const height = vessel.height_mm * scale
    const pad = 5
    const written = props.marks === undefined ? 0 : 92
    const x = widest + pad
    const y = (mm: number): number => pad + height - mm * scale
    const right = vessel.profile.map(([r, h]) => `${x + r * scale} ${y(h)}`)
    const left = vessel.profile.map(([r, h]) => `${x - r * scale} ${y(h)}`).reverse()
    const inside = `M${left.join(' L')} L${right.join(' L')} Z`
    const wall = `M${left.join(' L')} L${right.join(' L')}`
    const level = props.levelMm ?? lines?.both_mm ?? 0
    const radiusAt = (mm: number): number => {
        const above = vessel.profile.findIndex(([, h]) => h >= mm)
        const one = vessel.profile[Math.max(0, above - 1)] ?? [0, 0]
        const other = vessel.profile[above === -1 ? vessel.profile.length - 1 : above] ?? one
        const share = other[1] === one[1] ? 0 : (mm - one[1]) / (other[1] - one[1])
        return (one[0] + (other[0] - one[0]) * share) * scale
    }
    const pen: { mm: number; part: 'A' | 'B' }[] =
        lines === null
            ? []
            : [
                  { mm: lines.first_mm, part: props.first === 'a' ? 'A' : 'B' },
                  { mm: lines.both_mm, part: props.first === 'a' ? 'B' : 'A' },
              ]
    const label = Math.min(22, Math.max(13, height * 0.2))
    // two lines close together: their labels keep apart
    const crowded = lines === null ? 0 : Math.max(0, label + 2 - (lines.both_mm - lines.first_mm) * scale) / 2
    const labelled = (mm: number): number => y(mm) + (mm === lines?.both_mm ? -crowded : crowded)
    return (
        <svg
            width={2 * widest + 2 * pad + written}
            height={height + 2 * pad}
            viewBox={`0 0 ${2 * widest + 2 * pad + written} ${height + 2 * pad}`}
            aria-hidden="true"
            className={`block max-w-full overflow-visible ${props.className ?? ''}`}
        >
            <defs>
                <clipPath id={clip}>
                    <path d={inside} />
                </clipPath>
            </defs>
            {level > 0 && (
                <g clipPath={`url(#${clip})`}>
                    <rect x={x - widest} y={y(level)} width={2 * widest} height={level * scale} fill="url(#gloss)" />
                    <path
                        d={`M${x - radiusAt(level) * 0.72} ${y(level) + 4} L${x - radiusAt(level * 0.3) * 0.72} ${y(level * 0.3)}`}
                        stroke="var(--gloss)"
                        strokeWidth="3.5"
                        strokeLinecap="round"
                        opacity={level * scale > 16 ? 0.55 : 0}
                    />
                    <path
                        d={`M${x - widest} ${y(level)} h${2 * widest}`}
                        stroke="var(--resin-edge)"
                        strokeWidth="1.5"
                    />
                </g>
            )}
            <path d={wall} fill="none" stroke="var(--ink)" strokeWidth="1.75" strokeLinejoin="round" />
            <path
                d={`M${x - radiusAt(vessel.height_mm) - 3} ${y(vessel.height_mm)} h5 M${x + radiusAt(vessel.height_mm) + 3} ${y(vessel.height_mm)} h-5`}
                stroke="var(--ink)"
                strokeWidth="2.5"
                strokeLinecap="round"
            />
            {pen.map(({ mm, part }) => (
                <g key={part}>
                    <path
                        d={`M${x + radiusAt(mm) * 0.35} ${y(mm)} H${x + radiusAt(mm)}`}
                        stroke="var(--ink)"
                        strokeWidth="2"
                        strokeDasharray="5 3"
                    />
                    {props.marks !== undefined && (
                        <>
                            <path
                                d={`M${x + radiusAt(mm)} ${y(mm)} L${x + widest + 14} ${labelled(mm)}`}
                                fill="none"
                                stroke="var(--line)"
                                strokeWidth="1"
                            />
                            <PartLabel part={part} x={x + widest + 16 + label / 2} y={labelled(mm)} size={label} />
                            <text
                                x={x + widest + 24 + label}
                                y={labelled(mm) + 5}
                                className="text-[14px]"
                                fill="var(--ink)"
                            >
                                {props.marks(mm)}
                            </text>
                        </>
                    )}
                </g>
            ))}
        </svg>
    )
}

/** A cup of which nothing is known: filled as deep as it is wide. */
export function UnknownCupDrawing({ ml, scale }: { ml: number; scale: number }): ReactNode {
    const side = ((4000 * ml) / Math.PI) ** (1 / 3) * scale
    return (
        <svg width={side + 10} height={side * 1.35 + 10} aria-hidden="true" className="block">
            <rect x="5" y={5 + side * 0.35} width={side} height={side} fill="url(#gloss)" />
            <path
                d={`M5 5 V${5 + side * 1.35} H${5 + side} V5`}
                fill="none"
                stroke="var(--ink)"
                strokeWidth="1.75"
                strokeDasharray="4 3"
            />
        </svg>
    )
}
