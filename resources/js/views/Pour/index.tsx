import { Head, Link, router } from '@inertiajs/react'
import { ArrowUUpLeftIcon, CheckIcon, SpeakerHighIcon, SpeakerSlashIcon } from '@phosphor-icons/react'
import { useEffect, useRef, useState, type ReactNode } from 'react'
import { Cautions } from '../../controls/AdviceStrip'
import { Digits } from '../../controls/Digits'
import { FilmLane } from '../../drawings/FilmLane'
import { PhaseIcon, PHASES } from '../../drawings/phases'
import { useServerNow, useWakeLock } from '../../lib/clock'
import { countdown, joined, moment, span, weightMix } from '../../lib/format'
import { lane, wanted, type Wanted } from '../../lib/pour'
import { allowSound, chime } from '../../lib/sound'
import type { PlannedAndUsed, PourState } from '../../types'
import { usePour } from './usePour'

interface Props {
    pour: PourState
    planned: PlannedAndUsed
    cautions: { pour: string[]; heat: string[] }
}

const TREMBLE_MS = 600

/** The pour: for gloves and a metre away. One thing at a time, one large press for it. */
export default function Pour({ pour: first, planned, cautions }: Props): ReactNode {
    const { pour, cutOff, pouredUnheard, refused, perform } = usePour(first)
    const now = useServerNow()
    useWakeLock()
    const want = wanted(pour, now)
    const [loud, setLoud] = useState(false)
    useChime(want, loud)

    const done = pour.acts.filter((act) => act.done_at !== null)
    const lastDone = done[done.length - 1]
    const pressedAt = useRef(-TREMBLE_MS)
    const next = (): void => {
        // a glove that trembles presses twice
        if (performance.now() - pressedAt.current < TREMBLE_MS || pouredUnheard !== null) return
        pressedAt.current = performance.now()
        if (want.kind === 'pouring') perform('POST', 'poured')
        if (want.kind === 'act') perform('POST', `acts/${want.act.id}`)
        if (want.kind === 'waiting') router.visit(`/pours/${pour.id}/finish`)
    }
    const back = lastDone
        ? (): void => perform('DELETE', `acts/${lastDone.id}`)
        : pour.poured_at !== null
          ? (): void => perform('DELETE', 'poured')
          : null
    useNextKeys(next)

    return (
        <div
            className="mx-auto grid w-full max-w-6xl flex-1 grid-rows-[auto_1fr_auto] lg:grid-cols-[1fr_22rem] lg:grid-rows-[1fr_auto]"
            onPointerDown={() => {
                if (loud) allowSound()
            }}
        >
            <Head title={pour.title} />
            <div className="flex min-w-0 flex-col px-4 pt-3 sm:px-6">
                <div className="flex items-center gap-3">
                    <h1 className="min-w-0 flex-1 truncate text-lg">{pour.title}</h1>
                    <button
                        type="button"
                        aria-pressed={loud}
                        aria-label="Sound"
                        className="grid size-16 place-items-center rounded border border-line bg-sheet"
                        onClick={() => {
                            allowSound()
                            setLoud(!loud)
                            if (!loud) setTimeout(chime, 50)
                        }}
                    >
                        {loud ? <SpeakerHighIcon size={30} weight="fill" /> : <SpeakerSlashIcon size={30} />}
                    </button>
                </div>
                <div aria-live="polite" className="min-h-0">
                    {cutOff && (
                        <p className="mt-1 rounded bg-kraft px-3 py-1 text-kraft-ink">
                            No answer from the studio. The clock goes on; what you press is kept.
                        </p>
                    )}
                    {pouredUnheard !== null && (
                        <p className="mt-1 font-semibold">
                            Poured at {moment(pouredUnheard, now)}, kept here. The times come when the studio answers.
                        </p>
                    )}
                    {refused !== null && <p className="mt-1 font-semibold text-danger">{refused}</p>}
                </div>
                <Wants want={want} pour={pour} now={now} planned={planned} />
            </div>

            <div className="min-w-0 space-y-4 px-4 py-3 sm:px-6 lg:row-span-2 lg:border-l lg:ruled">
                {want.kind === 'pouring' && <Cautions title="Mixing and pouring" sentences={cautions.pour} />}
                {want.kind === 'act' && want.act.kind === 'pass' && (
                    <Cautions title="Before the heat" sentences={cautions.heat} />
                )}
                {pour.poured_at !== null && <ActList pour={pour} now={now} />}
            </div>

            <div className="sticky bottom-0 flex items-stretch gap-3 border-t ruled bg-bench px-4 py-3 sm:px-6">
                <button
                    type="button"
                    disabled={back === null}
                    aria-label="Take the last press back"
                    className="grid min-h-20 w-20 shrink-0 place-items-center rounded border border-line bg-sheet disabled:opacity-40"
                    onClick={() => back?.()}
                >
                    <ArrowUUpLeftIcon size={34} />
                </button>
                <button
                    type="button"
                    data-testid="next"
                    className="flex min-h-20 flex-1 items-center justify-center gap-3 rounded bg-act px-4 text-2xl font-bold text-act-ink"
                    onClick={next}
                >
                    {want.kind === 'pouring' && 'It is all on the piece'}
                    {want.kind === 'act' && (
                        <>
                            <CheckIcon size={34} weight="bold" /> Done
                        </>
                    )}
                    {want.kind === 'waiting' && 'Finish: what it took'}
                </button>
                {want.kind !== 'waiting' && (
                    <Link
                        href={`/pours/${pour.id}/finish`}
                        className="hidden min-h-20 place-items-center rounded border border-line bg-sheet px-4 text-center sm:grid"
                    >
                        Finish now
                    </Link>
                )}
            </div>
        </div>
    )
}

/** The one thing that is wanted, as large as the screen allows. */
function Wants({
    want,
    pour,
    now,
    planned,
}: {
    want: Wanted
    pour: PourState
    now: number
    planned: PlannedAndUsed
}): ReactNode {
    const openLeft = pour.open_until - now
    return (
        <div className="flex flex-1 flex-col justify-center py-3">
            {want.kind === 'pouring' && (
                <>
                    <p className="text-2xl">Pour and spread</p>
                    <BigTime
                        testId="open-left"
                        text={openLeft > 0 ? countdown(openLeft) : `${countdown(-openLeft)} over`}
                        late={openLeft <= 0}
                    />
                    <p className="text-xl text-soft">
                        {openLeft > 0
                            ? 'of open time left, if it goes on now'
                            : 'past the open time: it no longer levels'}
                    </p>
                    <p className="mt-4 text-xl">
                        In the middle or in ribbons; push, do not brush; the wet edge out to the rim last, and over it.
                        Every spot and the sides touched wet.
                    </p>
                    <p className="mt-3 text-lg text-soft">
                        A {joined(weightMix(planned.planned.a_g, planned.planned.total_g).a)}, B{' '}
                        {joined(weightMix(planned.planned.a_g, planned.planned.total_g).b)}, {planned.resin}
                    </p>
                </>
            )}
            {want.kind === 'act' && (
                <>
                    <p className="text-3xl font-bold">{want.act.title}</p>
                    <BigTime
                        testId="due-in"
                        text={
                            want.dueIn > 0
                                ? countdown(want.dueIn)
                                : want.dueIn > -60_000
                                  ? 'now'
                                  : `${span(-want.dueIn / 60_000)} ago`
                        }
                        late={want.dueIn <= 0}
                    />
                    <p className="text-xl">{want.act.how}</p>
                    <p className="mt-3 text-lg text-soft">
                        {pour.closes_at !== null && now < pour.closes_at
                            ? `The film heals for another ${span((pour.closes_at - now) / 60_000)}.`
                            : 'The film has closed: heat now leaves a scar.'}
                    </p>
                </>
            )}
            {want.kind === 'waiting' && (
                <>
                    <p className="flex items-center gap-3 text-3xl font-bold">
                        <PhaseIcon phase={want.phase} size={34} /> {PHASES[want.phase].word}
                    </p>
                    {want.next === null ? (
                        <p className="figure mt-3 text-5xl">Ready</p>
                    ) : (
                        <BigTime testId="next-phase-in" text={countdown(want.next.in)} late={false} />
                    )}
                    <p className="text-xl">{PHASES[want.phase].means}</p>
                    {want.next !== null && (
                        <p className="mt-3 text-lg text-soft">
                            {PHASES[want.next.phase].word} at {moment(now + want.next.in, now)}
                        </p>
                    )}
                </>
            )}
            {pour.poured_at !== null && (
                <div className="mt-5">
                    <FilmLane
                        {...lane(pour, now)}
                        height={34}
                        {...(want.kind === 'act'
                            ? { untilMin: (1.12 * (pour.open_until - pour.poured_at)) / 60_000 }
                            : {})}
                    />
                </div>
            )}
        </div>
    )
}

function BigTime({ text, late, testId }: { text: string; late: boolean; testId: string }): ReactNode {
    return (
        <p
            data-testid={testId}
            role="timer"
            className={`figure my-2 ${text.length > 7 ? 'text-[3.4rem] sm:text-[5.5rem]' : 'text-[6.2rem] sm:text-[9rem]'} ${late ? 'text-danger' : ''}`}
        >
            <Digits text={text} />
        </p>
    )
}

function ActList({ pour, now }: { pour: PourState; now: number }): ReactNode {
    const current = pour.acts.find((act) => act.done_at === null)
    return (
        <ol className="divide-y divide-hair border-y ruled">
            {pour.acts.map((act) => (
                <li
                    key={act.id}
                    aria-current={act === current ? 'step' : undefined}
                    className={`flex items-baseline gap-3 py-1.5 text-lg ${act === current ? 'font-bold' : ''}`}
                >
                    <span className="w-6 shrink-0 self-center">
                        {act.done_at !== null && <CheckIcon size={20} weight="bold" aria-label="done" />}
                    </span>
                    <span className={`flex-1 ${act.done_at !== null ? 'text-soft' : ''}`}>{act.title}</span>
                    <span className="text-soft">{moment(act.done_at ?? act.due_at, now)}</span>
                </li>
            ))}
            {pour.phases.slice(1).map((phase) => (
                <li key={phase.phase} className="flex items-center gap-3 py-1.5 text-lg">
                    <span className="w-6 shrink-0">
                        <PhaseIcon phase={phase.phase} />
                    </span>
                    <span className="flex-1">{PHASES[phase.phase].word}</span>
                    <span className="text-soft">{moment(phase.from, now)}</span>
                </li>
            ))}
        </ol>
    )
}

/** Sounds once when something falls due or the film changes. */
function useChime(want: Wanted, loud: boolean): void {
    const due =
        want.kind === 'act' ? (want.dueIn <= 0 ? want.act.id : null) : want.kind === 'waiting' ? want.phase : null
    const before = useRef(due)
    useEffect(() => {
        if (due !== before.current && due !== null && loud) chime()
        before.current = due
    }, [due, loud])
}

/** Space, enter and Page Down (a foot pedal) all mean next. */
function useNextKeys(next: () => void): void {
    const current = useRef(next)
    useEffect(() => {
        current.current = next
    })
    useEffect(() => {
        const press = (event: KeyboardEvent): void => {
            if (![' ', 'Enter', 'PageDown'].includes(event.key) || event.repeat) return
            if (
                event.key !== 'PageDown' &&
                event.target instanceof Element &&
                event.target.closest('a, button, input, textarea, summary')
            )
                return
            event.preventDefault()
            current.current()
        }
        window.addEventListener('keydown', press)
        return () => window.removeEventListener('keydown', press)
    }, [])
}
