import { InfoIcon, ProhibitIcon, WarningIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import type { Advice, Level, Topic } from '../types/answer'

const LOOKS: Record<Level, { word: string; className: string; Icon: typeof InfoIcon }> = {
    stop: { word: 'Stop', className: 'bg-danger text-danger-ink', Icon: ProhibitIcon },
    caution: { word: 'Caution', className: 'bg-kraft text-kraft-ink', Icon: WarningIcon },
    note: { word: 'Note', className: 'border ruled', Icon: InfoIcon },
}

/** What the core advises on one part of the work; stops and cautions as strips of tape, notes folded away. */
export function AdviceStrips({ advice, topics }: { advice: Advice[]; topics: Topic[] }): ReactNode {
    const here = advice.filter((one) => topics.includes(one.topic))
    const loud = here.filter((one) => one.level !== 'note')
    const notes = here.filter((one) => one.level === 'note')
    return (
        <div className="space-y-1.5">
            <div aria-live="polite" className="space-y-1.5">
                {loud.map((one) => (
                    <Strip key={one.code} level={one.level}>
                        {one.text}
                    </Strip>
                ))}
            </div>
            {notes.length > 0 && (
                <details className="text-sm text-soft">
                    <summary className="min-h-6 cursor-pointer py-1">
                        {notes.length === 1 ? 'One note' : `${notes.length} notes`}
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

export function Strip({ level, children }: { level: Level; children: ReactNode }): ReactNode {
    const { word, className, Icon } = LOOKS[level]
    return (
        <p className={`flex gap-2 rounded px-2.5 py-1.5 text-[15px] leading-snug ${className}`}>
            <Icon size={20} weight="fill" className="mt-px shrink-0" aria-hidden="true" />
            <span>
                <strong className="font-bold">{word}. </strong>
                {children}
            </span>
        </p>
    )
}

/** The cautions of one act, where it happens. */
export function Cautions({ title, sentences }: { title: string; sentences: string[] }): ReactNode {
    return (
        <section className="rounded bg-kraft px-3 py-2 text-kraft-ink">
            <h2 className="flex items-center gap-2 font-bold">
                <WarningIcon size={20} weight="fill" aria-hidden="true" />
                {title}
            </h2>
            <ul className="mt-1 space-y-0.5 text-[15px] leading-snug">
                {sentences.map((sentence) => (
                    <li key={sentence}>{sentence}</li>
                ))}
            </ul>
        </section>
    )
}
