import { Head, Link, router } from '@inertiajs/react'
import { DownloadSimpleIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { LinkButton } from '../../controls/Button'
import { Field } from '../../controls/Field'
import { boxOf } from '../../drawings/OutlineDrawing'
import { PieceTile, type ListedPiece } from './PieceTile'
import * as words from '@words/pieces'

interface ListedPlan {
    id: number
    name: string
    /** All that were found, not only those that are shown. */
    count: number
    page: number
    pages: number
    pieces: ListedPiece[]
}

export interface Props {
    plans: ListedPlan[]
    find: string
    /** The one plan that is looked through; null for all. */
    plan: number | null
    /** What is shown was taken away. */
    away: boolean
    away_count: number
}

/** More pieces than this are looked for by name. */
const MANY = 20

/** All pieces, drawn to one scale as they would lie side by side. */
export default function Pieces(props: Props): ReactNode {
    const { plans, away } = props
    const shown = plans.filter((plan, index) => (index === 0 && !away && props.find === '') || plan.count > 0)
    const many = plans.reduce((sum, plan) => sum + plan.count, 0) > MANY || props.find !== ''
    return (
        <div className="flex-1 px-4 py-6 sm:px-8">
            <Head title={words.pieces} />
            <div className="flex flex-wrap items-end justify-between gap-4">
                <h1 className="figure text-4xl">{away ? words.takenAway : words.pieces}</h1>
                <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
                    {many && <Find find={props.find} away={away} />}
                    {away ? (
                        <LinkButton href="/pieces">{words.toThePieces}</LinkButton>
                    ) : (
                        <LinkButton href="/pieces/new" look="next" className="min-w-44">
                            {words.takeInAPiece}
                        </LinkButton>
                    )}
                </div>
            </div>
            {shown.length === 0 && (
                <p className="py-6 text-lg text-soft">
                    {props.find === '' ? words.nothingWasTakenAway : words.noPieceIsCalledAnythingLike(props.find)}
                </p>
            )}
            {shown.map((plan) => (
                <Plan key={plan.id} plan={plan} away={away} find={props.find} />
            ))}
            {!away && props.away_count > 0 && (
                <p className="mt-10 border-t pt-2 ruled">
                    <Link href="/pieces?away=1" className="underline underline-offset-4">
                        {words.wereTakenAway(props.away_count)}
                    </Link>
                </p>
            )}
        </div>
    )
}

function Find({ find, away }: { find: string; away: boolean }): ReactNode {
    const [wanted, setWanted] = useState(find)
    return (
        <form
            role="search"
            onSubmit={(event) => {
                event.preventDefault()
                router.get('/pieces', {
                    ...(wanted.trim() === '' ? {} : { find: wanted }),
                    ...(away ? { away: 1 } : {}),
                })
            }}
        >
            <Field label={words.findAPieceByItsName} value={wanted} onChange={setWanted} className="w-64" />
        </form>
    )
}

function Plan({ plan, away, find }: { plan: ListedPlan; away: boolean; find: string }): ReactNode {
    const longest = Math.max(...plan.pieces.map((piece) => Math.max(...boxOf(piece.drawing))))
    return (
        <section className="mt-6">
            <div className="flex items-baseline justify-between border-b ruled pb-1">
                <h2 className="text-lg font-bold">
                    {plan.name}
                    {plan.pages > 1 && <span className="font-normal text-soft">{words.soManyPieces(plan.count)}</span>}
                </h2>
                <a
                    href={`/plans/${plan.id}/file`}
                    className="inline-flex min-h-9 items-center gap-2 underline underline-offset-4"
                >
                    <DownloadSimpleIcon size={18} /> {words.planFile}
                </a>
            </div>
            {plan.pieces.length === 0 ? (
                <p className="py-6 text-lg text-soft">{words.noPieceYetTakeOneInItsSizeAndItsEdge}</p>
            ) : (
                <ul className="flex flex-wrap gap-x-8 gap-y-8 pt-6">
                    {plan.pieces.map((piece) => (
                        <PieceTile key={piece.id} piece={piece} longest={longest} away={away} />
                    ))}
                </ul>
            )}
            {plan.pages > 1 && (
                <nav aria-label={words.pagesOf(plan.name)} className="mt-6 flex items-center gap-6">
                    {plan.page > 1 && (
                        <Page plan={plan} page={plan.page - 1} find={find} away={away} word={words.before} />
                    )}
                    <span className="text-soft">{words.pageOf(plan.page, plan.pages)}</span>
                    {plan.page < plan.pages && (
                        <Page plan={plan} page={plan.page + 1} find={find} away={away} word={words.more} />
                    )}
                </nav>
            )}
        </section>
    )
}

function Page(props: { plan: ListedPlan; page: number; find: string; away: boolean; word: string }): ReactNode {
    const query = new URLSearchParams({
        plan: String(props.plan.id),
        page: String(props.page),
        ...(props.find === '' ? {} : { find: props.find }),
        ...(props.away ? { away: '1' } : {}),
    })
    return (
        <Link href={`/pieces?${query}`} className="inline-flex min-h-11 items-center underline underline-offset-4">
            {props.word}
        </Link>
    )
}
