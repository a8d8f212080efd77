import { useEffect, useState, useSyncExternalStore } from 'react'
import { attempted } from './attempt'
import { begun, isSettled, told, type Draft, type Happening, type Rules } from './draft'
import type { Read } from './http'

/** How the studio is asked. What they throw is refused, or asked again where the studio did not answer. */
export interface Asks<T, S, A> {
    show: (what: T) => Promise<A>
    keep: (what: T, read: Read) => Promise<{ saved: S; answer?: A; read: Read }>
}

const LONGEST_WAIT_MS = 30_000

/** A draft and its questions: one under way at a time, each answered before the next is put. */
export class DraftStore<T, S, A> {
    private draft: Draft<T, S, A>
    private readonly listeners = new Set<() => void>()
    private timer: ReturnType<typeof setTimeout> | null = null

    constructor(
        private readonly rules: Rules<T, S>,
        private readonly asks: Asks<T, S, A>,
        first: Parameters<typeof begun<T, S, A>>[0],
        private readonly soonestAgainMs = 1_000,
    ) {
        this.draft = begun(first)
    }

    readonly look = (): Draft<T, S, A> => this.draft

    readonly subscribe = (changed: () => void): (() => void) => {
        this.listeners.add(changed)
        return () => this.listeners.delete(changed)
    }

    tell(one: Happening<T, S, A>): void {
        const before = this.draft
        this.draft = told(this.rules, before, one)
        if (this.draft.under !== null && this.draft.under !== before.under) void this.put()
        if (this.draft.standing === 'cut-off' && one.what === 'unanswered') this.tryAgainLater()
        for (const changed of this.listeners) changed()
    }

    /** Keeps what is touched; false where it was refused, or the studio does not answer. */
    async flush(): Promise<boolean> {
        this.tell({ what: 'left' })
        if (!isSettled(this.draft)) {
            await new Promise<void>((done) => {
                const stop = this.subscribe(() => {
                    if (!isSettled(this.draft)) return
                    stop()
                    done()
                })
            })
        }
        return this.rules.isNothing(this.draft.touched)
    }

    readonly again = (): void => {
        if (this.draft.standing === 'cut-off') this.tell({ what: 'again' })
    }

    stop(): void {
        if (this.timer !== null) clearTimeout(this.timer)
    }

    private async put(): Promise<void> {
        const question = this.draft.under
        if (question === null) return
        const outcome = await attempted<Happening<T, S, A>>(async () =>
            question.kind === 'show'
                ? { what: 'shown', answer: await this.asks.show(question.what) }
                : { what: 'kept', ...(await this.asks.keep(question.what, this.draft.read)) },
        )
        if (outcome.done) this.tell(outcome.value)
        else if (outcome.isUnreachable) this.tell({ what: 'unanswered' })
        else this.tell({ what: 'refused', sentences: outcome.sentences, version: outcome.version })
    }

    private tryAgainLater(): void {
        this.stop()
        this.timer = setTimeout(this.again, Math.min(LONGEST_WAIT_MS, this.soonestAgainMs * 2 ** this.draft.tries))
    }
}

/** The draft of a page, from when it is opened until it is left. */
export function useDraft<T, S, A>(make: () => DraftStore<T, S, A>): [Draft<T, S, A>, DraftStore<T, S, A>] {
    const [store] = useState(make)
    useEffect(() => {
        window.addEventListener('online', store.again)
        return () => {
            window.removeEventListener('online', store.again)
            store.stop()
        }
    }, [store])
    return [useSyncExternalStore(store.subscribe, store.look), store]
}
