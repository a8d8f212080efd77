import { router } from '@inertiajs/react'
import { useState, type ComponentProps, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Field } from '../../controls/Field'
import { StaleStrip } from '../../controls/StaleStrip'
import { useAttempt } from '../../lib/attempt'
import { ask, type Read } from '../../lib/http'
import type { Sentences } from '../../types/page'
import type { ShelfSupply } from './types'
import * as words from '@words/shelf'

interface Keeping {
    /** What the server refused, by field. */
    sentences: Sentences
    setSentences: (sentences: Sentences) => void
    /** Sends it, and says at its fields what was refused. */
    keep: () => void
    /** Runs it once more, over what somebody else changed meanwhile; null where nobody did. */
    keepMine: (() => void) | null
}

/**
 * Keeps an entry of the shelf, or says what is wrong with it.
 *
 * @param send sends what is typed now; it is handed the version that it may write over.
 */
export function useKeeping(send: (over: number) => Promise<void>): Keeping {
    const { sentences, setSentences, attempt, theirs } = useAttempt()
    return {
        sentences,
        setSentences,
        keep: () => void attempt(() => send(0)),
        keepMine: theirs === null ? null : () => void attempt(() => send(theirs)),
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

/** A form of the shelf: Enter keeps it. */
export function KeepForm({ keeping, children }: { keeping: Keeping; children: ReactNode }): ReactNode {
    return (
        <form
            className="space-y-4"
            onSubmit={(event) => {
                event.preventDefault()
                keeping.keep()
            }}
        >
            {children}
        </form>
    )
}

interface TypedFields {
    typed: Record<string, string>
    put: (key: string, value: string) => void
    /** The input of one of them, with what was refused of it; a number where it has a unit. */
    field: (keeping: Keeping, key: string, label: string, more?: Partial<ComponentProps<typeof Field>>) => ReactNode
}

/** The texts of a form by their fields. */
export function useTypedFields(first: Record<string, string>): TypedFields {
    const [typed, setTyped] = useState(first)
    const put = (key: string, value: string): void => setTyped((others) => ({ ...others, [key]: value }))
    return {
        typed,
        put,
        field: (keeping, key, label, more = {}) => (
            <Field
                label={label}
                value={typed[key] ?? ''}
                inputMode={more.unit === undefined ? 'text' : 'decimal'}
                sentence={keeping.sentences[key]}
                onChange={(value) => put(key, value)}
                {...more}
            />
        ),
    }
}

/** What is wrong with a form as a whole. */
export function KeepProblem({ keeping }: { keeping: Keeping }): ReactNode {
    const sentence = keeping.sentences.form
    if (keeping.keepMine !== null) return <StaleStrip sentence={sentence} onMine={keeping.keepMine} />
    return sentence !== undefined && <p className="font-semibold text-danger">{sentence}</p>
}

/** The foot of a form of the shelf. */
export function KeepRow({ supply, keeping }: { supply: ShelfSupply | null; keeping: Keeping }): ReactNode {
    return (
        <>
            <KeepProblem keeping={keeping} />
            <div className="flex justify-between gap-3">
                {supply === null ? (
                    <span />
                ) : (
                    <Button
                        onClick={() => router.delete(`/shelf/supplies/${supply.id}`, { onError: keeping.setSentences })}
                    >
                        {words.takeItAway}
                    </Button>
                )}
                <Button look="next" type="submit" className="min-w-32">
                    {words.keep}
                </Button>
            </div>
        </>
    )
}
