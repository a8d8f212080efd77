import { router } from '@inertiajs/react'
import { useState, type ReactNode } from 'react'
import { fieldNumber, fieldTemperature } from '../lib/format'
import { useFormPress } from '../lib/journal/useFormPress'
import { useUnits } from '../lib/pages'
import { useSending } from '../lib/sending'
import type { Advice } from '../types/answer'
import type { RoomSpec } from '../types/plan'
import { Cautions, Strip } from './AdviceStrip'
import { Button } from './Button'
import { Field, TextArea } from './Field'
import { Sheet } from './Sheet'
import * as words from '@words/controls'

interface FormProps {
    /** Where the pours are begun. */
    url: string
    button: string
    /** What leads back, and what it does. */
    back: string
    onBack: () => void
    room: RoomSpec
    humidityPct?: number | undefined
    stops: Advice[]
    cautions?: string[] | undefined
    /** For gloves. */
    large?: boolean
}

interface Props extends Omit<FormProps, 'back' | 'onBack' | 'large'> {
    open: boolean
    onClose: () => void
    title: string
    children: ReactNode
}

/** The one question that is asked: from here on the resin is setting. */
export function StartSheet({ open, onClose, title, children, ...form }: Props): ReactNode {
    return (
        <Sheet open={open} onClose={onClose} title={title}>
            <p className="mb-4">{children}</p>
            <StartForm {...form} back={words.notYet} onBack={onClose} />
        </Sheet>
    )
}

/** The room as it is now, and the press that starts the clocks. A stop wants a reason first. */
export function StartForm(props: FormProps): ReactNode {
    const units = useUnits()
    const [typed, setTyped] = useState<{ temperature_c?: string; humidity_pct?: string }>({})
    const [reason, setReason] = useState('')
    const { sending, sentences, options } = useSending()
    const press = useFormPress(true)
    const start = async (): Promise<void> =>
        router.post(props.url, { studio: typed, reason, press: await press() } as never, options)
    const tall = props.large === true ? 'min-h-16 text-xl' : ''
    return (
        <form
            className="space-y-4"
            onSubmit={(event) => {
                event.preventDefault()
                if (!sending) void start()
            }}
        >
            {props.stops.map((stop) => (
                <Strip key={stop.text} level="stop">
                    {stop.text}
                </Strip>
            ))}
            {props.stops.length > 0 && (
                <TextArea label={words.whyYouPourAllTheSame} value={reason} onChange={setReason} rows={2} />
            )}
            {sentences.reason !== undefined && <p className="font-semibold text-danger">{sentences.reason}</p>}
            <div className="grid grid-cols-2 gap-6">
                <Field
                    label={words.theRoomNow}
                    unit={units === 'metric' ? '°C' : '°F'}
                    value={typed.temperature_c ?? fieldTemperature(props.room.temperature_c, units)}
                    onChange={(value) => setTyped((before) => ({ ...before, temperature_c: value }))}
                    sentence={sentences['studio.temperature_c']}
                    inputMode="decimal"
                    large
                />
                <Field
                    label={words.humidityNow}
                    unit="%"
                    value={typed.humidity_pct ?? fieldNumber(props.room.humidity_pct)}
                    onChange={(value) => setTyped((before) => ({ ...before, humidity_pct: value }))}
                    sentence={sentences['studio.humidity_pct']}
                    inputMode="decimal"
                    placeholder={fieldNumber(props.humidityPct)}
                    large
                />
            </div>
            {props.cautions !== undefined && <Cautions title={words.beforeYouPour} sentences={props.cautions} />}
            {sentences.form !== undefined && <p className="font-semibold text-danger">{sentences.form}</p>}
            <div
                className={`flex flex-wrap gap-3 ${props.large === true ? 'flex-row-reverse justify-end' : 'justify-end'}`}
            >
                <Button className={tall} onClick={props.onBack}>
                    {props.back}
                </Button>
                <Button look="next" type="submit" disabled={sending} className={`min-w-40 ${tall}`}>
                    {props.button}
                </Button>
            </div>
        </form>
    )
}
