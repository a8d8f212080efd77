import type { ReactNode } from 'react'
import { clamped } from './linear'
import type { BatchFigures } from '../types/mixing'
import * as texts from '@words/drawings'

/** Room that the words under the lane take. */
const EMPTY_WIDE = 100
const HOT_WIDE = 60

interface Props {
    batch: BatchFigures
    untilMin: number
    width: number
    height: number
}

/** How long a batch lasts in its cup, as a film that sets: from the end of the mixing to the right. */
export function PotLane({ batch, untilMin, width, height }: Props): ReactNode {
    const x = clamped([0, untilMin], [0, width])
    // near a runaway the two moments fall together, and may be told in either order by a hair
    const pot = batch.pot_life_min ?? untilMin
    const spread = Math.min(pot, batch.spread_until_min ?? untilMin)
    const late = batch.emptied_min > spread
    const empty = x(batch.emptied_min)
    const emptyEnds = empty > width - EMPTY_WIDE
    const hot = batch.hot_min !== null && batch.hot_min < untilMin ? x(batch.hot_min) : null
    // its words stand on the side where the other words are not
    const hotEnds = hot !== null && (hot > width - HOT_WIDE || (!emptyEnds && hot < empty))
    const crowded = hot !== null && !hotEnds && hot > empty && hot < empty + EMPTY_WIDE
    return (
        <svg width={width} height={height + 20} aria-hidden="true" className="block overflow-visible">
            <rect x="0" y="0" width={x(spread)} height={height} fill="url(#phase-wet)" />
            <rect x={x(spread)} y="0" width={x(pot) - x(spread)} height={height} fill="url(#phase-tacky)" />
            <rect x={x(pot)} y="0" width={Math.max(0, width - x(pot))} height={height} fill="url(#phase-hard)" />
            <path d={`M0 0 H${width} V${height} H0 Z`} fill="none" stroke="var(--ink)" />
            {hot !== null && (
                <g>
                    <path d={`M${hot} -4 V${height + 4}`} stroke="var(--danger)" strokeWidth="2.5" />
                    <text
                        x={crowded ? empty + EMPTY_WIDE : hot + (hotEnds ? -4 : 4)}
                        y={emptyEnds && hotEnds ? -4 : height + 15}
                        textAnchor={hotEnds ? 'end' : 'start'}
                        className="text-[11px] font-semibold"
                        fill="var(--danger)"
                    >
                        60 °C
                    </text>
                </g>
            )}
            <path d={`M${empty} ${height + 3} l-5 9 h10 z`} fill={late ? 'var(--danger)' : 'var(--act)'} />
            <text
                x={empty + (emptyEnds ? -8 : 8)}
                textAnchor={emptyEnds ? 'end' : 'start'}
                y={height + 15}
                className="text-[12px] font-semibold"
                fill={late ? 'var(--danger)' : 'var(--ink)'}
            >
                {texts.emptyAt(Math.round(batch.emptied_min))}
            </text>
        </svg>
    )
}
