import { PlusIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import { Pool } from '../../controls/Pool'
import { SayForm } from '../../controls/SayForm'
import type { PressedKind } from '../../types/generated/journal'
import { moment } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { SEEN } from '../../lib/words'
import type { PourState } from '../../types/page'
import * as words from '@words/pour'

interface Props {
    press: (kind: PressedKind, facts: Record<string, unknown>, of: string) => Promise<unknown>
    pour: PourState
    now: number
}

const WORD = 'min-h-16 rounded border border-line bg-sheet px-3 text-left text-lg'

/** What one sees while looking: a press for the usual things, a word of one's own, or what was added. */
export function SaySeen({ press, pour, now }: Props): ReactNode {
    const units = useUnits()
    const { title } = pour
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
                <SayForm
                    label={words.somethingElse}
                    say={words.keepIt}
                    onSay={(text) => void press('observed', { what: '', text }, words.whatWasSeen(title))}
                    className="col-span-2"
                />
                <Judged pour={pour} now={now} />
                <Pool pour={pour.id} />
                <SayForm
                    label={words.toppedUpWithField}
                    say={words.added}
                    unit={units === 'metric' ? 'ml' : 'fl oz'}
                    placeholder={words.addedExample}
                    onSay={(written) => void press('topped_up', { written }, words.toppedUpWith(written, title))}
                    className="col-span-2"
                />
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
