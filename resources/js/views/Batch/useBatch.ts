import { isSame, type Rules } from '../../lib/draft'
import { DraftStore, useDraft } from '../../lib/draftStore'
import { ask, type Read } from '../../lib/http'
import { useUndoKey } from '../../lib/undo'
import type { BatchFigures, BatchSpec, CupFigures } from '../../types/mixing'
import type { Sentences } from '../../types/page'

interface Answer {
    figures: BatchFigures | undefined
    cup: CupFigures | null
}

interface Draft extends Answer {
    batches: BatchSpec[]
    spec: BatchSpec | undefined
    sentences: Sentences
    /** Changes this batch; it is computed at once, and kept a moment later. */
    change: (how: (batch: BatchSpec) => BatchSpec) => void
    undo: (() => void) | null
    /** Puts this cup over what somebody else changed meanwhile; null where nobody did. */
    /** What is said of somebody else's change that stands against this one. */
    theirs: string | undefined
    keepMine: () => void
}

/** All batches of the evening as one of them was changed; null where nothing was. */
type Touched = BatchSpec[] | null

export const batchRules: Rules<Touched, BatchSpec[]> = {
    merged: (touched, part) => part ?? touched,
    without: (touched, kept) => (isSame(touched, kept) ? null : touched),
    isNothing: (touched) => touched === null,
    reversed: (saved) => saved,
    // keeping them gives no figures of the one that is looked at
    showsFirst: true,
}

/** One batch while it is being changed: what is typed stays, what can be computed is kept. */
export function useBatch(
    planId: number,
    batchId: string,
    saved: BatchSpec[],
    read: Read,
    answer: Answer,
    refused: Sentences | null,
): Draft {
    const [draft, store] = useDraft(() => {
        const base = `/plans/${planId}/evening`
        return new DraftStore<Touched, BatchSpec[], Answer>(
            batchRules,
            {
                show: (batches) =>
                    ask<Answer>('POST', `${base}/live?batch=${encodeURIComponent(batchId)}`, { batches }),
                keep: async (batches, known) => ({
                    saved: batches ?? [],
                    read: (await ask<{ read: Read }>('PUT', base, { batches, read: known })).read,
                }),
            },
            { touched: null, saved, answer, read, sentences: refused ?? {} },
        )
    })
    const batches = draft.touched ?? draft.saved
    const undo =
        draft.past.length === 0
            ? null
            : () => {
                  store.tell({ what: 'back' })
                  store.tell({ what: 'touched', part: store.look().touched })
              }
    useUndoKey(undo)
    return {
        ...draft.answer,
        batches,
        spec: batches.find((batch) => batch.id === batchId),
        sentences: draft.sentences,
        change: (how) => {
            const now = store.look()
            const part = (now.touched ?? now.saved).map((batch) => (batch.id === batchId ? how(batch) : batch))
            store.tell({ what: 'touched', part })
            store.tell({ what: 'left' })
        },
        undo,
        theirs: draft.theirs?.sentence,
        keepMine: () => store.tell({ what: 'mine' }),
    }
}
