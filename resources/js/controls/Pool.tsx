import { useState, type ReactNode } from 'react'
import { useAttempt } from '../lib/attempt'
import { digits, joined, span, volume } from '../lib/format'
import { ask } from '../lib/http'
import { useUnits } from '../lib/pages'
import { Field } from './Field'
import * as words from '@words/pour'

interface Answer {
    pool: { take_off_ml: number; tilt_min: number | null; tilt_mm_per_m: number } | null
}

/** It stands too deep somewhere: how much to take off, or how long to tilt it. */
export function Pool({ pour }: { pour: string }): ReactNode {
    const units = useUnits()
    const [depth, setDepth] = useState('')
    const [share, setShare] = useState('25')
    const [answer, setAnswer] = useState<Answer | null>(null)
    const { attempt, sentences } = useAttempt()
    const say = async (): Promise<void> =>
        setAnswer(
            await attempt(() =>
                ask<Answer>(
                    'GET',
                    `/pours/${pour}/pool?depth=${encodeURIComponent(depth.trim())}&share=${encodeURIComponent(share.trim())}`,
                ),
            ),
        )
    return (
        <form
            className="col-span-2 border-t ruled pt-2"
            onSubmit={(event) => {
                event.preventDefault()
                if (depth.trim() !== '') void say()
            }}
        >
            <p className="text-lg font-semibold">{words.itPools}</p>
            <div className="flex items-end gap-2">
                <Field
                    label={words.itStandsSoDeep}
                    value={depth}
                    onChange={setDepth}
                    unit={units === 'metric' ? 'mm' : 'in'}
                    sentence={sentences.depth ?? sentences.form}
                    inputMode="decimal"
                    large
                    className="min-w-0 flex-1"
                />
                <Field
                    label={words.onSoMuchOfTheFace}
                    value={share}
                    onChange={setShare}
                    unit="%"
                    sentence={sentences.share}
                    inputMode="decimal"
                    large
                    className="w-28"
                />
                <button
                    type="submit"
                    disabled={depth.trim() === ''}
                    className="min-h-16 rounded border border-line bg-sheet px-3 text-lg disabled:opacity-40"
                >
                    {words.whatNow}
                </button>
            </div>
            {answer !== null && (
                <p className="mt-1 text-lg" role="status" data-testid="pool">
                    {answer.pool === null
                        ? words.thatIsNoPool
                        : words.takeOff(joined(volume(answer.pool.take_off_ml, units)))}{' '}
                    {answer.pool !== null &&
                        (answer.pool.tilt_min === null
                            ? words.tiltHelpsNoMore
                            : words.orTilt(
                                  span(answer.pool.tilt_min),
                                  units === 'metric'
                                      ? words.mmInAMetre(digits(answer.pool.tilt_mm_per_m, 0))
                                      : words.inInAFoot(digits(answer.pool.tilt_mm_per_m * 0.012, 2)),
                              ))}
                </p>
            )}
        </form>
    )
}
