import { ask } from './http'

/** How an evening is rehearsed. */
export interface Rehearsed {
    /** From the pouring on: its first cup stands mixed. */
    mixed: boolean
    pace: number
    accidents: string[]
    /** The same seed is the same evening; another where it is left out. */
    seed?: number
}

/** Goes on the stage. The page is loaded whole: it is another studio's, with another clock. */
export async function beginRehearsal(how: Rehearsed): Promise<void> {
    const { to } = await ask<{ to: string }>('POST', '/rehearsals', how)
    location.assign(to)
}
