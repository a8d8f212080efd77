import { InfoIcon, ProhibitIcon, WarningIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import { joined, thickness, trimmed } from '../lib/format'
import { useUnits } from '../lib/pages'
import type { Advice, Level, Remedy, Topic } from '../types/answer'
import * as words from '@words/controls'

const LOOKS: Record<Level, { word: string; className: string; Icon: typeof InfoIcon }> = {
    stop: { word: words.stop, className: 'bg-danger text-danger-ink', Icon: ProhibitIcon },
    caution: { word: words.caution, className: 'bg-kraft text-kraft-ink', Icon: WarningIcon },
    note: { word: words.note, className: 'border ruled', Icon: InfoIcon },
}

/** What the core advises on one part of the work; stops and cautions as strips of tape, notes folded away. */
export function AdviceStrips({
    advice,
    topics,
    onRemedy,
}: {
    advice: Advice[]
    topics: Topic[]
    onRemedy?: (remedy: Remedy) => void
}): ReactNode {
    const here = advice.filter((one) => topics.includes(one.topic))
    const loud = here.filter((one) => one.level !== 'note')
    const notes = here.filter((one) => one.level === 'note')
    return (
        <div className="space-y-1.5">
            <div aria-live="polite" className="space-y-1.5">
                {loud.map((one) => (
                    <Strip key={one.code} level={one.level}>
                        {one.text}
                        {onRemedy !== undefined && <Remedies of={one} onRemedy={onRemedy} />}
                    </Strip>
                ))}
            </div>
            {notes.length > 0 && (
                <details className="text-sm text-soft">
                    <summary className="min-h-6 cursor-pointer py-1">
                        {notes.length === 1 ? words.oneNote : words.notes(notes.length)}
                    </summary>
                    <ul className="space-y-1 pb-1">
                        {notes.map((one) => (
                            <li key={one.code + one.text} className="border-l-2 border-line pl-2">
                                {one.text}
                            </li>
                        ))}
                    </ul>
                </details>
            )}
        </div>
    )
}

/** What would take the reason of an advice away, each one press. */
function Remedies({ of, onRemedy }: { of: Advice; onRemedy: (remedy: Remedy) => void }): ReactNode {
    const units = useUnits()
    const said = ({ kind, value }: Remedy): string => {
        if (kind === 'film') return words.makeIt(joined(thickness(value, units)))
        if (kind === 'runoff') return words.pourPercentOnTopToRunOff(trimmed(value, 1))
        if (kind === 'halve') return words.halfOfThemInACupOfTheirOwn
        if (kind === 'together') return words.pourAllOfItFirst
        return kind === 'lifts' ? words.pourItInLifts(value) : words.layItInCoats(value)
    }
    if ((of.remedies ?? []).length === 0) return null
    return (
        <span className="mt-1.5 flex flex-wrap gap-2">
            {of.remedies?.map((remedy) => (
                <button
                    key={remedy.kind}
                    type="button"
                    className="min-h-9 rounded border border-current px-3 font-semibold"
                    onClick={() => onRemedy(remedy)}
                >
                    {said(remedy)}
                </button>
            ))}
        </span>
    )
}

export function Strip({ level, children }: { level: Level; children: ReactNode }): ReactNode {
    const { word, className, Icon } = LOOKS[level]
    return (
        <div className={`flex gap-2 rounded px-2.5 py-1.5 text-[15px] leading-snug ${className}`}>
            <Icon size={20} weight="fill" className="mt-px shrink-0" aria-hidden="true" />
            <span>
                <strong className="font-bold">{word}. </strong>
                {children}
            </span>
        </div>
    )
}

/** The cautions of one act, where it happens: in full the first time, then folded to their name. */
export function Cautions(props: { title: string; sentences: string[]; read?: boolean }): ReactNode {
    const name = (
        <>
            <WarningIcon size={20} weight="fill" aria-hidden="true" />
            {props.title}
        </>
    )
    const list = (
        <ul className="mt-1 space-y-0.5 text-[15px] leading-snug">
            {props.sentences.map((sentence) => (
                <li key={sentence}>{sentence}</li>
            ))}
        </ul>
    )
    if (props.read === true) {
        return (
            <details className="rounded bg-kraft px-3 text-kraft-ink open:pb-2">
                <summary className="flex min-h-16 cursor-pointer items-center gap-2 font-bold">{name}</summary>
                {list}
            </details>
        )
    }
    return (
        <section className="rounded bg-kraft px-3 py-2 text-kraft-ink">
            <h2 className="flex items-center gap-2 font-bold">{name}</h2>
            {list}
        </section>
    )
}
