import type { ReactNode } from 'react'
import * as words from '@words/drawings'
import { GROUND, HEIGHT, type SectionModel, type SectionProps } from './sectionModel'

/** How large it is, and how much thicker films are drawn. */
export function SectionWords({ model, ...props }: SectionProps & { model: SectionModel }): ReactNode {
    const { narrow, rim, left, factor, bottom, detail, running, round } = model
    return (
        <g className="text-[12px]" fill="var(--ink-soft)">
            {props.edgeDepthMm > 0 && !narrow && !detail && !round && (
                <>
                    <path
                        d={`M${rim - 8} ${GROUND} h14 M${rim - 8} ${bottom} h14 M${rim + 2} ${GROUND} V${bottom}`}
                        stroke="var(--line)"
                        strokeWidth="1.25"
                        fill="none"
                    />
                    <text x={rim + 12} y={Math.max(GROUND + 18, (GROUND + bottom) / 2 + 4)}>
                        {words.edge(props.sayLength(props.edgeDepthMm))}
                    </text>
                </>
            )}
            <text x={running === null ? left : left + 20} y={HEIGHT - 6}>
                {words.longestSideDrawn(
                    props.sayLength(props.pieceMm),
                    factor < 10 ? factor.toFixed(1) : Math.round(factor),
                )}
                {props.faceDown &&
                    (props.hangs ? words.asItWillHangItsFaceUp : words.itLiesFaceDownWhatIsLowestHereBecomes)}
            </text>
        </g>
    )
}

/** The film at hand, in figures beside its surface. */
export function FilmFigure({ model, text }: { model: SectionModel; text: string }): ReactNode {
    const { narrow, rim, right, top, figureAt } = model
    return (
        <g pointerEvents="none">
            {!narrow && (
                <path
                    d={`M${right + 4} ${top} H${rim - 4} L${rim + 8} ${figureAt - 9}`}
                    fill="none"
                    stroke="var(--ink)"
                    strokeWidth="1.25"
                />
            )}
            <text
                x={narrow ? right : rim + 14}
                y={figureAt}
                textAnchor={narrow ? 'end' : 'start'}
                className={`figure ${narrow ? 'text-[20px]' : 'text-[26px]'}`}
                fill="var(--ink)"
                stroke="var(--bench)"
                strokeWidth="5"
                paintOrder="stroke"
            >
                {text}
            </text>
        </g>
    )
}

/** What fills a face that drinks, and coats below. */
export function Patterns(): ReactNode {
    return (
        <defs>
            <pattern id="soak" width="6" height="7" patternUnits="userSpaceOnUse">
                <path d="M1 0 v4 M4 0 v6" stroke="var(--resin-edge)" strokeWidth="1.4" />
            </pattern>
            <pattern id="below" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                <rect width="6" height="6" fill="var(--resin-light)" />
                <path d="M0 0 v6" stroke="var(--resin-edge)" strokeWidth="0.8" opacity="0.55" />
            </pattern>
        </defs>
    )
}
