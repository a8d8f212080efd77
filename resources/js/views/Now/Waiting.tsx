import { Link } from '@inertiajs/react'
import type { ReactNode } from 'react'
import { boxOf, OutlineDrawing } from '../../drawings/OutlineDrawing'
import { sizeOf } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { PieceRow } from '../../types/page'
import * as words from '@words/now'

/** What is planned and not poured, drawn to one scale. */
export function Waiting({ pieces }: { pieces: (PieceRow & { coat_id: number })[] }): ReactNode {
    const units = useUnits()
    const longest = Math.max(...pieces.map((piece) => Math.max(...boxOf(piece.drawing))))
    return (
        <section className="mt-auto px-4 pt-8 pb-6 sm:px-8">
            <h2 className="border-b ruled pb-1 text-lg font-bold">{words.plannedNotOnTheBench}</h2>
            <ul className="flex flex-wrap items-end gap-x-10 gap-y-4 pt-4">
                {pieces.map((piece) => (
                    <li key={piece.coat_id}>
                        <Link href={`/coats/${piece.coat_id}`} className="group block">
                            <OutlineDrawing
                                drawing={piece.drawing}
                                coatedEdges={piece.spec.coated_edges ?? 'none'}
                                size={Math.max(22, (Math.max(...boxOf(piece.drawing)) / longest) * 120)}
                            />
                            <span className="block pt-1 group-hover:underline">{piece.name}</span>
                            {piece.twin === true && (
                                <span className="block text-sm text-soft">
                                    {words.numberAndSize(piece.id, sizeOf(piece.drawing, units))}
                                </span>
                            )}
                        </Link>
                    </li>
                ))}
            </ul>
        </section>
    )
}
