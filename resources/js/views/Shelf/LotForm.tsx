import { router } from '@inertiajs/react'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Field } from '../../controls/Field'
import { fieldVolume } from '../../lib/format'
import { ask } from '../../lib/http'
import { useFormPress } from '../../lib/journal/useFormPress'
import { theQueue } from '../../lib/journal/useJournal'
import { useUnits } from '../../lib/pages'
import { KeepProblem, newer, useKeeping } from './keeping'
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
    const [typed, setTyped] = useState(before)
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
    const { sentences } = keeping
    const field = (key: string, label: string, unitWord?: string, hint?: string): ReactNode => (
        <Field
            label={label}
            value={typed[key] ?? ''}
            unit={unitWord ?? ''}
            inputMode={unitWord === undefined ? 'text' : 'decimal'}
            hint={hint ?? ''}
            sentence={sentences[key]}
            onChange={(value) => setTyped((others) => ({ ...others, [key]: value }))}
        />
    )
    return (
        <form
            className="space-y-4"
            onSubmit={(event) => {
                event.preventDefault()
                keeping.keep()
            }}
        >
            {field('name', words.numberOnTheBottle)}
            <div className="grid grid-cols-2 gap-x-6 gap-y-4">
                {field('opened_on', words.openedOn, undefined, words.suchAs20260531EmptyNotYet)}
                {field('best_before', words.goodUntil, undefined, words.suchAsADate)}
                {field('left_a_ml', words.leftOfA, unit)}
                {field('left_b_ml', words.leftOfB, unit)}
                {field('bought_ml', words.bothTogetherWhenBought, unit)}
                {field('price', words.paidForIt, '')}
            </div>
            <KeepProblem keeping={keeping} />
            <div className="flex justify-end">
                <Button look="next" type="submit" className="min-w-32">
                    {words.keep}
                </Button>
            </div>
        </form>
    )
}
