import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Kept, Press } from './events'

interface Schema extends DBSchema {
    presses: { key: number; value: Omit<Kept, 'sequence'> & { sequence?: number } }
    states: { key: string; value: { heardAt: number; state: unknown } }
    names: { key: string; value: string }
}

/** What a device keeps of one studio: what waits to be sent, what it last heard, and its own name. */
export interface Store {
    device: () => Promise<string>
    /** Keeps a press; answers its place in this device's order. */
    add: (press: Press) => Promise<number>
    /** A place in this device's order for what is sent with a form. */
    place: () => Promise<number>
    presses: () => Promise<Kept[]>
    put: (kept: Kept) => Promise<void>
    remove: (sequences: number[]) => Promise<void>
    state: (subject: string) => Promise<unknown>
    hear: (subject: string, state: unknown) => Promise<void>
}

/** States are kept for as long as somebody may still look at them without a network, ms. */
const STATES_KEPT_MS = 14 * 24 * 3_600_000

/** The store of a studio, named by it; in memory where the browser keeps nothing. */
export async function openStore(studio: string): Promise<Store> {
    try {
        return inDatabase(
            await openDB<Schema>(`open-glaze-${studio}`, 1, {
                upgrade(database) {
                    database.createObjectStore('presses', { keyPath: 'sequence', autoIncrement: true })
                    database.createObjectStore('states')
                    database.createObjectStore('names')
                },
            }),
        )
    } catch {
        return inMemory()
    }
}

function inDatabase(database: IDBPDatabase<Schema>): Store {
    return {
        device: async () => {
            const change = database.transaction('names', 'readwrite')
            const known = await change.store.get('device')
            const device = known ?? crypto.randomUUID()
            if (known === undefined) await change.store.put(device, 'device')
            await change.done
            return device
        },
        add: (press) => database.add('presses', { ...press, refused: null }),
        place: async () => {
            const change = database.transaction('presses', 'readwrite')
            const place = await change.store.add({} as Kept)
            await change.store.delete(place)
            await change.done
            return place
        },
        presses: async () => (await database.getAll('presses')) as Kept[],
        put: async (kept) => void (await database.put('presses', kept)),
        remove: async (sequences) => {
            const change = database.transaction('presses', 'readwrite')
            await Promise.all([...sequences.map((sequence) => change.store.delete(sequence)), change.done])
        },
        state: async (subject) => (await database.get('states', subject))?.state,
        hear: async (subject, state) => {
            const change = database.transaction('states', 'readwrite')
            await change.store.put({ heardAt: Date.now(), state }, subject)
            for await (const old of change.store) {
                if (old.value.heardAt < Date.now() - STATES_KEPT_MS) await old.delete()
            }
            await change.done
        },
    }
}

/** The browser keeps nothing: what waits is lost with the page, and only then. */
function inMemory(): Store {
    const presses = new Map<number, Kept>()
    const states = new Map<string, unknown>()
    const device = crypto.randomUUID()
    let last = 0
    return {
        device: () => Promise.resolve(device),
        add: (press) => {
            last++
            presses.set(last, { ...press, sequence: last, refused: null })
            return Promise.resolve(last)
        },
        place: () => Promise.resolve(++last),
        presses: () => Promise.resolve([...presses.values()]),
        put: (kept) => Promise.resolve(void presses.set(kept.sequence, kept)),
        remove: (sequences) => Promise.resolve(sequences.forEach((sequence) => presses.delete(sequence))),
        state: (subject) => Promise.resolve(states.get(subject)),
        hear: (subject, state) => Promise.resolve(void states.set(subject, state)),
    }
}
