import { router } from '@inertiajs/react'
import { useState, type ReactNode } from 'react'
import { Strip } from '../../controls/AdviceStrip'
import { Button } from '../../controls/Button'
import { Field, TextArea } from '../../controls/Field'
import { Sheet } from '../../controls/Sheet'
import { fieldNumber, fieldTemperature } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { useSending } from '../../lib/sending'
import type { Advice } from '../../types/answer'
import type { RoomSpec } from '../../types/plan'

interface Props {
    open: boolean
    onClose: () => void
    mixingId: number
    room: RoomSpec
    stops: Advice[]
    pieces: string[]
}

/** From the cup to the pieces: the clocks of all of them, counted from the end of the stirring. */
export function PourSheet(props: Props): ReactNode {
    const units = useUnits()
    const [typed, setTyped] = useState<{ temperature_c?: string; humidity_pct?: string }>({})
    const [reason, setReason] = useState('')
    const { sending, sentences, options } = useSending()
    return (
        <Sheet open={props.open} onClose={props.onClose} title="Start the clocks?">
            <form
                className="space-y-4"
                onSubmit={(event) => {
                    event.preventDefault()
                    router.post(`/mixings/${props.mixingId}/pours`, { studio: typed, reason } as never, options)
                }}
            >
                <p>They count from the end of the stirring. Pour in this order: {props.pieces.join(', then ')}.</p>
                {props.stops.map((stop) => (
                    <Strip key={stop.text} level="stop">
                        {stop.text}
                    </Strip>
                ))}
                {props.stops.length > 0 && (
                    <TextArea
                        label="Why you pour all the same"
                        value={reason}
                        onChange={setReason}
                        rows={2}
                        sentence={sentences.reason}
                    />
                )}
                <div className="grid grid-cols-2 gap-6">
                    <Field
                        label="The room now"
                        unit={units === 'metric' ? '°C' : '°F'}
                        value={typed.temperature_c ?? fieldTemperature(props.room.temperature_c, units)}
                        onChange={(value) => setTyped((before) => ({ ...before, temperature_c: value }))}
                        sentence={sentences['studio.temperature_c']}
                        inputMode="decimal"
                        large
                    />
                    <Field
                        label="Humidity now"
                        unit="%"
                        value={typed.humidity_pct ?? fieldNumber(props.room.humidity_pct)}
                        onChange={(value) => setTyped((before) => ({ ...before, humidity_pct: value }))}
                        sentence={sentences['studio.humidity_pct']}
                        inputMode="decimal"
                        large
                    />
                </div>
                {(sentences.form ?? sentences.reason) !== undefined && props.stops.length === 0 && (
                    <p className="font-semibold text-danger">{sentences.form ?? sentences.reason}</p>
                )}
                <div className="flex justify-end gap-3">
                    <Button onClick={props.onClose}>Not yet</Button>
                    <Button look="next" type="submit" disabled={sending} className="min-w-40">
                        Start the clocks
                    </Button>
                </div>
            </form>
        </Sheet>
    )
}
