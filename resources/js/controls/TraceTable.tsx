import type { ReactNode } from 'react'
import { explained, trimmed } from '../lib/format'
import { useUnits } from '../lib/pages'
import type { Trace, TraceInput } from '../types/answer'
import { HowSure } from './HowSure'
import * as texts from '@words/controls'

const ORIGINS: Record<TraceInput['origin'], string> = {
    entered: 'entered',
    label: texts.fromTheLabel,
    measured: 'measured',
    assumed: 'assumed',
    computed: texts.workedOut,
    constant: 'fixed',
}

/** The inputs of one figure with where each came from, the result, the formula, how sure it is. */
export default function TraceTable(props: {
    trace: Trace
    onFigure: (figure: string) => void
    onBack: (() => void) | null
}): ReactNode {
    const { trace } = props
    const units = useUnits()
    const result = trace.result === null ? null : explained(trace.result, trace.unit, units)
    const assumed = trace.inputs.filter((input) => input.origin === 'assumed')
    return (
        <div>
            <p className="text-lg">{trace.words[0]?.toUpperCase() + trace.words.slice(1)}.</p>
            <div className="mt-3 overflow-x-auto">
                <table className="w-full text-left">
                    <thead className="sr-only">
                        <tr>
                            <th>{texts.input}</th>
                            <th>{texts.value}</th>
                            <th>{texts.from}</th>
                        </tr>
                    </thead>
                    <tbody>
                        {trace.inputs.map((input) => (
                            <Input key={input.symbol} input={input} onFigure={props.onFigure} />
                        ))}
                        <tr className="border-t-2 border-ink align-baseline">
                            <td className="py-2 pr-3 font-bold">{trace.label}</td>
                            <td className="py-2 pr-3 text-right whitespace-nowrap">
                                <strong className="figure text-2xl">{result?.text ?? 'never'}</strong>{' '}
                                <span className="text-soft">{result?.unit ?? trace.unit}</span>
                            </td>
                            <td />
                        </tr>
                    </tbody>
                </table>
            </div>
            <details className="mt-2 text-sm text-soft" open={units === 'metric' && trace.expression.length < 90}>
                <summary className="cursor-pointer py-1">
                    {texts.theFormulaWithItsNumbers}
                    {units === 'metric' ? '' : texts.workedOutInMmMlAndDegC}
                </summary>
                <p className="rounded bg-recess p-2 font-mono leading-relaxed break-words text-ink">
                    {substituted(trace)}
                </p>
            </details>
            <HowSure of={trace.figure} unit={trace.unit} />
            {trace.note !== '' && <p className="mt-2 text-sm text-soft">{trace.note}</p>}
            {assumed.length > 0 && (
                <p className="mt-2 rounded bg-kraft px-2.5 py-1.5 text-[15px] text-kraft-ink">
                    {texts.assumedUntilYouSayOtherwise(assumed.map((input) => input.label))}
                </p>
            )}
            {props.onBack !== null && (
                <button type="button" className="mt-3 min-h-11 underline underline-offset-4" onClick={props.onBack}>
                    {texts.backToWhatItWasPartOf}
                </button>
            )}
        </div>
    )
}

function Input({ input, onFigure }: { input: TraceInput; onFigure: (figure: string) => void }): ReactNode {
    const units = useUnits()
    const shown = input.value === null ? null : explained(input.value, input.unit, units)
    return (
        <tr className="border-t ruled align-baseline">
            <td className="py-1.5 pr-3">
                {input.figure !== null && input.value !== null ? (
                    <button
                        type="button"
                        className="underline decoration-dotted underline-offset-4"
                        onClick={() => onFigure(input.figure!)}
                    >
                        {input.label}
                    </button>
                ) : (
                    input.label
                )}
            </td>
            <td className="py-1.5 pr-3 text-right whitespace-nowrap">
                <strong>{shown?.text ?? 'never'}</strong> <span className="text-soft">{shown?.unit ?? input.unit}</span>
            </td>
            <td
                className={`py-1.5 text-sm whitespace-nowrap ${input.origin === 'assumed' ? 'font-bold' : 'text-soft'}`}
            >
                {ORIGINS[input.origin]}
            </td>
        </tr>
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
