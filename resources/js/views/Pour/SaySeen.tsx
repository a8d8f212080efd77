import { PlusIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { Field } from '../../controls/Field'
import { Pool } from '../../controls/Pool'
import type { EventKind } from '../../lib/journal/events'
import { moment } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { SEEN } from '../../lib/words'
import type { PourState } from '../../types/page'
import * as words from '@words/pour'

interface Props {
    press: (kind: EventKind, facts: Record<string, unknown>, of: string) => Promise<unknown>
    pour: PourState
    now: number
}

const WORD = 'min-h-16 rounded border border-line bg-sheet px-3 text-left text-lg'

/** What one sees while looking: a press for the usual things, a word of one's own, or what was added. */
export function SaySeen({ press, pour, now }: Props): ReactNode {
    const units = useUnits()
    const { title } = pour
    const [typed, setTyped] = useState('')
    const [added, setAdded] = useState('')
    return (
        <details className="rounded border border-line">
            <summary className="flex min-h-16 cursor-pointer list-none items-center gap-3 px-3 text-lg">
                <PlusIcon size={22} weight="bold" /> {words.sayWhatYouSeeOrAdd}
            </summary>
            <div className="grid grid-cols-2 gap-2 px-3 pb-3">
                {Object.entries(SEEN).map(([what, word]) => (
                    <button
                        key={what}
                        type="button"
                        className={WORD}
                        onClick={() => void press('observed', { what, text: '' }, `${word}, ${title}`)}
                    >
                        {word}
                    </button>
                ))}
                <form
                    className="col-span-2 flex items-end gap-2"
                    onSubmit={(event) => {
                        event.preventDefault()
                        if (typed.trim() === '') return
                        setTyped('')
                        void press('observed', { what: '', text: typed.trim() }, words.whatWasSeen(title))
                    }}
                >
                    <Field
                        label={words.somethingElse}
                        value={typed}
                        onChange={setTyped}
                        large
                        className="min-w-0 flex-1"
                    />
                    <button type="submit" disabled={typed.trim() === ''} className={`${WORD} disabled:opacity-40`}>
                        {words.keepIt}
                    </button>
                </form>
                <Judged pour={pour} now={now} />
                <Pool pour={pour.id} />
                <form
                    className="col-span-2 flex items-end gap-2"
                    onSubmit={(event) => {
                        event.preventDefault()
                        if (added.trim() === '') return
                        setAdded('')
                        void press('topped_up', { written: added.trim() }, words.toppedUpWith(added.trim(), title))
                    }}
                >
                    <Field
                        label={words.toppedUpWithField}
                        value={added}
                        onChange={setAdded}
                        unit={units === 'metric' ? 'ml' : 'fl oz'}
                        placeholder={words.addedExample}
                        large
                        className="min-w-0 flex-1"
                    />
                    <button type="submit" disabled={added.trim() === ''} className={`${WORD} disabled:opacity-40`}>
                        {words.added}
                    </button>
                </form>
            </div>
        </details>
    )
}

/** When its fill can be judged, and what follows when something is added. */
function Judged({ pour, now }: { pour: PourState; now: number }): ReactNode {
    const { judge_from: from, pass_until: until } = pour.fill
    if (from === null) return null
    return (
        <p className="col-span-2 text-lg" data-testid="fill">
            {now < from ? words.judgeTheFillFrom(moment(from, now)) : words.itHasSettled}{' '}
            {until !== null && (now < until ? words.onePassMoreUntil(moment(until, now)) : words.noMorePass)}
        </p>
    )
}
