import { useState, type ReactNode } from 'react'
import { useAttempt } from '../lib/attempt'
import { joined, slope, span, volume } from '../lib/format'
import { ask } from '../lib/http'
import { useUnits } from '../lib/pages'
import { Field } from './Field'
import { SayForm } from './SayForm'
import * as words from '@words/pour'

interface Answer {
    pool: { take_off_ml: number; tilt_min: number | null; tilt_mm_per_m: number } | null
}

/** It stands too deep somewhere: how much to take off, or how long to tilt it. */
export function Pool({ pour }: { pour: string }): ReactNode {
    const units = useUnits()
    const [share, setShare] = useState('25')
    const [answer, setAnswer] = useState<Answer | null>(null)
    const { attempt, sentences } = useAttempt()
    const say = async (depth: string): Promise<void> => {
        const asked = `depth=${encodeURIComponent(depth)}&share=${encodeURIComponent(share.trim())}`
        setAnswer(await attempt(() => ask<Answer>('GET', `/pours/${pour}/pool?${asked}`)))
    }
    return (
        <section className="col-span-2 border-t ruled pt-2">
            <p className="text-lg font-semibold">{words.itPools}</p>
            <SayForm
                label={words.itStandsSoDeep}
                say={words.whatNow}
                unit={units === 'metric' ? 'mm' : 'in'}
                sentence={sentences.depth ?? sentences.form}
                onSay={(depth) => void say(depth)}
                stays
            >
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
            </SayForm>
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
                                  joined(slope(answer.pool.tilt_mm_per_m, units)),
                              ))}
                </p>
            )}
        </section>
    )
}
