import { useEffect, useRef, useState } from 'react'
import { ask, Refused, type Read } from '../../lib/http'
import { useLatest } from '../../lib/latest'
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

interface Saved {
    answer: StackAnswer
    read: Read
    coat: CoatRow
    room: RoomSpec
    edge: EdgeSpec
}

interface Draft {
    touched: Touched
    rows: { coat: CoatRow; room: RoomSpec; edge: EdgeSpec }
    answer: StackAnswer | null
    sentences: Sentences
    state: 'saved' | 'changing' | 'saving' | 'refused' | 'stale' | 'cut-off'
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

/**
 * A coat while it is changed: every change is computed at once without saving (one request under way,
 * the latest wins), and saved when a field is left or the film let go. Saved changes can be undone.
 */
export function useCoatDraft(
    coatId: number,
    first: {
        coat: CoatRow
        room: RoomSpec
        edge: EdgeSpec
        read: Read
        answer: StackAnswer | null
        sentences: Sentences | null
    },
): Draft {
    const [touched, setTouched] = useState<Touched>({})
    const [rows, setRows] = useState({ coat: first.coat, room: first.room, edge: first.edge })
    const [answer, setAnswer] = useState(first.answer)
    const [sentences, setSentences] = useState<Sentences>(first.sentences ?? {})
    const [state, setState] = useState<Draft['state']>('saved')
    const [past, setPast] = useState<Touched[]>([])
    const [failed, setFailed] = useState<{ saving: boolean; times: number } | null>(null)
    const now = useRef<Touched>({})
    const wanted = useRef<'live' | 'save'>('live')
    const undoing = useRef(false)
    const inFlight = useRef('')
    const read = useRef(first.read)
    const theirs = useRef(0)
    // until somebody decides whose stands, nothing is saved by leaving a field
    const isStale = useRef(false)

    /** What was typed still stands: the drawing shows it too. */
    const show = async (sent: Touched): Promise<void> => {
        try {
            setAnswer(await ask<StackAnswer>('POST', `/coats/${coatId}/live`, sent))
        } catch {
            // the sentence says what is wrong; the last answer stands
        }
    }
    const latest = useLatest(async (sent: Touched) => {
        const saving = wanted.current === 'save'
        wanted.current = 'live'
        try {
            if (saving) {
                setState('saving')
                const saved = await ask<Saved>('PUT', `/coats/${coatId}`, { ...sent, read: read.current })
                read.current = saved.read
                if (!undoing.current) setPast((before) => [...before, reverse(rows, sent)])
                undoing.current = false
                setRows({ coat: saved.coat, room: saved.room, edge: saved.edge })
                setAnswer(saved.answer)
                now.current = without(now.current, sent)
                setTouched(now.current)
                inFlight.current = ''
                setState('saved')
            } else {
                setAnswer(await ask<StackAnswer>('POST', `/coats/${coatId}/live`, sent))
                setState('changing')
            }
            setSentences({})
            setFailed(null)
        } catch (error) {
            undoing.current = false
            inFlight.current = ''
            if (error instanceof Refused) {
                setSentences(error.sentences)
                setState(error.code === 'stale' ? 'stale' : 'refused')
                // what is there now is known from here on, and written over only on purpose
                if (error.version !== null) theirs.current = error.version
                isStale.current = error.code === 'stale'
                if (isStale.current) void show(sent)
            } else {
                setState('cut-off')
                setFailed((before) => ({ saving, times: (before?.times ?? 0) + 1 }))
            }
        }
    })
    const { ask: put } = latest
    useEffect(() => {
        if (failed === null) return
        const again = (): void => {
            if (failed.saving) wanted.current = 'save'
            put(now.current)
        }
        const timer = setTimeout(again, Math.min(30_000, 1_000 * 2 ** failed.times))
        window.addEventListener('online', again)
        return () => {
            clearTimeout(timer)
            window.removeEventListener('online', again)
        }
    }, [failed, put])

    const touch = (part: Touched): Touched => {
        now.current = merged(now.current, part)
        setTouched(now.current)
        return now.current
    }
    const keep = (part: Touched = {}): void => {
        const all = touch(part)
        // Enter and then leaving the field ask for the same saving twice
        const text = JSON.stringify(all)
        if (text === '{}' || text === inFlight.current || isStale.current) return
        inFlight.current = text
        wanted.current = 'save'
        latest.ask(all)
    }
    const undo = (): void => {
        const back = past[past.length - 1]
        if (back === undefined) return
        setPast(past.slice(0, -1))
        undoing.current = true
        now.current = {}
        keep(back)
    }
    return {
        touched,
        rows,
        answer,
        sentences,
        state,
        change: (part) => (isStale.current ? void show(touch(part)) : latest.ask(touch(part))),
        keep,
        flush: async () => {
            keep()
            await latest.settled()
            return Object.keys(now.current).length === 0
        },
        keepMine: () => {
            read.current = Object.fromEntries(
                Object.entries(read.current).map(([kind, version]) => [kind, Math.max(version, theirs.current)]),
            )
            isStale.current = false
            keep()
        },
        undo: past.length > 0 ? undo : null,
        body: () => now.current,
    }
}

function merged(before: Touched, part: Touched): Touched {
    return {
        ...before,
        ...part,
        ...(before.coat || part.coat ? { coat: { ...before.coat, ...part.coat } } : {}),
        ...(before.studio || part.studio ? { studio: { ...before.studio, ...part.studio } } : {}),
        ...(before.piece || part.piece ? { piece: { ...before.piece, ...part.piece } } : {}),
    }
}

/** What is touched and was not part of what has just been saved. */
function without(touched: Touched, sent: Touched): Touched {
    const rest: Touched = {}
    if (touched.resin_id !== undefined && touched.resin_id !== sent.resin_id) rest.resin_id = touched.resin_id
    for (const part of ['coat', 'studio', 'piece'] as const) {
        const left = Object.entries(touched[part] ?? {}).filter(([field, value]) => sent[part]?.[field] !== value)
        if (left.length > 0) rest[part] = Object.fromEntries(left) as Record<string, string>
    }
    return rest
}

/** The change that takes a saved change back. */
function reverse(rows: Draft['rows'], sent: Touched): Touched {
    const spec = rows.coat.spec as unknown as Record<string, unknown>
    const room = rows.room as unknown as Record<string, unknown>
    const back: Touched = {}
    if (sent.resin_id !== undefined) back.resin_id = rows.coat.resin_id
    if (sent.coat) back.coat = Object.fromEntries(Object.keys(sent.coat).map((field) => [field, spec[field] ?? null]))
    if (sent.studio)
        back.studio = Object.fromEntries(
            Object.keys(sent.studio).map((field) => [field, (room[field] ?? null) as string]),
        )
    if (sent.piece) back.piece = { edge_radius_mm: rows.edge.edge_radius_mm ?? null }
    return back
}
