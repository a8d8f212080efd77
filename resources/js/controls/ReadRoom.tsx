import { ThermometerSimpleIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { useAttempt } from '../lib/attempt'
import { fieldNumber, fieldTemperature } from '../lib/format'
import { ask } from '../lib/http'
import { useUnits } from '../lib/pages'
import type { RoomNow, RunState } from '../types/page'
import { Button } from './Button'
import { Field } from './Field'
import { Sheet } from './Sheet'
import * as words from '@words/controls'

/** A thermometer that somebody reads: two fields, and the clocks follow what they say. */
export function ReadRoom({ room, onRead }: { room: RoomNow | null; onRead: (run: RunState) => void }): ReactNode {
    const units = useUnits()
    const [open, setOpen] = useState(false)
    const [typed, setTyped] = useState<{ temperature_c?: string; humidity_pct?: string }>({})
    const { busy, sentences, setSentences, attempt } = useAttempt()
    const close = (): void => {
        setOpen(false)
        setTyped({})
        setSentences({})
    }
    const keep = async (): Promise<void> => {
        const run = await attempt(() => ask<RunState>('POST', '/run/room', { studio: typed }))
        if (run === null) return
        onRead(run)
        close()
    }
    return (
        <>
            <button
                type="button"
                aria-label={words.readTheRoom}
                className="grid min-h-16 min-w-16 place-items-center rounded border border-line bg-sheet"
                onClick={() => setOpen(true)}
            >
                <ThermometerSimpleIcon size={26} />
            </button>
            <Sheet open={open} onClose={close} title={words.readTheRoom}>
                <form
                    className="space-y-4"
                    onSubmit={(event) => {
                        event.preventDefault()
                        if (!busy) void keep()
                    }}
                >
                    <p className="text-lg">{words.theClocksFollowIt}</p>
                    <div className="grid grid-cols-2 gap-6">
                        <Field
                            label={words.theRoomNow}
                            unit={units === 'metric' ? '°C' : '°F'}
                            value={typed.temperature_c ?? ''}
                            placeholder={room === null ? '' : words.lastTime(fieldTemperature(room.celsius, units))}
                            onChange={(value) => setTyped((before) => ({ ...before, temperature_c: value }))}
                            sentence={sentences['studio.temperature_c']}
                            inputMode="decimal"
                            autoFocus
                            large
                        />
                        <Field
                            label={words.humidityNow}
                            unit="%"
                            value={typed.humidity_pct ?? ''}
                            placeholder={
                                room === null ? '' : words.lastTime(fieldNumber(Math.round(room.humidity_pct)))
                            }
                            onChange={(value) => setTyped((before) => ({ ...before, humidity_pct: value }))}
                            sentence={sentences['studio.humidity_pct']}
                            inputMode="decimal"
                            large
                        />
                    </div>
                    {sentences.form !== undefined && <p className="font-semibold text-danger">{sentences.form}</p>}
                    <Button look="next" type="submit" className="min-h-16 min-w-44 text-xl" disabled={busy}>
                        {words.followIt}
                    </Button>
                </form>
            </Sheet>
        </>
    )
}
