import { router } from '@inertiajs/react'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { StaleStrip } from '../../controls/StaleStrip'
import { ask, Refused, type Read } from '../../lib/http'
import type { Sentences } from '../../types/page'
import type { ShelfSupply } from './types'

interface Keeping {
    /** What the server refused, by field. */
    sentences: Sentences
    setSentences: (sentences: Sentences) => void
    /** Runs what keeps it, and says at its fields what was refused; the job is handed what it may write over. */
    keep: (job: (over: number) => Promise<void>) => Promise<void>
    /** Runs it once more, over what somebody else changed meanwhile; null where nobody did. */
    keepMine: (() => void) | null
}

/** Keeps an entry of the shelf, or says what is wrong with it. */
export function useKeeping(): Keeping {
    const [sentences, setSentences] = useState<Sentences>({})
    const [stale, setStale] = useState<{ version: number; job: (over: number) => Promise<void> } | null>(null)
    const keep = async (job: (over: number) => Promise<void>, over = 0): Promise<void> => {
        setStale(null)
        try {
            await job(over)
        } catch (problem) {
            if (problem instanceof Refused && problem.version !== null) setStale({ version: problem.version, job })
            setSentences(problem instanceof Refused ? problem.sentences : { form: 'The studio cannot be reached.' })
        }
    }
    return {
        sentences,
        setSentences,
        keep: (job) => keep(job),
        keepMine: stale === null ? null : () => void keep(stale.job, stale.version),
    }
}

/** A new entry, or a changed one. */
export function sendSupply(
    list: string,
    supply: ShelfSupply | null,
    sheet: Record<string, unknown>,
    over: number,
): Promise<ShelfSupply> {
    return supply === null
        ? ask<ShelfSupply>('POST', `/shelf/${list}`, sheet)
        : ask<ShelfSupply>('PUT', `/shelf/supplies/${supply.id}`, { ...sheet, read: newer(supply.read, over) })
}

/** The versions that were read, and the one that may be written over. */
export function newer(read: Read, over: number): Read {
    return Object.fromEntries(Object.entries(read).map(([kind, version]) => [kind, Math.max(version, over)]))
}

/** What was typed, what is empty as taken away. */
export function emptied(typed: Record<string, string>): Record<string, string | null> {
    return Object.fromEntries(Object.entries(typed).map(([key, value]) => [key, value.trim() === '' ? null : value]))
}

/** The foot of a form of the shelf. */
export function KeepRow({ supply, keeping }: { supply: ShelfSupply | null; keeping: Keeping }): ReactNode {
    return (
        <>
            {keeping.keepMine !== null && <StaleStrip sentence={keeping.sentences.form} onMine={keeping.keepMine} />}
            {keeping.keepMine === null && keeping.sentences.form !== undefined && (
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
