import { Link } from '@inertiajs/react'
import type { ReactNode } from 'react'
import { LinkButton } from '../../controls/Button'
import { StagePage } from '../../controls/Stages'
import { Traced } from '../../controls/TraceSheet'
import { day } from '../../lib/format'
import { ask } from '../../lib/http'
import type { Trace } from '../../types/answer'
import type { PieceRow, PlannedAndUsed, PourState } from '../../types/page'
import { PourRecord } from './PourRecord'
import * as words from '@words/lookBack'

export interface Props {
    piece: PieceRow & { coat_id: number | null; next_coat_id: number | null }
    pours: (PourState & PlannedAndUsed)[]
    page: number
    pages: number
}

/** Every pour of a piece, what was planned beside what it took. */
export default function LookBack({ piece, pours, page, pages }: Props): ReactNode {
    const setting = pours.find((pour) => pour.off_at === null && (pour.handle_at === null || pour.handle_at > pour.now))
    return (
        <StagePage
            title={piece.name}
            at="look-back"
            way={{ pieceId: piece.id, coatId: piece.coat_id, pourId: setting?.id ?? null }}
            back={
                <LinkButton href="/pieces" look="quiet">
                    {words.pieces}
                </LinkButton>
            }
            forward={
                piece.coat_id === null ? null : (
                    <LinkButton href={`/coats/${piece.next_coat_id ?? piece.coat_id}`} look="next" className="min-w-44">
                        {piece.next_coat_id === null ? words.planAnotherPour : words.planTheNextCoat}
                    </LinkButton>
                )
            }
        >
            <div className="mx-auto w-full max-w-5xl p-4 sm:p-8">
                {pours.length === 0 && <p className="text-lg">{words.nothingHasBeenPouredOnThisPieceYet}</p>}
                <ol className="divide-y divide-line">
                    {pours.map((pour) => (
                        <li key={pour.id} className="grid gap-6 py-5 first:pt-0 sm:grid-cols-[1fr_16rem]">
                            <Traced fetchTrace={(figure) => ask<Trace>('GET', `/pours/${pour.id}/trace/${figure}`)}>
                                <PourRecord pour={pour} />
                            </Traced>
                            {pour.photo !== null && (
                                <a href={pour.photo}>
                                    <img
                                        src={pour.photo}
                                        alt={words.pouredOn(piece.name, day(pour.started_at))}
                                        className="max-h-52 w-full border border-line object-cover"
                                    />
                                </a>
                            )}
                        </li>
                    ))}
                </ol>
                {pages > 1 && (
                    <nav aria-label={words.olderAndNewerPours} className="flex items-center gap-6 border-t pt-3 ruled">
                        {page > 1 && (
                            <Link
                                href={`/pieces/${piece.id}/history?page=${page - 1}`}
                                className="underline underline-offset-4"
                            >
                                {words.newer}
                            </Link>
                        )}
                        <span className="text-soft">{words.pageOf(page, pages)}</span>
                        {page < pages && (
                            <Link
                                href={`/pieces/${piece.id}/history?page=${page + 1}`}
                                className="underline underline-offset-4"
                            >
                                {words.older}
                            </Link>
                        )}
                    </nav>
                )}
            </div>
        </StagePage>
    )
}
