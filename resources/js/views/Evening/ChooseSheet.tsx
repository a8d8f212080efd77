import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Check } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { Sheet } from '../../controls/Sheet'
import { COAT_KINDS } from '../../lib/words'
import type { CoatToChoose } from '../../types/mixing'
import { ChoiceRow } from './ChoiceRow'
import * as words from '@words/evening'

interface Props {
    open: boolean
    onClose: () => void
    /** Undefined until they are there. */
    choices: CoatToChoose[] | undefined
    chosen: string[]
    busy: boolean
    sentence: string | undefined
    onChoose: (coats: string[]) => Promise<void>
}

/** Which coats are poured tonight: what is ready first, by resin. */
export function ChooseSheet(props: Props): ReactNode {
    return (
        <Sheet open={props.open} onClose={props.onClose} title={words.whatIsPouredTonight} wide>
            {props.choices === undefined ? (
                <p className="min-h-40 text-lg">{words.lookingThroughWhatIsPlanned}</p>
            ) : (
                <Choose {...props} choices={props.choices} />
            )}
        </Sheet>
    )
}

/** So many of one resin are shown at first. */
const FOLDED = 12

function Choose(props: Props & { choices: CoatToChoose[] }): ReactNode {
    const [picked, setPicked] = useState(
        () => new Set(props.chosen.filter((coat) => props.choices.some((one) => one.coat === coat))),
    )
    const [later, setLater] = useState(props.choices.some((one) => one.state === 'later' && picked.has(one.coat)))
    const [wanted, setWanted] = useState('')
    const [unfolded, setUnfolded] = useState<string[]>([])
    const shown = props.choices.filter(
        (one) => (later || one.state !== 'later') && found(one, wanted.trim().toLowerCase()),
    )
    const resins = [...new Set(shown.map((one) => one.resin))]
    const put = (coats: string[], on: boolean): void =>
        setPicked((before) => new Set(on ? [...before, ...coats] : [...before].filter((coat) => !coats.includes(coat))))
    return (
        <form
            onSubmit={(event) => {
                event.preventDefault()
                void props.onChoose([...picked])
            }}
        >
            {props.choices.length === 0 && <p>{words.everyCoatThatIsPlannedHasBeenPoured}</p>}
            {props.choices.length > FOLDED && (
                <div className="flex items-end gap-6 pb-3">
                    <Field label={words.findAPieceAPlanOrAResin} value={wanted} onChange={setWanted} className="w-80" />
                    <p className="pb-1 text-soft" aria-live="polite">
                        {words.chosenOf(shown.length, props.choices.length, picked.size)}
                    </p>
                </div>
            )}
            <div className="max-h-[56dvh] space-y-4 overflow-auto pr-2">
                {resins.map((resin) => {
                    const own = shown.filter((one) => one.resin === resin)
                    const ready = own.filter((one) => one.state === 'ready').map((one) => one.coat)
                    return (
                        <fieldset key={resin}>
                            <legend className="flex w-full items-baseline justify-between gap-4 border-b ruled pb-1 font-bold">
                                {resin}
                                {ready.length > 1 && (
                                    <button
                                        type="button"
                                        className="min-h-9 text-sm font-normal underline underline-offset-4"
                                        onClick={() => put(ready, true)}
                                    >
                                        {words.everythingWithItThatIsReady}
                                    </button>
                                )}
                            </legend>
                            {(unfolded.includes(resin) ? own : folded(own, picked)).map((one) => (
                                <ChoiceRow
                                    key={one.coat}
                                    choice={one}
                                    on={picked.has(one.coat)}
                                    onChange={(on) => put([one.coat], on)}
                                />
                            ))}
                            {!unfolded.includes(resin) && own.length > folded(own, picked).length && (
                                <button
                                    type="button"
                                    className="min-h-11 underline underline-offset-4"
                                    onClick={() => setUnfolded([...unfolded, resin])}
                                >
                                    {words.moreWith(own.length - folded(own, picked).length, resin)}
                                </button>
                            )}
                        </fieldset>
                    )
                })}
            </div>
            <div className="mt-4 flex flex-wrap items-center justify-between gap-3">
                <Check label={words.showLaterCoatsToo} on={later} onChange={setLater} />
                <div className="flex items-center gap-4">
                    <p role="status" className="font-semibold text-danger">
                        {props.sentence ?? ''}
                    </p>
                    <Button look="next" type="submit" disabled={props.busy || picked.size === 0} className="min-w-44">
                        {words.proposeTheCups}
                    </Button>
                </div>
            </div>
        </form>
    )
}

/** The first of many, and all that are chosen. */
function folded(choices: CoatToChoose[], picked: Set<string>): CoatToChoose[] {
    return choices.filter((one, index) => index < FOLDED || picked.has(one.coat))
}

function found(choice: CoatToChoose, wanted: string): boolean {
    return (
        wanted === '' ||
        [choice.piece, choice.resin, choice.plan ?? '', COAT_KINDS[choice.kind] ?? ''].some((text) =>
            text.toLowerCase().includes(wanted),
        )
    )
}
