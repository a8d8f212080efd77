import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react'
import { Refused } from '../lib/http'
import type { Trace, TraceInput } from '../types/answer'
import { trimmed } from '../lib/format'
import { Sheet } from './Sheet'

const ORIGINS: Record<TraceInput['origin'], string> = {
    entered: 'entered',
    label: 'from the label',
    measured: 'measured',
    assumed: 'assumed',
    computed: 'worked out',
    constant: 'fixed',
}

const Tracing = createContext<(figure: string) => void>(() => {})

/** Lets every figure inside be pressed for the arithmetic that made it. */
export function Traced({
    fetchTrace,
    children,
}: {
    fetchTrace: (figure: string) => Promise<Trace>
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
                    setProblem(
                        error instanceof Refused
                            ? error.message
                            : 'The arithmetic cannot be fetched just now: the studio does not answer.',
                    ),
            )
        },
        [fetchTrace],
    )
    const shown = path[path.length - 1]
    const close = (): void => {
        setPath([])
        setProblem(null)
    }
    const value = useMemo(() => open, [open])
    return (
        <Tracing.Provider value={value}>
            {children}
            <Sheet
                open={shown !== undefined || problem !== null}
                onClose={close}
                title={shown?.label ?? 'No arithmetic'}
                wide
            >
                {problem !== null && <p>{problem}</p>}
                {shown && (
                    <TraceTable
                        trace={shown}
                        onFigure={open}
                        onBack={path.length > 1 ? () => setPath((before) => before.slice(0, -1)) : null}
                    />
                )}
            </Sheet>
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
            title="How this came about"
            onClick={() => open(props.of)}
            className={`min-h-6 rounded decoration-line decoration-dotted print:min-h-0 underline-offset-[0.22em] hover:underline ${props.className ?? ''}`}
        >
            {props.children}
        </button>
    )
}

function TraceTable(props: {
    trace: Trace
    onFigure: (figure: string) => void
    onBack: (() => void) | null
}): ReactNode {
    const { trace } = props
    const assumed = trace.inputs.filter((input) => input.origin === 'assumed')
    return (
        <div>
            <p className="text-lg">{trace.words[0]?.toUpperCase() + trace.words.slice(1)}.</p>
            <div className="mt-3 overflow-x-auto">
                <table className="w-full text-left">
                    <thead className="sr-only">
                        <tr>
                            <th>Input</th>
                            <th>Value</th>
                            <th>From</th>
                        </tr>
                    </thead>
                    <tbody>
                        {trace.inputs.map((input) => (
                            <tr key={input.symbol} className="border-t ruled align-baseline">
                                <td className="py-1.5 pr-3">
                                    {input.figure !== null && input.value !== null ? (
                                        <button
                                            type="button"
                                            className="underline decoration-dotted underline-offset-4"
                                            onClick={() => props.onFigure(input.figure!)}
                                        >
                                            {input.label}
                                        </button>
                                    ) : (
                                        input.label
                                    )}
                                </td>
                                <td className="py-1.5 pr-3 text-right whitespace-nowrap">
                                    <strong>{input.value === null ? 'never' : plain(input.value)}</strong>{' '}
                                    <span className="text-soft">{input.unit}</span>
                                </td>
                                <td
                                    className={`py-1.5 text-sm whitespace-nowrap ${input.origin === 'assumed' ? 'font-bold' : 'text-soft'}`}
                                >
                                    {ORIGINS[input.origin]}
                                </td>
                            </tr>
                        ))}
                        <tr className="border-t-2 border-ink align-baseline">
                            <td className="py-2 pr-3 font-bold">{trace.label}</td>
                            <td className="py-2 pr-3 text-right whitespace-nowrap">
                                <strong className="figure text-2xl">
                                    {trace.result === null ? 'never' : plain(trace.result)}
                                </strong>{' '}
                                <span className="text-soft">{trace.unit}</span>
                            </td>
                            <td />
                        </tr>
                    </tbody>
                </table>
            </div>
            <details className="mt-2 text-sm text-soft" open={trace.expression.length < 90}>
                <summary className="cursor-pointer py-1">The formula with its numbers</summary>
                <p className="rounded bg-recess p-2 font-mono leading-relaxed break-words text-ink">
                    {substituted(trace)}
                </p>
            </details>
            {trace.note !== '' && <p className="mt-2 text-sm text-soft">{trace.note}</p>}
            {assumed.length > 0 && (
                <p className="mt-2 rounded bg-kraft px-2.5 py-1.5 text-[15px] text-kraft-ink">
                    Assumed until you say otherwise: {assumed.map((input) => input.label).join(', ')}.
                </p>
            )}
            {props.onBack !== null && (
                <button type="button" className="mt-3 min-h-11 underline underline-offset-4" onClick={props.onBack}>
                    Back to what it was part of
                </button>
            )}
        </div>
    )
}

/** Six significant digits are more than any bench can measure. */
function plain(value: number): string {
    return trimmed(Number(value.toPrecision(6)), 6)
}

function substituted(trace: Trace): string {
    const values = new Map(trace.inputs.map((input) => [input.symbol, input.value === null ? '∞' : plain(input.value)]))
    const text = trace.expression
        .replace(/[a-z_][a-z_0-9]*/gi, (word) => (word === 'pi' ? 'π' : (values.get(word) ?? word)))
        .replaceAll('**', '^')
        .replaceAll('*', '×')
        .replaceAll('/', '÷')
    return `${text} = ${trace.result === null ? 'never' : `${plain(trace.result)} ${trace.unit}`}`
}
