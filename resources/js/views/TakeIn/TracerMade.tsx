import { ArrowCounterClockwiseIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { area, joined, length } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { MadeOutline } from './Tracer'
import * as words from '@words/takeIn'

/** What came of the marks, and what to do with it. */
export function TracerMade(props: {
    made: MadeOutline | null
    isOfThese: boolean
    sentence: string | undefined
    undo: (() => void) | null
    onUse: (made: MadeOutline) => void
    onOther: () => void
}): ReactNode {
    const units = useUnits()
    const { made, undo } = props
    return (
        <section className="space-y-3 border-t ruled pt-3" aria-live="polite">
            {made !== null && (
                <p>
                    <span className="figure measured block text-3xl">
                        {area(made.area_cm2, units).text}{' '}
                        <span className="unit">{area(made.area_cm2, units).unit}</span>
                    </span>
                    <span className="text-soft">
                        {length(made.width_mm, units).text} × {joined(length(made.height_mm, units))}
                    </span>
                </p>
            )}
            {props.sentence !== undefined && <p className="font-semibold text-danger">{props.sentence}</p>}
            <div className="flex flex-wrap gap-2">
                <Button look="next" disabled={!props.isOfThese} onClick={() => made !== null && props.onUse(made)}>
                    {words.useThisOutline}
                </Button>
                <Button disabled={undo === null} onClick={() => undo?.()}>
                    <ArrowCounterClockwiseIcon size={18} /> {words.undo}
                </Button>
            </div>
            <Button look="quiet" className="px-0" onClick={props.onOther}>
                {words.anotherPhoto}
            </Button>
        </section>
    )
}
