import { Head, Link, router } from '@inertiajs/react'
import { DownloadSimpleIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import { LinkButton } from '../../controls/Button'
import { boxOf, OutlineDrawing } from '../../drawings/OutlineDrawing'
import { PhaseWord } from '../../drawings/phases'
import { useServerNow } from '../../lib/clock'
import { shortDay, sizeOf } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { phaseOf } from '../../lib/pour'
import { surfaceWord } from '../../lib/words'
import type { PieceRow, PourState } from '../../types/page'

interface ListedPiece extends PieceRow {
    pours: PourState[]
    last_poured_at: number | null
    coats: { id: number; kind: string; resin: string }[]
}

interface Props {
    plans: { id: number; name: string; pieces: ListedPiece[] }[]
}

/** All pieces, drawn to one scale as they would lie side by side. */
export default function Pieces({ plans }: Props): ReactNode {
    const shown = plans.filter((plan, index) => index === 0 || plan.pieces.length > 0)
    return (
        <div className="flex-1 px-4 py-6 sm:px-8">
            <Head title="Pieces" />
            <div className="flex flex-wrap items-end justify-between gap-4">
                <h1 className="figure text-4xl">Pieces</h1>
                <LinkButton href="/pieces/new" look="next" className="min-w-44">
                    Take in a piece
                </LinkButton>
            </div>
            {shown.map((plan) => (
                <section key={plan.id} className="mt-6">
                    <div className="flex items-baseline justify-between border-b ruled pb-1">
                        <h2 className="text-lg font-bold">{plan.name}</h2>
                        <a
                            href={`/plans/${plan.id}/file`}
                            className="inline-flex min-h-9 items-center gap-2 underline underline-offset-4"
                        >
                            <DownloadSimpleIcon size={18} /> Plan file
                        </a>
                    </div>
                    {plan.pieces.length === 0 ? (
                        <p className="py-6 text-lg text-soft">
                            No piece yet. Take one in: its size and its edge are enough.
                        </p>
                    ) : (
                        <Shelf pieces={plan.pieces} />
                    )}
                </section>
            ))}
        </div>
    )
}

function Shelf({ pieces }: { pieces: ListedPiece[] }): ReactNode {
    const longest = Math.max(...pieces.map((piece) => Math.max(...boxOf(piece.drawing))))
    return (
        <ul className="flex flex-wrap gap-x-8 gap-y-8 pt-6">
            {pieces.map((piece) => (
                <Piece key={piece.id} piece={piece} longest={longest} />
            ))}
        </ul>
    )
}

function Piece({ piece, longest }: { piece: ListedPiece; longest: number }): ReactNode {
    const units = useUnits()
    const now = useServerNow()
    const [w, h] = boxOf(piece.drawing)
    const coat = piece.coats[0]
    const pour = piece.pours[0]
    const size = sizeOf(piece.drawing, units)
    return (
        <li className="w-52">
            <Link
                href={pour ? `/pours/${pour.id}` : coat ? `/coats/${coat.id}` : `/pieces/${piece.id}`}
                className="group block"
            >
                <span className="flex min-h-42 items-end">
                    <OutlineDrawing
                        drawing={piece.drawing}
                        coatedEdges={piece.spec.coated_edges ?? 'none'}
                        size={Math.max(26, (Math.max(w, h) / longest) * 156)}
                        glossy={pour !== undefined}
                    />
                </span>
                <span className="mt-2 block text-lg leading-tight font-bold group-hover:underline">{piece.name}</span>
            </Link>
            <p className="text-sm text-soft">
                {size}, {surfaceWord(piece.spec.surface).toLowerCase()}
                {(piece.spec.quantity ?? 1) > 1 && `, ${piece.spec.quantity} alike`}
            </p>
            <p className="mt-1 min-h-7">
                {pour ? (
                    pour.poured_at === null ? (
                        'Being poured'
                    ) : (
                        <PhaseWord phase={phaseOf(pour, now).phase} />
                    )
                ) : (
                    <span className="text-soft">
                        {piece.last_poured_at === null
                            ? 'Not poured yet'
                            : `Last poured ${shortDay(piece.last_poured_at)}`}
                    </span>
                )}
            </p>
            <p className="mt-1 flex gap-3 text-sm whitespace-nowrap">
                <Link
                    href={`/pieces/${piece.id}`}
                    aria-label={`Measures of ${piece.name}`}
                    className="inline-flex min-h-8 items-center underline underline-offset-4"
                >
                    Measures
                </Link>
                <Link
                    href={`/pieces/${piece.id}/history`}
                    aria-label={`Look back at ${piece.name}`}
                    className="inline-flex min-h-8 items-center underline underline-offset-4"
                >
                    Look back
                </Link>
                <button
                    type="button"
                    aria-label={`Take away ${piece.name}`}
                    className="min-h-8 underline underline-offset-4"
                    onClick={() => router.delete(`/pieces/${piece.id}`)}
                >
                    Take away
                </button>
            </p>
        </li>
    )
}
