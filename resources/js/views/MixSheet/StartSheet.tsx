import { router } from '@inertiajs/react'
import { useState, type ReactNode } from 'react'
import { Cautions, Strip } from '../../controls/AdviceStrip'
import { Button } from '../../controls/Button'
import { Field, TextArea } from '../../controls/Field'
import { Sheet } from '../../controls/Sheet'
import { fieldNumber, fieldTemperature } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { useSending } from '../../lib/sending'
import type { Advice, RoomInForce } from '../../types/answer'
import type { RoomSpec } from '../../types/plan'

interface Props {
    open: boolean
    onClose: () => void
    coatId: number
    room: RoomSpec
    inForce: RoomInForce | undefined
    stops: Advice[]
    cautions: string[]
}

/** The one question that is asked: from here on the resin is setting. */
export function StartSheet(props: Props): ReactNode {
    const units = useUnits()
    const [typed, setTyped] = useState<{ temperature_c?: string; humidity_pct?: string }>({})
    const [reason, setReason] = useState('')
    const { sending, sentences, options } = useSending()
    const start = (): void => router.post(`/coats/${props.coatId}/pours`, { studio: typed, reason } as never, options)
    return (
        <Sheet open={props.open} onClose={props.onClose} title="Start the clock?">
            <form
                className="space-y-4"
                onSubmit={(event) => {
                    event.preventDefault()
                    start()
                }}
            >
                <p>
                    Start it when the stirring ends: the resin is setting from then on. What is planned now is copied,
                    and stays as it is.
                </p>
                {props.stops.map((stop) => (
                    <Strip key={stop.code} level="stop">
                        {stop.text}
                    </Strip>
                ))}
                {props.stops.length > 0 && (
                    <>
                        <TextArea label="Why you pour all the same" value={reason} onChange={setReason} rows={2} />
                        {sentences.reason !== undefined && (
                            <p className="font-semibold text-danger">{sentences.reason}</p>
                        )}
                    </>
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
                        placeholder={fieldNumber(props.inForce?.humidity_pct)}
                        large
                    />
                </div>
                <Cautions title="Before you pour" sentences={props.cautions} />
                {sentences.form !== undefined && <p className="font-semibold text-danger">{sentences.form}</p>}
                <div className="flex justify-end gap-3">
                    <Button onClick={props.onClose}>Not yet</Button>
                    <Button look="next" type="submit" disabled={sending} className="min-w-40">
                        Start the clock
                    </Button>
                </div>
            </form>
        </Sheet>
    )
}
