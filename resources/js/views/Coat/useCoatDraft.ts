import { ask, type Read } from '../../lib/http'
import { isSame, type Rules, type Standing } from '../../lib/draft'
import { DraftStore, useDraft } from '../../lib/draftStore'
import type { StackAnswer } from '../../types/answer'
import type { CoatRow, EdgeSpec, Sentences } from '../../types/page'
import type { RoomSpec } from '../../types/plan'

/** What was touched and is not saved: texts as they were typed, a number where the drawing was pulled. */
export interface Touched {
    resin_id?: number
    coat?: Record<string, unknown>
    studio?: Record<string, string>
    /** Of its piece: how round its edge is. */
    piece?: Record<string, string | number | null>
}

/** What a coat's page can change, as it is kept. */
interface Rows {
    coat: CoatRow
    room: RoomSpec
    edge: EdgeSpec
}

interface Saved extends Rows {
    answer: StackAnswer
    read: Read
}

export interface CoatDraft {
    touched: Touched
    rows: Rows
    answer: StackAnswer | null
    sentences: Sentences
    state: Standing
    /** What is said of somebody else's change that stands against this one. */
    theirs: string | undefined
    /** Saves what is touched over what somebody else changed meanwhile. */
    keepMine: () => void
    /** Shows what the change would mean. */
    change: (part: Touched) => void
    /** Saves what is touched. */
    keep: (part?: Touched) => void
    /** Saves what is touched; false when it was refused. */
    flush: () => Promise<boolean>
    undo: (() => void) | null
    body: () => Touched
}

export const coatRules: Rules<Touched, Rows> = {
    merged: (before, part) => ({
        ...before,
        ...part,
        ...(before.coat || part.coat ? { coat: { ...before.coat, ...part.coat } } : {}),
        ...(before.studio || part.studio ? { studio: { ...before.studio, ...part.studio } } : {}),
        ...(before.piece || part.piece ? { piece: { ...before.piece, ...part.piece } } : {}),
    }),
    without: (touched, sent) => {
        const rest: Touched = {}
        if (touched.resin_id !== undefined && touched.resin_id !== sent.resin_id) rest.resin_id = touched.resin_id
        for (const part of ['coat', 'studio', 'piece'] as const) {
            const left = Object.entries(touched[part] ?? {}).filter(
                ([field, value]) => !isSame(sent[part]?.[field], value),
            )
            if (left.length > 0) rest[part] = Object.fromEntries(left) as Record<string, string>
        }
        return rest
    },
    isNothing: (touched) => Object.keys(touched).length === 0,
    reversed: (rows, sent) => {
        const spec = rows.coat.spec as unknown as Record<string, unknown>
        const room = rows.room as unknown as Record<string, unknown>
        const back: Touched = {}
        if (sent.resin_id !== undefined) back.resin_id = rows.coat.resin_id
        if (sent.coat)
            back.coat = Object.fromEntries(Object.keys(sent.coat).map((field) => [field, spec[field] ?? null]))
        if (sent.studio)
            back.studio = Object.fromEntries(
                Object.keys(sent.studio).map((field) => [field, (room[field] ?? null) as string]),
            )
        if (sent.piece) back.piece = { edge_radius_mm: rows.edge.edge_radius_mm ?? null }
        return back
    },
    showsFirst: false,
}

/**
 * A coat while it is changed: every change is computed at once without saving (one request under way,
 * the latest wins), and saved when a field is left or the film let go. Saved changes can be undone.
 */
export function useCoatDraft(
    coatId: number,
    first: Rows & { read: Read; answer: StackAnswer | null; sentences: Sentences | null },
): CoatDraft {
    const [draft, store] = useDraft(
        () =>
            new DraftStore<Touched, Rows, StackAnswer | null>(
                coatRules,
                {
                    show: (what) => ask<StackAnswer>('POST', `/coats/${coatId}/live`, what),
                    keep: async (what, read) => {
                        const saved = await ask<Saved>('PUT', `/coats/${coatId}`, { ...what, read })
                        const { coat, room, edge } = saved
                        return { saved: { coat, room, edge }, answer: saved.answer, read: saved.read }
                    },
                },
                {
                    touched: {},
                    saved: { coat: first.coat, room: first.room, edge: first.edge },
                    answer: first.answer,
                    read: first.read,
                    sentences: first.sentences ?? {},
                },
            ),
    )
    return {
        touched: draft.touched,
        rows: draft.saved,
        answer: draft.answer,
        sentences: draft.sentences,
        state: draft.standing,
        theirs: draft.theirs?.sentence,
        change: (part) => store.tell({ what: 'touched', part }),
        keep: (part = {}) => store.tell({ what: 'left', part }),
        flush: () => store.flush(),
        keepMine: () => store.tell({ what: 'mine' }),
        undo: draft.past.length > 0 ? () => store.tell({ what: 'back' }) : null,
        body: () => store.look().touched,
    }
}
