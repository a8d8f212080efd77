import { router } from '@inertiajs/react'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { fieldVolume } from '../../lib/format'
import { ask } from '../../lib/http'
import { useFormPress } from '../../lib/journal/useFormPress'
import { theQueue } from '../../lib/journal/useJournal'
import { useUnits } from '../../lib/pages'
import { KeepForm, KeepProblem, newer, useKeeping, useTypedFields } from './keeping'
import type { LotRow, ShelfResin } from './types'
import * as words from '@words/shelf'

export function LotForm({
    resin,
    lot,
    onDone,
}: {
    resin: ShelfResin
    lot: Partial<LotRow>
    onDone: () => void
}): ReactNode {
    const units = useUnits()
    const unit = units === 'metric' ? 'ml' : 'fl oz'
    const [before] = useState<Record<string, string>>({
        name: lot.name ?? '',
        opened_on: lot.opened_on ?? '',
        best_before: lot.best_before ?? '',
        left_a_ml: fieldVolume(lot.left_a_ml ?? undefined, units),
        left_b_ml: fieldVolume(lot.left_b_ml ?? undefined, units),
        bought_ml: fieldVolume(lot.bought_ml ?? undefined, units),
        price: lot.price === null || lot.price === undefined ? '' : String(lot.price),
    })
    const { typed, field } = useTypedFields(before)
    const press = useFormPress(true)
    const keeping = useKeeping(async (over) => {
        // what was not touched here is not sent: it may have been counted or taken elsewhere meanwhile
        const changed = Object.fromEntries(Object.entries(typed).filter(([key, value]) => value !== before[key]))
        await (lot.id === undefined
            ? ask('POST', `/shelf/resins/${resin.id}/lots`, { ...changed, press: await press() })
            : ask('PUT', `/shelf/lots/${lot.id}`, {
                  ...changed,
                  press: await theQueue().formPress(),
                  read: newer(lot.read ?? {}, over),
              }))
        onDone()
        router.reload()
    })
    return (
        <KeepForm keeping={keeping}>
            {field(keeping, 'name', words.numberOnTheBottle)}
            <div className="grid grid-cols-2 gap-x-6 gap-y-4">
                {field(keeping, 'opened_on', words.openedOn, { hint: words.suchAs20260531EmptyNotYet })}
                {field(keeping, 'best_before', words.goodUntil, { hint: words.suchAsADate })}
                {field(keeping, 'left_a_ml', words.leftOfA, { unit })}
                {field(keeping, 'left_b_ml', words.leftOfB, { unit })}
                {field(keeping, 'bought_ml', words.bothTogetherWhenBought, { unit })}
                {field(keeping, 'price', words.paidForIt, { unit: '' })}
            </div>
            <KeepProblem keeping={keeping} />
            <div className="flex justify-end">
                <Button look="next" type="submit" className="min-w-32">
                    {words.keep}
                </Button>
            </div>
        </KeepForm>
    )
}
