import { router } from '@inertiajs/react'
import { CheckIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import { joined, volume } from '../../lib/format'
import { theQueue, useQueue } from '../../lib/journal/useJournal'
import { useUnits } from '../../lib/pages'
import type { PouredFrom, RestOfMix } from '../../types/page'
import * as words from '@words/pour'

const REST: Record<RestOfMix, string> = {
    laid_thin: words.laidOutThin,
    hardens_in_cup: words.hardensInTheCup,
    on_another_piece: words.onAnotherPiece,
}

/** What is left in the cup goes on heating: one press for what became of it, another takes that back. */
export function TheRest({ cup, title }: { cup: PouredFrom; title: string }): ReactNode {
    const units = useUnits()
    const { waiting } = useQueue()
    const pressed = waiting.filter((one) => one.subject === cup.id)
    const said = pressed.reduce(
        (rest, one) =>
            one.kind === 'rest_seen_to' ? (one.facts.how as RestOfMix) : one.kind === 'undone' ? null : rest,
        cup.rest,
    )
    if (!cup.has_rest && said === null) return null
    const press = async (how: RestOfMix): Promise<void> => {
        const done =
            how === said && cup.event !== null
                ? theQueue().press('undone', cup.id, { of: cup.event }, words.takingBackTheRest(title))
                : theQueue().press('rest_seen_to', cup.id, { how }, words.theRestOfTheMix(title))
        await done
        router.reload({ only: ['cup'] })
    }
    return (
        <section aria-labelledby="rest" className="border-t ruled pt-3">
            <h2 id="rest" className="text-lg font-semibold">
                {words.leftInTheCup(joined(volume(cup.rest_ml, units)))}
            </h2>
            {said === null && <p className="mt-1">{words.aFullCupHeatsItself}</p>}
            <div className="mt-2 grid gap-2">
                {(Object.keys(REST) as RestOfMix[]).map((how) => (
                    <button
                        key={how}
                        type="button"
                        aria-pressed={said === how}
                        className={`flex min-h-16 items-center gap-3 rounded border px-3 text-left text-lg ${said === how ? 'border-act bg-act text-act-ink' : 'border-line bg-sheet'}`}
                        onClick={() => void press(how)}
                    >
                        {said === how && <CheckIcon size={26} weight="bold" />}
                        {REST[how]}
                    </button>
                ))}
            </div>
        </section>
    )
}
