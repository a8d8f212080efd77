import { useState, type ReactNode } from 'react'
import { attempted } from '../lib/attempt'
import { digits, joined, span, thickness, volume, volumeMix, weightMix } from '../lib/format'
import { ask } from '../lib/http'
import { useUnits } from '../lib/pages'
import type { Short } from '../types/page'
import { SayForm } from './SayForm'
import * as words from '@words/happened'

/** How much is missing on a film, and the two ways out with their figures. */
export function Missing({
    film,
    onMissing,
}: {
    film: { id: string }
    onMissing: (written: string) => void
}): ReactNode {
    const units = useUnits()
    const [short, setShort] = useState<Short | null>(null)
    const [sentence, setSentence] = useState<string>()
    const [written, setWritten] = useState<string | null>(null)
    const say = async (amount: string): Promise<void> => {
        const said = await attempted(() =>
            ask<Short>('GET', `/pours/${film.id}/short?ml=${encodeURIComponent(amount)}`),
        )
        setShort(said.done ? said.value : null)
        setSentence(said.done ? undefined : (said.sentences.ml ?? said.sentences.form))
        // without an answer it is written down all the same; what is no amount is not, nor the same one twice
        if ((said.done || said.isUnreachable) && amount !== written) {
            setWritten(amount)
            onMissing(amount)
        }
    }
    return (
        <div className="mt-4 border-t ruled pt-3">
            <SayForm
                label={words.howMuchIsMissing}
                say={words.whatNow}
                unit={units === 'metric' ? 'ml' : 'fl oz'}
                sentence={sentence}
                onSay={(amount) => void say(amount)}
                numbers
                stays
            />
            {short !== null && (
                <div className="mt-3 grid gap-4 sm:grid-cols-2" role="status" data-testid="short">
                    {short.stretched_mm !== null && short.asked_mm !== null && (
                        <section>
                            <h3 className="text-lg text-soft">{words.leaveItSo}</h3>
                            <p className="figure text-4xl">{joined(thickness(short.stretched_mm, units))}</p>
                            <p className="text-lg">
                                {words.insteadOf(joined(thickness(short.asked_mm, units)))}{' '}
                                {short.levels !== null &&
                                    short.thinnest_mm !== null &&
                                    (short.levels
                                        ? words.stillLevels(joined(thickness(short.thinnest_mm, units)))
                                        : words.tooThinToLevel(joined(thickness(short.thinnest_mm, units))))}
                            </p>
                        </section>
                    )}
                    <section>
                        <h3 className="text-lg text-soft">
                            {words.mixTheRest(joined(volume(short.mix.total_ml, units)))}
                        </h3>
                        <Two mix={short.mix} />
                        <p className={`text-lg ${short.in_time ? '' : 'font-bold text-danger'}`}>
                            {short.in_time
                                ? words.inTime(digits(short.takes_min, 0), span(short.left_min))
                                : words.tooLate(digits(short.takes_min, 0), span(short.left_min))}
                        </p>
                    </section>
                </div>
            )}
        </div>
    )
}

/** Both parts of it, by weight where they can be weighed. */
function Two({ mix }: { mix: Short['mix'] }): ReactNode {
    const units = useUnits()
    const two = mix.shown.g === null ? volumeMix(mix, units) : weightMix(mix)
    return (
        <p className="figure text-3xl">
            A {joined(two.a)}, B {joined(two.b)}
        </p>
    )
}
