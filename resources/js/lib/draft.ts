/**
 * Something that is changed while the studio computes what that would mean: what was touched and is not saved,
 * the one question under way, what was answered, what is refused, and the way back. Pure: `told` says what
 * follows from what happens; `draftStore.ts` asks the questions.
 *
 * What is to be kept is a copy of what was touched when a field was left. Texts typed after that are shown,
 * and wait for their own leaving: they are never saved with it.
 */
import type { Sentences } from '../types/page'
import type { Read } from './http'

export type Standing = 'saved' | 'changing' | 'saving' | 'refused' | 'stale' | 'cut-off'

/** What is asked of the studio: to show what it would mean, or to keep it. */
export interface Question<T> {
    kind: 'show' | 'keep'
    what: T
    /** It takes a kept change back, and is no step of its own. */
    isBack: boolean
}

export interface Draft<T, S, A> {
    touched: T
    /** As it is kept. */
    saved: S
    answer: A
    read: Read
    sentences: Sentences
    standing: Standing
    /** Somebody else's change: the version that it made, and what is said of it; null where none stands against this one. */
    theirs: { version: number; sentence: string } | null
    toShow: boolean
    toKeep: Question<T> | null
    under: Question<T> | null
    /** The changes that take the kept ones back, the last at the end. */
    past: T[]
    /** How often in a row the studio did not answer. */
    tries: number
}

/** What a draft of one kind of thing is made of. */
export interface Rules<T, S> {
    merged: (touched: T, part: T) => T
    /** What is touched and was not part of what was kept. */
    without: (touched: T, kept: T) => T
    isNothing: (touched: T) => boolean
    /** The change that takes a kept one back. */
    reversed: (saved: S, kept: T) => T
    /** Whether it is shown before it is kept: for answers that keeping does not give. */
    showsFirst: boolean
}

export type Happening<T, S, A> =
    | { what: 'touched'; part: T }
    | { what: 'left'; part?: T }
    | { what: 'shown'; answer: A }
    | { what: 'kept'; saved: S; answer?: A; read: Read }
    | { what: 'refused'; sentences: Sentences; version: number | null }
    | { what: 'unanswered' }
    | { what: 'again' }
    | { what: 'mine' }
    | { what: 'back' }

const MOST_STEPS_BACK = 50

export function begun<T, S, A>(
    first: Pick<Draft<T, S, A>, 'touched' | 'saved' | 'answer' | 'read' | 'sentences'>,
): Draft<T, S, A> {
    return { ...first, standing: 'saved', theirs: null, toShow: false, toKeep: null, under: null, past: [], tries: 0 }
}

/** Nothing is asked, and nothing waits to be. */
export function isSettled<T, S, A>(draft: Draft<T, S, A>): boolean {
    return draft.under === null && (draft.standing === 'cut-off' || (draft.toKeep === null && !draft.toShow))
}

export function told<T, S, A>(rules: Rules<T, S>, draft: Draft<T, S, A>, one: Happening<T, S, A>): Draft<T, S, A> {
    return asking(rules, after(rules, draft, one))
}

function after<T, S, A>(rules: Rules<T, S>, draft: Draft<T, S, A>, one: Happening<T, S, A>): Draft<T, S, A> {
    switch (one.what) {
        case 'touched':
            return { ...awake(draft), touched: rules.merged(draft.touched, one.part), toShow: true }
        case 'left':
            return left(
                rules,
                one.part === undefined ? draft : { ...draft, touched: rules.merged(draft.touched, one.part) },
            )
        case 'shown':
            return {
                ...draft,
                answer: one.answer,
                under: null,
                sentences: {},
                tries: 0,
                standing: restsAs(rules, draft, draft.touched),
            }
        case 'kept':
            return kept(rules, draft, one)
        case 'refused':
            return refused(rules, draft, one)
        case 'unanswered':
            return unanswered(draft)
        case 'again':
            return awake(draft)
        case 'mine':
            return left(rules, {
                ...draft,
                theirs: null,
                standing: 'changing',
                read: Object.fromEntries(
                    Object.entries(draft.read).map(([kind, read]) => [
                        kind,
                        Math.max(read, draft.theirs?.version ?? 0),
                    ]),
                ),
            })
        case 'back':
            return back(draft)
    }
}

/** What was cut off is tried at once with whatever is done next. */
function awake<T, S, A>(draft: Draft<T, S, A>): Draft<T, S, A> {
    return draft.standing === 'cut-off' ? { ...draft, standing: 'changing' } : draft
}

/** A field was left: what is touched by then is to be kept. While somebody else's change stands against it, nothing is. */
function left<T, S, A>(rules: Rules<T, S>, draft: Draft<T, S, A>): Draft<T, S, A> {
    const what = draft.touched
    // Enter and then leaving the field ask for the same twice
    const asked = draft.toKeep ?? (draft.under?.kind === 'keep' ? draft.under : null)
    if (draft.theirs !== null || rules.isNothing(what) || (asked !== null && isSame(asked.what, what))) return draft
    return { ...awake(draft), toKeep: { kind: 'keep', what, isBack: false } }
}

function kept<T, S, A>(
    rules: Rules<T, S>,
    draft: Draft<T, S, A>,
    one: { saved: S; answer?: A; read: Read },
): Draft<T, S, A> {
    const question = draft.under
    if (question === null) return draft
    const touched = rules.without(draft.touched, question.what)
    return {
        ...draft,
        touched,
        saved: one.saved,
        read: one.read,
        answer: one.answer ?? draft.answer,
        under: null,
        sentences: {},
        tries: 0,
        past: question.isBack
            ? draft.past
            : [...draft.past.slice(-MOST_STEPS_BACK), rules.reversed(draft.saved, question.what)],
        // an answer of what is kept does not show what was typed since
        toShow: draft.toShow || (one.answer !== undefined && !rules.isNothing(touched)),
        standing: restsAs(rules, draft, touched),
    }
}

function refused<T, S, A>(
    rules: Rules<T, S>,
    draft: Draft<T, S, A>,
    one: { sentences: Sentences; version: number | null },
): Draft<T, S, A> {
    const theirs =
        one.version !== null && draft.under?.kind === 'keep'
            ? { version: one.version, sentence: one.sentences.form ?? '' }
            : null
    return {
        ...draft,
        under: null,
        sentences: theirs === null ? one.sentences : {},
        theirs: theirs ?? draft.theirs,
        standing: theirs !== null || draft.theirs !== null ? 'stale' : 'refused',
        // what cannot be shown cannot be kept; what was typed still stands, and the drawing shows it
        toKeep: theirs !== null || rules.showsFirst ? null : draft.toKeep,
        toShow: draft.toShow || theirs !== null,
    }
}

function unanswered<T, S, A>(draft: Draft<T, S, A>): Draft<T, S, A> {
    const question = draft.under
    return {
        ...draft,
        under: null,
        standing: 'cut-off',
        tries: draft.tries + 1,
        toKeep: question?.kind === 'keep' ? (draft.toKeep ?? question) : draft.toKeep,
        toShow: draft.toShow || question?.kind === 'show',
    }
}

function back<T, S, A>(draft: Draft<T, S, A>): Draft<T, S, A> {
    const last = draft.past.at(-1)
    if (last === undefined || draft.theirs !== null) return draft
    return {
        ...awake(draft),
        past: draft.past.slice(0, -1),
        touched: last,
        toKeep: { kind: 'keep', what: last, isBack: true },
    }
}

/** The next question, where none is under way: what is to be kept goes before what is to be shown, unless that gives no answer. */
function asking<T, S, A>(rules: Rules<T, S>, draft: Draft<T, S, A>): Draft<T, S, A> {
    if (draft.under !== null || draft.standing === 'cut-off') return draft
    if (draft.toShow && (draft.toKeep === null || rules.showsFirst)) {
        return { ...draft, toShow: false, under: { kind: 'show', what: draft.touched, isBack: false } }
    }
    return draft.toKeep === null ? draft : { ...draft, toKeep: null, under: draft.toKeep, standing: 'saving' }
}

function restsAs<T, S, A>(rules: Rules<T, S>, draft: Draft<T, S, A>, touched: T): Standing {
    if (draft.theirs !== null) return 'stale'
    return rules.isNothing(touched) ? 'saved' : 'changing'
}

/** By what they say, whichever object says it. */
export function isSame(one: unknown, other: unknown): boolean {
    return JSON.stringify(one) === JSON.stringify(other)
}
