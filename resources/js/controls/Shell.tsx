import { Link, router, usePage } from '@inertiajs/react'
import { MoonIcon, SunIcon } from '@phosphor-icons/react'
import { lazy, Suspense, useState, type ReactNode } from 'react'
import { PhasePatterns } from '../drawings/phases'
import { changeUnits, useShared } from '../lib/pages'
import type { Units } from '../types/page'
import { QueueStrip } from './QueueStrip'
import { Shortcuts } from './Shortcuts'
import { FirstStart } from './FirstStart'
import * as words from '@words/controls'

// only who rehearses fetches it
const RehearsalBar = lazy(() => import('./RehearsalBar'))

const PLACES = [
    { href: '/', word: words.now },
    { href: '/pieces', word: words.pieces },
    { href: '/evening', word: words.tonight },
    { href: '/shelf', word: words.shelf },
    { href: '/studio', word: words.studio },
]

/** What stands round every page: where one can go, the person's units, the light of the room. */
export function Shell({ children }: { children: ReactNode }): ReactNode {
    const { url } = usePage()
    const { said, undo, no_substitute: noSubstitute, rehearsal } = useShared()
    const here = (href: string): boolean =>
        href === '/'
            ? url === '/'
            : url.startsWith(href) || (href === '/evening' && /^\/(plans\/\d+\/(evening|batches)|mixings)/.test(url))
    return (
        <div className="flex min-h-dvh flex-col">
            <PhasePatterns />
            <a href="#page" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-sheet focus:p-3">
                {words.toThePage}
            </a>
            <header className="no-print flex flex-wrap items-center gap-x-1 border-b sm:gap-x-5 ruled px-2 sm:px-6">
                <Link href="/" className="flex min-h-12 items-center gap-2" aria-label={words.openGlazeNow}>
                    <Mark />
                    <span className="figure hidden text-lg sm:inline">{words.openGlaze}</span>
                </Link>
                <nav aria-label={words.places} className="flex flex-wrap">
                    {PLACES.map((place) => (
                        <Link
                            key={place.href}
                            href={place.href}
                            aria-current={here(place.href) ? 'page' : undefined}
                            className={`flex min-h-12 items-center border-y-3 border-t-transparent px-1.5 sm:px-3.5 ${here(place.href) ? 'border-b-ink font-semibold' : 'border-b-transparent hover:border-b-hair'}`}
                        >
                            {place.word}
                        </Link>
                    ))}
                </nav>
                <div className="ml-auto flex items-center gap-1">
                    <UnitsSwitch />
                    <LightSwitch />
                </div>
            </header>
            {rehearsal !== null && (
                <Suspense>
                    <RehearsalBar ended={rehearsal.ended} />
                </Suspense>
            )}
            <FirstStart text={noSubstitute} />
            <QueueStrip />
            {said !== null && (
                <div role="status" className="no-print flex items-center gap-4 border-b ruled bg-sheet px-6 py-1.5">
                    {said}
                    {undo !== null && (
                        <button
                            type="button"
                            className="min-h-9 font-semibold text-act underline underline-offset-4"
                            onClick={() => router.post(undo)}
                        >
                            {words.undo}
                        </button>
                    )}
                </div>
            )}
            <Shortcuts />
            <main id="page" className="flex flex-1 flex-col">
                {children}
            </main>
        </div>
    )
}

/** A film that runs over an edge, and its drop. */
function Mark(): ReactNode {
    return (
        <svg width="32" height="32" viewBox="0 0 32 32" aria-hidden="true">
            <rect x="1.6" y="12" width="20.4" height="9" fill="var(--ground)" stroke="var(--ground-line)" />
            <path
                d="M1.6 6.5 H17 C23.4 6.5 26.6 9.6 26.6 15.6 V19.6 C26.6 22.4 29.4 23.8 29.4 27 A3.6 3.6 0 0 1 22.2 27 C22.2 24.6 22 23.4 22 21 V14.4 Q22 12 19.6 12 H1.6 Z"
                fill="url(#gloss)"
                stroke="var(--resin-edge)"
                strokeWidth="1.3"
                strokeLinejoin="round"
            />
            <path d="M5 8.9 H16" stroke="var(--gloss)" strokeWidth="1.8" strokeLinecap="round" />
        </svg>
    )
}

function UnitsSwitch(): ReactNode {
    const { units } = useShared()
    const other: Units = units === 'metric' ? 'imperial' : 'metric'
    return (
        <button
            type="button"
            className="hidden min-h-11 rounded px-2 text-sm hover:bg-recess sm:block"
            onClick={() => changeUnits(other)}
        >
            <span className={units === 'metric' ? 'font-bold' : 'text-soft'}>{words.mmMl}</span>
            <span className="px-1 text-soft">/</span>
            <span className={units === 'imperial' ? 'font-bold' : 'text-soft'}>{words.inOz}</span>
            <span className="sr-only">{words.changeUnitsTo(other)}</span>
        </button>
    )
}

function LightSwitch(): ReactNode {
    const [light, setLight] = useState(() => document.documentElement.dataset.light ?? 'light')
    const other = light === 'dark' ? 'light' : 'dark'
    return (
        <button
            type="button"
            className="grid size-11 place-items-center rounded hover:bg-recess"
            aria-label={words.changeToARoom(other)}
            onClick={() => {
                document.documentElement.dataset.light = other
                setLight(other)
                try {
                    localStorage.setItem('light', other)
                } catch {
                    // the browser keeps nothing; the room stays as chosen until it is left
                }
            }}
        >
            {light === 'dark' ? <SunIcon size={20} /> : <MoonIcon size={20} />}
        </button>
    )
}
