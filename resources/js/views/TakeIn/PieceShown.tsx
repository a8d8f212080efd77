import { type ReactNode } from 'react'
import { OutlineDrawing } from '../../drawings/OutlineDrawing'
import { area, joined, length, volume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { PieceFigures } from '../../types/answer'
import type { Drawing } from '../../types/page'
import type { PieceSpec, SideName } from '../../types/plan'
import { SizeAnswer } from './SizeAnswer'
import * as words from '@words/takeIn'

interface Props {
    figures: PieceFigures | null
    drawing: Drawing
    edges: PieceSpec['coated_edges']
    /** Coats a side, or leaves it bare; null where it has no sides. */
    onSide: ((side: SideName) => void) | null
}

/** The piece as it is typed, with what is to be coated. */
export function PieceShown({ figures, drawing, edges, onSide }: Props): ReactNode {
    const units = useUnits()
    return (
        <div className="flex flex-col items-center justify-center gap-5 p-4 sm:p-8">
            <OutlineDrawing
                drawing={drawing}
                coatedEdges={edges ?? 'none'}
                size={figures === null ? 280 : 350}
                dimensions={
                    figures === null || drawing.by === 'count' || drawing.by === 'water'
                        ? null
                        : {
                              width: (drawing.round ? '⌀ ' : '') + joined(length(drawing.width_mm, units)),
                              height: joined(length(drawing.height_mm, units)),
                          }
                }
                {...(onSide === null ? {} : { onSide })}
            />
            {figures === null ? (
                <p className="max-w-sm text-center text-lg text-soft">{words.typeItsSizeAsYouWouldSayIt}</p>
            ) : (
                <dl className="flex flex-wrap justify-center gap-x-10 gap-y-4 text-center">
                    {figures.area_cm2 !== null && (
                        <SizeAnswer figure="area_cm2" word={words.toCoat} {...area(figures.area_cm2, units)} />
                    )}
                    {figures.coated_edge_mm > 0 && (
                        <SizeAnswer
                            figure="coated_edge_mm"
                            word={words.ofEdgeToCoat}
                            {...length(figures.coated_edge_mm, units)}
                        />
                    )}
                    {figures.holds_ml !== null && drawing.by !== 'body' && (
                        <SizeAnswer figure={null} word={words.itHolds} {...volume(figures.holds_ml, units)} />
                    )}
                    {drawing.by === 'count' && drawing.ml !== null && (
                        <SizeAnswer figure={null} word={words.forEach} {...volume(drawing.ml, units)} />
                    )}
                </dl>
            )}
            {onSide !== null && <p className="text-sm text-soft">{words.pressASideToCoatItOrLeaveItBare}</p>}
        </div>
    )
}
