import { Link } from '@inertiajs/react'
import { WarningIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import type { PressedKind } from '../types/generated/journal'
import type { PourState, Unexpected } from '../types/page'
import { Missing } from './Missing'
import { Sheet } from './Sheet'
import * as words from '@words/happened'

/** A thing that something can have happened to. */
interface Thing {
    id: string
    title: string
}

interface Props {
    unexpected: Unexpected[]
    /** What is being poured or is wet, what the hands are at first. */
    films: PourState[]
    cups: Thing[]
    press: (kind: PressedKind, subject: string, facts: Record<string, unknown>, of: string) => void
}

const PRESS = 'min-h-16 rounded border border-line bg-bench px-4 py-2 text-left text-lg leading-tight'

/** Something that nobody planned: one press says what, a second which piece where there are several, and what to do stands there at once. */
export function Happened({ unexpected, films, cups, press }: Props): ReactNode {
    const [open, setOpen] = useState(false)
    const [what, setWhat] = useState<Unexpected | null>(null)
    const [thing, setThing] = useState<Thing | null>(null)
    const [written, setWritten] = useState(false)
    const things = (one: Unexpected): Thing[] => (one.of === 'film' ? films : one.of === 'cup' ? cups : [])
    const close = (): void => {
        setOpen(false)
        setWhat(null)
        setThing(null)
        setWritten(false)
    }
    const happen = (one: Unexpected, to: Thing): void => {
        setThing(to)
        // how much is missing is said with the amount
        if (!one.lacks) write(one, to)
    }
    const write = (one: Unexpected, to: Thing, facts: Record<string, unknown> = {}): void => {
        const of = `${one.title}, ${to.title}`
        if (one.of === 'cup') press('discarded', to.id, { because: one.what }, of)
        else press('happened', to.id, { what: one.what, ...facts }, of)
        setWritten(true)
    }
    const choose = (one: Unexpected): void => {
        setWhat(one)
        const [only, ...others] = things(one)
        if (only !== undefined && others.length === 0) happen(one, only)
    }
    const asks = what !== null && thing === null && things(what).length > 1
    return (
        <>
            <button
                type="button"
                className="flex min-h-16 items-center gap-2 rounded border border-line bg-sheet px-3 text-lg leading-tight"
                onClick={() => setOpen(true)}
            >
                <WarningIcon size={26} /> {words.mishap}
            </button>
            <Sheet open={open} onClose={close} title={what?.title ?? words.whatHappened} wide>
                {what === null && (
                    <div className="grid gap-2 sm:grid-cols-2">
                        {unexpected.map((one) => (
                            <button key={one.what} type="button" className={PRESS} onClick={() => choose(one)}>
                                {one.title}
                            </button>
                        ))}
                    </div>
                )}
                {what !== null && (
                    <ol className="space-y-2 text-xl leading-snug" data-testid="what-to-do">
                        {what.now.map((sentence) => (
                            <li key={sentence}>{sentence}</li>
                        ))}
                    </ol>
                )}
                {asks && (
                    <>
                        <h2 className="mt-4 text-lg font-semibold">{words.where}</h2>
                        <div className="mt-1 grid gap-2 sm:grid-cols-2">
                            {things(what).map((one) => (
                                <button key={one.id} type="button" className={PRESS} onClick={() => happen(what, one)}>
                                    {one.title}
                                </button>
                            ))}
                        </div>
                    </>
                )}
                {what?.of === 'lot' && (
                    <Link href="/shelf" className={`${PRESS} mt-4 inline-flex items-center font-semibold`}>
                        {words.countWhatIsLeft}
                    </Link>
                )}
                {what?.lacks === true && thing !== null && (
                    <Missing film={thing} onMissing={(amount) => write(what, thing, { written: amount })} />
                )}
                {what !== null && (
                    <div className="mt-4 flex flex-wrap items-center gap-4">
                        <button type="button" className={`${PRESS} px-6 font-semibold`} onClick={close}>
                            {words.backToTheBench}
                        </button>
                        {written && <p className="text-soft">{words.writtenDownFor(thing?.title ?? '')}</p>}
                    </div>
                )}
            </Sheet>
        </>
    )
}
