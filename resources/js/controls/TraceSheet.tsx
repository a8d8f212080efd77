import { createContext, lazy, Suspense, useCallback, useContext, useState, type ReactNode } from 'react'
import { Refused } from '../lib/http'
import type { Ranges, Trace } from '../types/answer'
import { Sure } from './HowSure'
import { Sheet } from './Sheet'
import * as words from '@words/controls'

/** Fetched when a figure is first pressed. */
const TraceTable = lazy(() => import('./TraceTable'))

const NONE: Ranges = {}

const Tracing = createContext<(figure: string) => void>(() => {})

/** Lets every figure inside be pressed for the arithmetic that made it. */
export function Traced({
    fetchTrace,
    ranges = NONE,
    children,
}: {
    fetchTrace: (figure: string) => Promise<Trace>
    /** How sure the figures are. */
    ranges?: Ranges
    children: ReactNode
}): ReactNode {
    const [path, setPath] = useState<Trace[]>([])
    const [problem, setProblem] = useState<string | null>(null)
    const open = useCallback(
        (figure: string) => {
            setProblem(null)
            fetchTrace(figure).then(
                (trace) => setPath((before) => [...before, trace]),
                (error: unknown) =>
                    setProblem(error instanceof Refused ? error.message : words.theArithmeticCannotBeFetchedJustNowThe),
            )
        },
        [fetchTrace],
    )
    const shown = path[path.length - 1]
    const close = (): void => {
        setPath([])
        setProblem(null)
    }
    return (
        <Tracing.Provider value={open}>
            <Sure.Provider value={ranges}>
                {children}
                <Sheet
                    open={shown !== undefined || problem !== null}
                    onClose={close}
                    title={shown?.label ?? words.noArithmetic}
                    wide
                >
                    {problem !== null && <p>{problem}</p>}
                    <Suspense>
                        {shown && (
                            <TraceTable
                                trace={shown}
                                onFigure={open}
                                onBack={path.length > 1 ? () => setPath((before) => before.slice(0, -1)) : null}
                            />
                        )}
                    </Suspense>
                </Sheet>
            </Sure.Provider>
        </Tracing.Provider>
    )
}

/** A figure that explains itself when pressed. */
export function Figure(props: { of: string; label?: string; children: ReactNode; className?: string }): ReactNode {
    const open = useContext(Tracing)
    return (
        <button
            type="button"
            data-figure={props.of}
            aria-label={props.label}
            title={words.howThisCameAbout}
            onClick={() => open(props.of)}
            className={`min-h-6 rounded decoration-line decoration-dotted print:min-h-0 underline-offset-[0.22em] hover:underline ${props.className ?? ''}`}
        >
            {props.children}
        </button>
    )
}
