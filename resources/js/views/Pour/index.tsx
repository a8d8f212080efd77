import { Head, Link, router } from '@inertiajs/react'
import { ArrowUUpLeftIcon, CheckIcon, SpeakerHighIcon, SpeakerSlashIcon } from '@phosphor-icons/react'
import { useRef, useState, type ReactNode } from 'react'
import { Cautions } from '../../controls/AdviceStrip'
import { useServerNow, useWakeLock } from '../../lib/clock'
import { moment } from '../../lib/format'
import { wanted } from '../../lib/pour'
import { allowSound, chime } from '../../lib/sound'
import type { PlannedAndUsed, PourState } from '../../types/page'
import { ActList } from './ActList'
import { useChime, useNextKeys } from './hands'
import { usePour } from './usePour'
import { Wants } from './Wants'

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
                {want.kind === 'act' && want.act.kind === 'wipe' && (
                    <Cautions title="Wiping" sentences={cautions.pour} />
                )}
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
