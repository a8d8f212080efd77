import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Sheet } from '../../controls/Sheet'
import { useAttempt } from '../../lib/attempt'
import { beginRehearsal, type Rehearsed } from '../../lib/rehearsal'
import * as words from '@words/rehearsal'

/** What is chosen from. */
export interface Rehearsable {
    paces: number[]
    accidents: { name: string; title: string }[]
}

/** How tonight is rehearsed: from where on, how fast, and what may go wrong. */
export function RehearseSheet(props: { open: boolean; onClose: () => void; choices: Rehearsable }): ReactNode {
    const { open, onClose, choices } = props
    const [how, setHow] = useState<Rehearsed>({
        mixed: true,
        pace: choices.paces[1] ?? 1,
        accidents: choices.accidents.map((one) => one.name),
    })
    const { busy, sentences, attempt } = useAttempt()
    const choose = (name: string): void =>
        setHow({
            ...how,
            accidents: how.accidents.includes(name)
                ? how.accidents.filter((one) => one !== name)
                : [...how.accidents, name],
        })
    const press = (on: boolean): string =>
        `min-h-11 rounded border px-4 ${on ? 'border-2 border-ink bg-recess font-semibold' : 'border-line bg-sheet text-soft'}`
    return (
        <Sheet open={open} onClose={onClose} title={words.rehearseTonight} wide>
            <p>{words.whatItIs}</p>
            <div className="mt-4 space-y-4">
                <div role="group" aria-label={words.from} className="flex flex-wrap items-center gap-2">
                    <span className="w-28 text-soft">{words.from}</span>
                    {[true, false].map((mixed) => (
                        <button
                            key={String(mixed)}
                            type="button"
                            aria-pressed={how.mixed === mixed}
                            className={press(how.mixed === mixed)}
                            onClick={() => setHow({ ...how, mixed })}
                        >
                            {mixed ? words.thePouring : words.theWeighing}
                        </button>
                    ))}
                </div>
                <div role="group" aria-label={words.howFast} className="flex flex-wrap items-center gap-2">
                    <span className="w-28 text-soft">{words.howFast}</span>
                    {choices.paces.map((pace) => (
                        <button
                            key={pace}
                            type="button"
                            aria-pressed={how.pace === pace}
                            className={press(how.pace === pace)}
                            onClick={() => setHow({ ...how, pace })}
                        >
                            {words.times(pace)}
                        </button>
                    ))}
                </div>
                <div role="group" aria-label={words.whatGoesWrong}>
                    <p className="text-soft">{words.whatGoesWrong}</p>
                    <div className="mt-1 grid gap-2 sm:grid-cols-3">
                        {choices.accidents.map(({ name, title }) => (
                            <button
                                key={name}
                                type="button"
                                aria-pressed={how.accidents.includes(name)}
                                className={press(how.accidents.includes(name))}
                                onClick={() => choose(name)}
                            >
                                {title}
                            </button>
                        ))}
                    </div>
                </div>
            </div>
            <div className="mt-5 flex flex-wrap items-center gap-4">
                <Button look="next" disabled={busy} onClick={() => void attempt(() => beginRehearsal(how))}>
                    {words.begin}
                </Button>
                {sentences.form !== undefined && (
                    <p role="alert" className="font-semibold text-danger">
                        {sentences.form}
                    </p>
                )}
            </div>
        </Sheet>
    )
}
