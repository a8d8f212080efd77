import { measuredOffset } from '../clock'
import { nameDevice, newToken } from '../http'
import { keepPage } from '../worker'
import type { PressedKind } from '../../types/generated/journal'
import type { Kept, Press } from './events'
import { send, type Result, type Trouble } from './sender'
import { openStore, type Store } from './store'

/** What pages see of the queue. */
export interface QueueSeen {
    /** What was pressed here and the studio has not heard of, in the order of pressing. */
    waiting: Press[]
    /** What the studio will never take, until it is put away. */
    aside: Kept[]
    trouble: Trouble | null
}

/** A press that a form carries along. */
export interface FormPress {
    id: string
    subject: string
    studio: string
    device: string
    sequence: number
    pressed_ms: number
    offset_ms: number
}

const MOST_AT_ONCE = 50

/** A form waits no longer for what was pressed before it. */
const SENT_WITHIN_MS = 5_000

const PAUSES_MS = [500, 1_000, 2_000, 4_000, 8_000, 15_000, 30_000]

/**
 * All that is pressed at the bench goes through here, under its own name: kept in the device before it is
 * sent, sent in its order, sent again through outages, and set aside only when it can never be taken.
 *
 * Several tabs of one browser share one store; only one of them sends at a time.
 */
export class Queue {
    private seen: QueueSeen = { waiting: [], aside: [], trouble: null }

    /** Presses whose keeping is not confirmed yet. */
    private unkept: Press[] = []

    private kept: Kept[] = []

    private states = new Map<string, unknown>()

    private readonly listeners = new Set<() => void>()

    private readonly results = new Map<string, (result: Result) => void>()

    private readonly store: Promise<Store>

    private readonly others: BroadcastChannel

    private keeping: Promise<void>

    private sending = false

    private failures = 0

    private pause: ReturnType<typeof setTimeout> | undefined

    constructor(
        readonly studio: string,
        private readonly deviceName: string,
    ) {
        this.store = openStore(studio)
        this.others = new BroadcastChannel(`open-glaze-${studio}`)
        this.others.onmessage = (message: MessageEvent<Record<string, unknown>>) => {
            for (const [subject, state] of Object.entries(message.data)) this.states.set(subject, state)
            void this.read()
        }
        void this.store.then((store) => store.device()).then((device) => nameDevice(device, deviceName))
        this.keeping = this.read()
        const now = (): void => this.soon()
        window.addEventListener('online', now)
        document.addEventListener('visibilitychange', () => {
            if (document.visibilityState === 'visible') now()
        })
        void this.keeping.then(now)
    }

    subscribe = (listener: () => void): (() => void) => {
        this.listeners.add(listener)
        return () => this.listeners.delete(listener)
    }

    look = (): QueueSeen => this.seen

    /** What was last heard of a cup or a film, here or in another tab. */
    heard(subject: string): unknown {
        return this.states.get(subject)
    }

    /** What was heard of it before this page was opened. */
    async remembered(subject: string): Promise<unknown> {
        return (await this.store).state(subject)
    }

    /** Takes the studio's word for what something is like now. */
    hear(subject: string, state: unknown): void {
        this.states.set(subject, state)
        void this.store.then((store) => store.hear(subject, state))
        this.show()
    }

    /**
     * Presses something, now. It is on the screen at once, and kept before it is sent.
     *
     * @return what became of it, when the studio has heard of it
     */
    press(kind: PressedKind, subject: string, facts: Record<string, unknown>, of: string): Promise<Result> {
        const press: Press = { id: crypto.randomUUID(), subject, kind, facts, of, version: 1, ...times() }
        this.unkept = [...this.unkept, press]
        this.show()
        // one after the other, so that the order in the device is the order of pressing
        this.keeping = this.keeping.then(async () => {
            const sequence = await (await this.store).add(press).catch(() => null)
            this.unkept = this.unkept.filter((one) => one !== press)
            // where the device cannot keep it, it waits in memory
            this.kept = [...this.kept, { ...press, sequence: sequence ?? 1e12 + this.kept.length, refused: null }]
            this.show()
            this.soon()
        })
        return new Promise((resolve) => this.results.set(press.id, resolve))
    }

    /** What a form sends along, so that sending it twice does it once. It does not overtake what was pressed before it. */
    async formPress(subject?: string): Promise<FormPress> {
        const pressed = times()
        const store = await this.store
        await this.sent()
        return {
            id: crypto.randomUUID(),
            subject: subject ?? crypto.randomUUID(),
            studio: this.studio,
            device: await store.device(),
            sequence: await store.place(),
            ...pressed,
        }
    }

    /** Until nothing waits here any more, or it cannot be sent now. */
    private sent(): Promise<void> {
        const isDone = (): boolean => this.seen.waiting.length === 0 || this.seen.trouble !== null
        if (isDone()) return Promise.resolve()
        this.soon()
        return new Promise((resolve) => {
            const done = (): void => {
                clearTimeout(timer)
                leave()
                resolve()
            }
            const timer = setTimeout(done, SENT_WITHIN_MS)
            const leave = this.subscribe(() => isDone() && done())
        })
    }

    /** Puts something away that the studio will never take. */
    async putAway(sequence: number): Promise<void> {
        await (await this.store).remove([sequence])
        await this.read()
        this.others.postMessage({})
    }

    /** Tries at once, whatever the pause. */
    soon(): void {
        clearTimeout(this.pause)
        this.pause = undefined
        void this.run()
    }

    private async run(): Promise<void> {
        if (this.sending) return
        this.sending = true
        try {
            await navigator.locks.request(`open-glaze-send-${this.studio}`, async () => {
                await this.read()
                while (this.waiting().length > 0) {
                    if (!(await this.sendSome())) return
                }
            })
        } finally {
            this.sending = false
            if (this.waiting().length > 0 && this.pause === undefined) this.again()
        }
    }

    /** Sends what waits longest. @return whether to go on at once */
    private async sendSome(): Promise<boolean> {
        const store = await this.store
        // after a refusal of a whole request the one that was meant is looked for
        const some = this.waiting().slice(0, this.alone ? 1 : MOST_AT_ONCE)
        const sent = await send(this.studio, { id: await store.device(), name: this.deviceName }, some)
        if (sent.is === 'later') {
            this.failures++
            if (sent.trouble === 'session') {
                await newToken()
                if (this.failures === 1) return true
            }
            this.show(sent.trouble)
            return false
        }
        this.failures = 0
        if (sent.is === 'refused') {
            if (some.length > 1) this.alone = true
            else
                await this.settle(
                    some.map((one) => ({ id: one.id, status: 'refused', code: sent.code, sentence: sent.sentence })),
                )
            return true
        }
        this.alone = false
        // what is like now first, so that nothing that was pressed seems undone in between
        for (const [subject, state] of Object.entries(sent.states)) this.hear(subject, state)
        await this.settle(sent.results)
        this.others.postMessage(sent.states)
        // the bench as it is now, for when there is no network
        keepPage('/')
        return true
    }

    private alone = false

    private async settle(results: Result[]): Promise<void> {
        const store = await this.store
        const done: number[] = []
        for (const result of results) {
            const press = this.kept.find((one) => one.id === result.id)
            if (press === undefined) continue
            const hear = this.results.get(result.id)
            this.results.delete(result.id)
            // what is refused at a field is said there, and what was typed still stands in it
            if (result.status === 'done' || result.field === 'grams') done.push(press.sequence)
            else
                await store.put({
                    ...press,
                    refused: { code: result.code ?? '', sentence: result.sentence ?? '' },
                })
            hear?.(result)
        }
        await store.remove(done)
        this.kept = this.kept.filter((one) => !done.includes(one.sequence))
        await this.read()
        this.show(null)
    }

    private again(): void {
        const pause = PAUSES_MS[Math.min(this.failures, PAUSES_MS.length) - 1] ?? PAUSES_MS[0] ?? 500
        // not all devices at the same moment
        this.pause = setTimeout(() => this.soon(), pause * (0.8 + 0.4 * Math.random()))
    }

    private waiting(): Kept[] {
        return this.kept.filter((one) => one.refused === null)
    }

    private async read(): Promise<void> {
        const presses = await (await this.store).presses().catch(() => null)
        if (presses !== null) {
            const unkeepable = this.kept.filter((one) => one.sequence >= 1e12)
            this.kept = [...presses, ...unkeepable].sort((one, other) => one.sequence - other.sequence)
        }
        this.show()
    }

    private show(trouble: Trouble | null = this.seen.trouble): void {
        const waiting = [...this.waiting(), ...this.unkept]
        this.seen = {
            waiting,
            aside: this.kept.filter((one) => one.refused !== null),
            trouble: waiting.length === 0 && trouble !== 'unreachable' ? null : trouble,
        }
        this.listeners.forEach((listener) => listener())
    }
}

function times(): { pressed_ms: number; offset_ms: number } {
    return { pressed_ms: Date.now(), offset_ms: measuredOffset() }
}
