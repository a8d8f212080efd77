import { Link, router } from '@inertiajs/react'
import { CheckIcon } from '@phosphor-icons/react'
import { useEffect, useState, type ReactNode } from 'react'
import { attempted } from '../../lib/attempt'
import { joined, volume } from '../../lib/format'
import { ask } from '../../lib/http'
import { theQueue, useQueue } from '../../lib/journal/useJournal'
import { useUnits } from '../../lib/pages'
import { COAT_KINDS } from '../../lib/words'
import type { PouredFrom, RestOfMix, RestTaker } from '../../types/page'
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
    const isOpen = cup.has_rest && said === null
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
            {isOpen && <Takers cup={cup.id} />}
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

/** Waiting coats that take it, and what each would lack; what nobody takes is laid out thin. */
function Takers({ cup }: { cup: string }): ReactNode {
    const units = useUnits()
    const [takers, setTakers] = useState<RestTaker[] | null>(null)
    useEffect(() => {
        let gone = false
        void attempted(() => ask<RestTaker[]>('GET', `/mixings/${cup}/takers`)).then((asked) => {
            if (asked.done && !gone) setTakers(asked.value)
        })
        return () => {
            gone = true
        }
    }, [cup])
    if (takers === null) return null
    if (takers.length === 0) return <p className="mt-1">{words.nobodyTakesIt}</p>
    return (
        <ul className="mt-2 divide-y divide-hair border-y ruled" data-testid="takers">
            {takers.map((one) => (
                <li key={one.coat_id} className="flex flex-wrap items-baseline gap-x-3 py-1.5 text-lg">
                    <Link
                        href={`/coats/${one.coat_id}`}
                        className="min-w-0 flex-1 font-semibold underline-offset-4 hover:underline"
                    >
                        {one.piece}, {COAT_KINDS[one.kind]?.toLowerCase()}
                    </Link>
                    <span className="text-soft">
                        {one.pieces > 0
                            ? words.takesPieces(one.pieces, joined(volume(one.each_ml, units)))
                            : words.wouldLack(joined(volume(one.lacks_ml, units)), joined(volume(one.each_ml, units)))}
                    </span>
                </li>
            ))}
        </ul>
    )
}
