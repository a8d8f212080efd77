import { router } from '@inertiajs/react'
import { DownloadSimpleIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Sheet } from '../../controls/Sheet'

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
                            {plan.name}, {plan.pieces === 1 ? 'one piece' : `${plan.pieces} pieces`}
                            {plan.away && ', put away'}
                        </span>
                        <span className="flex gap-x-4">
                            {!plan.own && !plan.away && (
                                <Word
                                    label={`Put ${plan.name} away`}
                                    word="Put away"
                                    onPress={() => router.post(`/plans/${plan.id}/away`)}
                                />
                            )}
                            {plan.away && (
                                <>
                                    <Word
                                        label={`Bring ${plan.name} back`}
                                        word="Bring back"
                                        onPress={() => router.post(`/plans/${plan.id}/back`)}
                                    />
                                    <Word
                                        label={`Remove ${plan.name}`}
                                        word="Remove"
                                        onPress={() => {
                                            setSentence('')
                                            setRemoving(plan)
                                        }}
                                    />
                                </>
                            )}
                            <a
                                href={`/plans/${plan.id}/file`}
                                aria-label={`Save the plan file of ${plan.name}`}
                                className="inline-flex min-h-11 items-center gap-2 underline underline-offset-4"
                            >
                                <DownloadSimpleIcon size={18} /> Save
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
                    <DownloadSimpleIcon size={18} /> Save the journal: all that happened at the bench, a line each
                </a>
            </p>
            <Sheet
                open={removing !== null}
                onClose={() => setRemoving(null)}
                title={`Remove ${removing?.name ?? ''} for good?`}
            >
                <p>Its pieces and coats go with it. What was poured of it stays in the log. Save its file first.</p>
                {sentence !== '' && <p className="font-semibold text-danger">{sentence}</p>}
                <div className="mt-4 flex justify-end gap-3">
                    <Button onClick={() => setRemoving(null)}>Keep it</Button>
                    <Button
                        onClick={() =>
                            router.delete(`/plans/${removing?.id ?? 0}`, {
                                onSuccess: () => setRemoving(null),
                                onError: (errors) => setSentence(errors.form ?? ''),
                            })
                        }
                    >
                        Remove it
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
