import type { ReactNode } from 'react'
import type { PhaseName } from '../types/answer'
import * as words from '@words/drawings'

/**
 * The film's phases: one word, one pattern, one icon each, the same everywhere. All of them are
 * drawn in ink on resin, so that they read in grey and in print.
 */
export const PHASES: Record<PhaseName, { word: string; means: string }> = {
    wet: { word: words.wet, means: words.itFlowsAndHealsSpreadTorchWipe },
    tacky: { word: words.tacky, means: words.itHoldsAPrintTouchNothing },
    window_open: { word: words.windowOpen, means: words.theNextCoatBondsWithoutSanding },
    window_shut: { word: words.windowShut, means: words.tooLateToCoatTooSoonToSand },
    hard: { word: words.hard, means: words.itCanBeSandedAndCoatedAgain },
    cured: { word: words.cured, means: words.itIsItselfUseIt },
}

export const PHASE_ORDER = Object.keys(PHASES) as PhaseName[]

/** The pattern definitions; once on every page that draws phases, since ids are the document's. */
export function PhasePatterns(): ReactNode {
    const ink = { stroke: 'var(--ink)', fill: 'none', strokeWidth: 1.25 }
    return (
        <svg width="0" height="0" className="absolute" aria-hidden="true">
            <defs>
                <linearGradient id="gloss" x1="0" y1="0" x2="0" y2="1">
                    <stop offset="0" stopColor="var(--resin-light)" />
                    <stop offset="0.35" stopColor="var(--resin)" />
                    <stop offset="1" stopColor="var(--resin-deep)" />
                </linearGradient>
                <linearGradient id="window-light" x1="0" y1="0" x2="1" y2="0">
                    <stop offset="0" stopColor="var(--gloss)" stopOpacity="0.95" />
                    <stop offset="0.5" stopColor="var(--gloss)" stopOpacity="0.5" />
                    <stop offset="1" stopColor="var(--gloss)" stopOpacity="0" />
                </linearGradient>
                <pattern id="phase-wet" width="24" height="8" patternUnits="userSpaceOnUse">
                    <rect width="24" height="8" fill="var(--resin-light)" />
                    <path d="M0 4 q6 -4 12 0 t12 0" {...ink} stroke="var(--resin-ink)" />
                </pattern>
                <pattern id="phase-tacky" width="5" height="5" patternUnits="userSpaceOnUse">
                    <rect width="5" height="5" fill="var(--resin-light)" />
                    <circle cx="1.25" cy="1.25" r="0.95" fill="var(--resin-ink)" />
                    <circle cx="3.75" cy="3.75" r="0.95" fill="var(--resin-ink)" />
                </pattern>
                <pattern id="phase-window_open" width="8" height="8" patternUnits="userSpaceOnUse">
                    <rect width="8" height="8" fill="var(--sheet)" />
                </pattern>
                <pattern id="phase-window_shut" width="10" height="10" patternUnits="userSpaceOnUse">
                    <rect width="10" height="10" fill="var(--sheet)" />
                    <path d="M5 0 v10" stroke="var(--ink)" strokeWidth="2.5" />
                </pattern>
                <pattern
                    id="phase-hard"
                    width="5"
                    height="5"
                    patternUnits="userSpaceOnUse"
                    patternTransform="rotate(45)"
                >
                    <rect width="5" height="5" fill="var(--recess)" />
                    <path d="M0 0 v5" stroke="var(--ink)" strokeWidth="1.6" />
                </pattern>
                <pattern id="phase-cured" width="8" height="8" patternUnits="userSpaceOnUse">
                    <rect width="8" height="8" fill="var(--recess)" />
                </pattern>
            </defs>
        </svg>
    )
}

/** A stretch of a film in one phase. The open window is a clear gap framed by two ticks. */
export function PhaseStretch(props: {
    phase: PhaseName
    x: number
    y: number
    width: number
    height: number
}): ReactNode {
    const { phase, x, y, width, height } = props
    return (
        <g>
            <rect
                x={x}
                y={y}
                width={width}
                height={height}
                fill={`url(#phase-${phase})`}
                stroke="var(--ink)"
                strokeWidth="1"
            />
            {phase === 'window_open' && (
                <path
                    d={`M${x + 1} ${y - 5} v${height + 10} M${x + width - 1} ${y - 5} v${height + 10}`}
                    stroke="var(--ink)"
                    strokeWidth="3"
                />
            )}
        </g>
    )
}

/** The phase as a small sign beside its word. */
export function PhaseIcon({ phase, size = 20 }: { phase: PhaseName; size?: number }): ReactNode {
    return (
        <svg width={size} height={size} viewBox="0 0 20 20" aria-hidden="true" className="shrink-0">
            {phase === 'window_open' ? (
                <path d="M3 2 v16 M17 2 v16" stroke="var(--ink)" strokeWidth="3" />
            ) : (
                <rect
                    x="1"
                    y="3"
                    width="18"
                    height="14"
                    rx={phase === 'wet' ? 7 : 1}
                    fill={`url(#phase-${phase})`}
                    stroke="var(--ink)"
                    strokeWidth="1.4"
                />
            )}
        </svg>
    )
}

export function PhaseWord({ phase }: { phase: PhaseName }): ReactNode {
    return (
        <span className="inline-flex items-center gap-2 whitespace-nowrap">
            <PhaseIcon phase={phase} />
            {PHASES[phase].word}
        </span>
    )
}
