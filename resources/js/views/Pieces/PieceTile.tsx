import { Link, router } from '@inertiajs/react'
import { useState, type ReactNode } from 'react'
import { boxOf, OutlineDrawing } from '../../drawings/OutlineDrawing'
import { PhaseWord } from '../../drawings/phases'
import { useServerNow } from '../../lib/clock'
import { moment, shortDay, sizeOf } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { phaseOf } from '../../lib/pour'
import { surfaceWord } from '../../lib/words'
import type { PieceRow, PourState } from '../../types/page'
import * as words from '@words/pieces'

export interface ListedPiece extends PieceRow {
    pours: PourState[]
    last_poured_at: number | null
    coats: { id: number; kind: string; resin: string }[]
}

/** One piece as it would lie there, with what is on it. */
export function PieceTile({
    piece,
    longest,
    away,
}: {
    piece: ListedPiece
    longest: number
    /** It was taken away. */
    away: boolean
}): ReactNode {
    const units = useUnits()
    const now = useServerNow()
    const [w, h] = boxOf(piece.drawing)
    const coat = piece.coats[0]
    const pour = piece.pours[0]
    const size = sizeOf(piece.drawing, units)
    const [wetUntil, setWetUntil] = useState<number | null>(null)
    const takeAway = (allTheSame: boolean): void =>
        router.delete(`/pieces/${piece.id}`, {
            data: { all_the_same: allTheSame },
            preserveScroll: true,
            onError: (errors) => setWetUntil(Number(errors.away_until ?? 0)),
        })
    return (
        <li className="w-52">
            <Link
                href={
                    away
                        ? `/pieces/${piece.id}/history`
                        : pour
                          ? `/pours/${pour.id}`
                          : coat
                            ? `/coats/${coat.id}`
                            : `/pieces/${piece.id}`
                }
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
                <span className="mt-2 block text-lg leading-tight font-bold group-hover:underline">
                    {piece.name}
                    {piece.twin === true && <span className="font-normal text-soft"> {words.numbered(piece.id)}</span>}
                </span>
            </Link>
            <p className="text-sm text-soft">
                {size}, {surfaceWord(piece.spec.surface).toLowerCase()}
                {(piece.spec.quantity ?? 1) > 1 && words.alike(piece.spec.quantity ?? 1)}
            </p>
            <p className="mt-1 min-h-7">
                {pour ? (
                    pour.poured_at === null ? (
                        words.beingPoured
                    ) : (
                        <PhaseWord phase={phaseOf(pour, now).phase} />
                    )
                ) : (
                    <span className="text-soft">
                        {piece.last_poured_at === null
                            ? words.notPouredYet
                            : words.lastPoured(shortDay(piece.last_poured_at))}
                    </span>
                )}
            </p>
            <p className="mt-1 flex gap-3 text-sm whitespace-nowrap">
                {!away && (
                    <Link
                        href={`/pieces/${piece.id}`}
                        aria-label={words.measuresOf(piece.name)}
                        className="inline-flex min-h-8 items-center underline underline-offset-4"
                    >
                        {words.measures}
                    </Link>
                )}
                <Link
                    href={`/pieces/${piece.id}/history`}
                    aria-label={words.lookBackAt(piece.name)}
                    className="inline-flex min-h-8 items-center underline underline-offset-4"
                >
                    {words.lookBack}
                </Link>
                {away ? (
                    <button
                        type="button"
                        aria-label={words.bringBack(piece.name)}
                        className="min-h-8 font-semibold text-act underline underline-offset-4"
                        onClick={() => router.post(`/pieces/${piece.id}/restore`)}
                    >
                        {words.bringBackShort}
                    </button>
                ) : (
                    <button
                        type="button"
                        aria-label={words.takeAway(piece.name)}
                        className="min-h-8 underline underline-offset-4"
                        onClick={() => takeAway(false)}
                    >
                        {words.takeAwayShort}
                    </button>
                )}
            </p>
            {wetUntil !== null && (
                <div role="alert" className="mt-1 rounded bg-kraft px-2 py-1 text-sm text-kraft-ink">
                    {words.wetResinIsOnIt}
                    {wetUntil > 0 && words.until(moment(wetUntil, now))}
                    {words.itStaysInSightTillThen}{' '}
                    <button
                        type="button"
                        className="min-h-8 underline underline-offset-4"
                        onClick={() => takeAway(true)}
                    >
                        {words.takeItAwayAllTheSame}
                    </button>
                </div>
            )}
        </li>
    )
}
