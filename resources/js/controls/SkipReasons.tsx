import { useState, type ReactNode } from 'react'
import { Field } from './Field'
import type { ActKind } from '../types/answer'
import type { PourActState } from '../types/page'
import * as words from '@words/pour'

const REASONS: Record<ActKind, string[]> = {
    pass: [words.noBubblesToBeSeen, words.noFlameHereTonight, words.iCameTooLateForIt],
    wipe: [words.nothingHangs, words.tapedUnderneath, words.theyAreSandedOffLater],
    pick: [words.itCameOutByItself, words.iCameTooLateForIt],
    mend: [words.itStoppedByItself],
    nudge: [words.nothingMoved, words.iCameTooLateForIt],
    place: [words.nothingGoesOnTop, words.iCameTooLateForIt],
    look: [words.iLookedWithTheLastPass, words.iCameTooLateForIt],
    cover: [words.theCupboardIsItsCover, words.noDustHere],
}

/** Why an act is skipped: one press each, or a word of one's own. */
export function SkipReasons({ act, onReason }: { act: PourActState; onReason: (reason: string) => void }): ReactNode {
    const [typed, setTyped] = useState('')
    return (
        <form
            className="grid gap-2 border-b ruled bg-sheet px-4 py-3 sm:grid-cols-2 sm:px-6"
            aria-label={words.skipBecause(act.title)}
            onSubmit={(event) => {
                event.preventDefault()
                if (typed.trim() !== '') onReason(typed.trim())
            }}
        >
            {REASONS[act.kind].map((reason) => (
                <button
                    key={reason}
                    type="button"
                    className="min-h-16 rounded border border-line bg-bench px-4 text-left text-lg"
                    onClick={() => onReason(reason)}
                >
                    {reason}
                </button>
            ))}
            <div className="flex items-end gap-2">
                <Field label={words.anotherReason} value={typed} onChange={setTyped} large className="flex-1" />
                <button
                    type="submit"
                    disabled={typed.trim() === ''}
                    className="min-h-16 rounded border border-line bg-bench px-4 text-lg disabled:opacity-40"
                >
                    {words.skipIt}
                </button>
            </div>
        </form>
    )
}
