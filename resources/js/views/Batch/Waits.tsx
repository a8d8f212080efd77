import { type ReactNode } from 'react'
import { span } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { CupFigures } from '../../types/mixing'
import { dishWords } from './Clock'
import * as texts from '@words/batch'

/** Where to wait for a thick syrup, and for how long. */
export function Waits({ cup }: { cup: CupFigures }): ReactNode {
    const units = useUnits()
    const dish = cup.dish_mm === null ? '' : texts.of(dishWords(cup.dish_mm, units))
    return (
        <ul className="mt-1 text-soft">
            {cup.waits.map(({ pa_s: paS, stays, wait }) => {
                const what = stays ? texts.whatStaysWhereItIsPlaced : texts.dropsThatStayApart
                if (wait === null || wait.left_min === null || wait.left_min <= 0)
                    return <li key={paS}>{texts.itSetsFirst(what, paS)}</li>
                return (
                    <li key={paS}>
                        {texts.waitSoLong(
                            what,
                            paS,
                            wait.in === 'cup' ? texts.leaveItInTheCup : texts.waitInADish(dish),
                            span(wait.min),
                            span(wait.left_min),
                        )}
                    </li>
                )
            })}
        </ul>
    )
}
