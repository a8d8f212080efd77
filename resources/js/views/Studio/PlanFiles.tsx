import { router } from '@inertiajs/react'
import { DownloadSimpleIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Sheet } from '../../controls/Sheet'
import * as words from '@words/studio'

export interface PlanFileRow {
    id: number
    name: string
    pieces: number
    /** The studio's own, which stays. */
    own: boolean
    /** It was put away. */
    away: boolean
}

/** The plans of the studio: its own, those that came in files, and those that were put away. */
export function PlanFiles({ plans }: { plans: PlanFileRow[] }): ReactNode {
    const [removing, setRemoving] = useState<PlanFileRow | null>(null)
    const [sentence, setSentence] = useState('')
    return (
        <>
            <ul className="mt-3">
                {plans.map((plan) => (
                    <li key={plan.id} className="flex flex-wrap items-center justify-between gap-x-4 border-b ruled">
                        <span className={plan.away ? 'text-soft' : ''}>
                            {plan.name}, {plan.pieces === 1 ? words.onePiece : words.pieces(plan.pieces)}
                            {plan.away && words.putAway}
                        </span>
                        <span className="flex gap-x-4">
                            {!plan.own && !plan.away && (
                                <Word
                                    label={words.putAwayNamed(plan.name)}
                                    word={words.putAwayShort}
                                    onPress={() => router.post(`/plans/${plan.id}/away`)}
                                />
                            )}
                            {plan.away && (
                                <>
                                    <Word
                                        label={words.bringBack(plan.name)}
                                        word={words.bringBackShort}
                                        onPress={() => router.post(`/plans/${plan.id}/back`)}
                                    />
                                    <Word
                                        label={words.remove(plan.name)}
                                        word={words.removeShort}
                                        onPress={() => {
                                            setSentence('')
                                            setRemoving(plan)
                                        }}
                                    />
                                </>
                            )}
                            <a
                                href={`/plans/${plan.id}/file`}
                                aria-label={words.saveThePlanFileOf(plan.name)}
                                className="inline-flex min-h-11 items-center gap-2 underline underline-offset-4"
                            >
                                <DownloadSimpleIcon size={18} /> {words.save}
                            </a>
                        </span>
                    </li>
                ))}
            </ul>
            <p className="mt-2">
                <a
                    href="/journal/file"
                    className="inline-flex min-h-11 items-center gap-2 underline underline-offset-4"
                >
                    <DownloadSimpleIcon size={18} /> {words.saveTheJournalAllThatHappenedAtThe}
                </a>
            </p>
            <Sheet
                open={removing !== null}
                onClose={() => setRemoving(null)}
                title={words.removeForGood(removing?.name ?? '')}
            >
                <p>{words.itsPiecesAndCoatsGoWithItWhatWasPoured}</p>
                {sentence !== '' && <p className="font-semibold text-danger">{sentence}</p>}
                <div className="mt-4 flex justify-end gap-3">
                    <Button onClick={() => setRemoving(null)}>{words.keepIt}</Button>
                    <Button
                        onClick={() =>
                            router.delete(`/plans/${removing?.id ?? 0}`, {
                                onSuccess: () => setRemoving(null),
                                onError: (errors) => setSentence(errors.form ?? ''),
                            })
                        }
                    >
                        {words.removeIt}
                    </Button>
                </div>
            </Sheet>
        </>
    )
}

function Word({ label, word, onPress }: { label: string; word: string; onPress: () => void }): ReactNode {
    return (
        <button type="button" aria-label={label} className="min-h-11 underline underline-offset-4" onClick={onPress}>
            {word}
        </button>
    )
}
