import type { PressedKind } from '../../types/generated/journal'

/** What happens at the bench, as a device writes it down. */
export interface Press {
    /** A UUID that is made here. */
    id: string
    /** What it happens to. */
    subject: string
    kind: PressedKind
    facts: Record<string, unknown>
    /** By this device's own clock, which may be wrong. */
    pressed_ms: number
    /** What the studio's clock was last measured to be ahead of it. */
    offset_ms: number
    version: 1
    /** What it was of, to name it on the screen: "Heat pass 1 of 2, Autumn sky". */
    of: string
}

/** A press that waits in the device, in the order in which it was pressed there. */
export interface Kept extends Press {
    sequence: number
    /** Why the studio will never take it; it waits no more, and stands on the screen until it is put away. */
    refused: { code: string; sentence: string } | null
}

/** When it happened, by the studio's clock. */
export function happenedAt(press: Pick<Press, 'pressed_ms' | 'offset_ms'>): number {
    return press.pressed_ms + press.offset_ms
}
