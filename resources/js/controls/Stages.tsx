import { Head, Link } from '@inertiajs/react'
import type { ReactNode } from 'react'
import * as words from '@words/controls'

export type Stage = 'take-in' | 'coat' | 'mix' | 'pour' | 'finish' | 'look-back'

export interface Way {
    pieceId: number | null
    coatId: number | null
    pourId: string | null
}

const STAGES: { stage: Stage; word: string; href: (way: Way) => string | null }[] = [
    { stage: 'take-in', word: words.takeIn, href: ({ pieceId }) => (pieceId === null ? null : `/pieces/${pieceId}`) },
    { stage: 'coat', word: words.coat, href: ({ coatId }) => (coatId === null ? null : `/coats/${coatId}`) },
    { stage: 'mix', word: words.mix, href: ({ coatId }) => (coatId === null ? null : `/coats/${coatId}/mix`) },
    { stage: 'pour', word: words.pourAndWait, href: ({ pourId }) => (pourId === null ? null : `/pours/${pourId}`) },
    { stage: 'finish', word: words.finish, href: ({ pourId }) => (pourId === null ? null : `/pours/${pourId}/finish`) },
    {
        stage: 'look-back',
        word: words.lookBack,
        href: ({ pieceId }) => (pieceId === null ? null : `/pieces/${pieceId}/history`),
    },
]

interface Props {
    title: string
    at: Stage
    way: Way
    children: ReactNode
    /** What leads on; always at the lower right. */
    forward: ReactNode
    back?: ReactNode
}

/** A page of the work: its piece, the stages in their order, and the way forward at the lower right. */
export function StagePage({ title, at, way, children, forward, back }: Props): ReactNode {
    return (
        <>
            <Head title={title} />
            <div className="no-print flex flex-wrap items-baseline gap-x-6 border-b ruled px-4 sm:px-6">
                <h1 className="figure max-w-full truncate py-2 text-xl leading-normal sm:max-w-[28rem]">{title}</h1>
                <nav aria-label={words.stages} className="-mx-1 flex max-w-full overflow-x-auto [scrollbar-width:none]">
                    {STAGES.map(({ stage, word, href }, index) => {
                        const to = href(way)
                        const text = (
                            <>
                                <span className="text-xs">{index + 1}</span> {word}
                            </>
                        )
                        if (stage === at) {
                            return (
                                <span
                                    key={stage}
                                    aria-current="step"
                                    className="flex min-h-10 items-center gap-1 border-b-3 border-act px-2 font-semibold whitespace-nowrap"
                                >
                                    {text}
                                </span>
                            )
                        }
                        return to === null ? (
                            <span
                                key={stage}
                                className="hidden min-h-10 items-center gap-1 px-2 whitespace-nowrap text-soft sm:flex"
                            >
                                {text}
                            </span>
                        ) : (
                            <Link
                                key={stage}
                                href={to}
                                className="flex min-h-10 items-center gap-1 border-b-3 border-transparent px-2 whitespace-nowrap hover:border-hair"
                            >
                                {text}
                            </Link>
                        )
                    })}
                </nav>
            </div>
            <div className="flex flex-1 flex-col">{children}</div>
            <div className="no-print sticky bottom-0 z-10 flex items-center justify-between gap-3 border-t ruled bg-bench px-4 py-2 sm:px-6">
                <div className="flex min-w-0 items-center gap-3">{back}</div>
                <div className="flex items-center gap-3">{forward}</div>
            </div>
        </>
    )
}
