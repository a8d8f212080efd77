import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Field } from '../../controls/Field'
import { span, trimmed } from '../../lib/format'
import { ask } from '../../lib/http'
import { useAttempt } from '../../lib/attempt'
import { useUnits } from '../../lib/pages'
import type { BathFigures } from '../../types/mixing'
import * as texts from '@words/batch'

/** What warming the bottles would change. */
export function Bath({ planId, batch }: { planId: number; batch: string }): ReactNode {
    const units = useUnits()
    const [typed, setTyped] = useState('')
    const [bath, setBath] = useState<BathFigures | null>(null)
    const { sentences, attempt } = useAttempt()
    const look = async (): Promise<void> => {
        const url = `/plans/${planId}/batches/${batch}/bath`
        const heard = await attempt(() => ask<{ bath: BathFigures | null }>('POST', url, { celsius: typed }))
        if (heard !== null) setBath(heard.bath)
    }
    return (
        <form
            className="flex flex-wrap items-end gap-x-5 gap-y-1"
            onSubmit={(event) => {
                event.preventDefault()
                void look()
            }}
        >
            <Field
                label={texts.bottlesWarmedTo}
                unit={units === 'metric' ? '°C' : '°F'}
                value={typed}
                onChange={setTyped}
                inputMode="decimal"
                sentence={Object.values(sentences)[0]}
                className="w-36"
            />
            <Button type="submit" className="min-h-9" disabled={typed.trim() === ''}>
                {texts.whatItChanges}
            </Button>
            {bath !== null && (
                <p className="min-w-0 flex-1" role="status">
                    {texts.whatWarmingChanges(
                        trimmed(bath.thinner, 1),
                        lasts(bath.pot_life_min),
                        lasts(bath.pot_life_in_room_min),
                        span(bath.open_on_piece_min),
                    )}
                </p>
            )}
        </form>
    )
}

function lasts(min: number | null): string {
    return min === null ? texts.hours : span(min)
}
