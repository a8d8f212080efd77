import { router } from '@inertiajs/react'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { ask, Refused } from '../../lib/http'
import type { Sentences } from '../../types/page'
import type { ShelfSupply } from './types'

interface Keeping {
    /** What the server refused, by field. */
    sentences: Sentences
    setSentences: (sentences: Sentences) => void
    /** Runs what keeps it, and says at its fields what was refused. */
    keep: (job: () => Promise<void>) => Promise<void>
}

/** Keeps an entry of the shelf, or says what is wrong with it. */
export function useKeeping(): Keeping {
    const [sentences, setSentences] = useState<Sentences>({})
    const keep = async (job: () => Promise<void>): Promise<void> => {
        try {
            await job()
        } catch (problem) {
            setSentences(problem instanceof Refused ? problem.sentences : { form: 'The studio cannot be reached.' })
        }
    }
    return { sentences, setSentences, keep }
}

/** A new entry, or a changed one. */
export function sendSupply(list: string, supply: ShelfSupply | null, sheet: unknown): Promise<ShelfSupply> {
    return supply === null
        ? ask<ShelfSupply>('POST', `/shelf/${list}`, sheet)
        : ask<ShelfSupply>('PUT', `/shelf/supplies/${supply.id}`, sheet)
}

/** What was typed, what is empty as taken away. */
export function emptied(typed: Record<string, string>): Record<string, string | null> {
    return Object.fromEntries(Object.entries(typed).map(([key, value]) => [key, value.trim() === '' ? null : value]))
}

/** The foot of a form of the shelf. */
export function KeepRow({ supply, keeping }: { supply: ShelfSupply | null; keeping: Keeping }): ReactNode {
    return (
        <>
            {keeping.sentences.form !== undefined && (
                <p className="font-semibold text-danger">{keeping.sentences.form}</p>
            )}
            <div className="flex justify-between gap-3">
                {supply === null ? (
                    <span />
                ) : (
                    <Button
                        onClick={() => router.delete(`/shelf/supplies/${supply.id}`, { onError: keeping.setSentences })}
                    >
                        Take it away
                    </Button>
                )}
                <Button look="next" type="submit" className="min-w-32">
                    Keep
                </Button>
            </div>
        </>
    )
}
