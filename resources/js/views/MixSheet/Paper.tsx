import type { ReactNode } from 'react'
import { Figure } from '../../controls/TraceSheet'
import { FilmLane, lanePhases } from '../../drawings/FilmLane'
import { partsOf } from '../../drawings/WhereItGoes'
import { joined, sizeOf, temperature, thickness, trimmed, volume, volumeMix, weightMix } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { COAT_KINDS, surfaceWord } from '../../lib/words'
import type { StackAnswer } from '../../types/answer'
import type { CoatRow, PieceRow, ResinRow } from '../../types/page'
import { AnswerCups } from '../Coat/Answer'
import { Portions } from '../Coat/Portions'
import { Times } from './Times'
import * as texts from '@words/mixSheet'

interface Props {
    studio: string
    piece: PieceRow
    coat: CoatRow
    resin: ResinRow
    answer: StackAnswer
    liftsPoured: number
    cautions: string[]
    noSubstitute: string
}

/** The run sheet: exactly one side, whatever the names are. */
export function Paper(props: Props): ReactNode {
    const units = useUnits()
    const { answer, piece, resin } = props
    const { ratio } = resin.sheet
    const size = sizeOf(piece.drawing, units)
    const toDo = answer.steps.filter((step) => !step.after && step.state === 'open')
    return (
        <article
            className="mx-auto max-w-[60rem] border border-line bg-sheet px-5 py-5 sm:px-8 sm:py-6 print:max-h-[250mm] print:max-w-none print:overflow-hidden print:border-0 print:p-px print:text-[13px] print:leading-snug"
            data-testid="mix-sheet"
        >
            <header className="flex items-start justify-between gap-6 border-b-2 border-ink pb-2">
                <div className="min-w-0">
                    <h2 className="figure line-clamp-2 pb-1 text-3xl leading-tight break-words">{piece.name}</h2>
                    <p className="text-soft print:line-clamp-1">
                        {COAT_KINDS[props.coat.kind] ?? props.coat.kind},{' '}
                        {answer.coat.thickness_mm !== null && `${joined(thickness(answer.coat.thickness_mm, units))}, `}
                        {texts.onSurface(surfaceWord(piece.spec.surface).toLowerCase(), size)}
                        {answer.quantity > 1 && texts.alike(answer.quantity)}
                    </p>
                </div>
                <p className="line-clamp-2 max-w-[14rem] shrink-0 text-right text-sm break-words text-soft">
                    {props.studio}
                </p>
            </header>

            <section className="mt-4">
                <AnswerCups
                    mix={answer.coat.mix}
                    lifts={answer.coat.lifts}
                    liftsPoured={props.liftsPoured}
                    weighedOffPct={answer.weighed_off_pct}
                />
                <div className="mt-2">
                    <Portions lifts={answer.coat.lifts} parts={answer.coat.parts} />
                </div>
            </section>
            <p className="mt-2 line-clamp-2 font-bold break-words">
                {resin.name}
                {ratio === undefined
                    ? texts.partBItsCatalystByTheDepthOfTheLayer
                    : texts.toBy(trimmed(ratio.a, 2), trimmed(ratio.b, 2), ratio.by)}
            </p>
            <p>{answer.stir}</p>
            {toDo.length > 0 && (
                <p className="line-clamp-2">
                    <strong>{texts.beforeThePour}</strong> {toDo.map((step) => step.title.toLowerCase()).join('; ')}.
                </p>
            )}

            <div className="mt-4 grid gap-x-8 gap-y-4 sm:grid-cols-2 print:grid-cols-2">
                <section>
                    <h3 className="border-b ruled font-bold">{texts.whereItGoes}</h3>
                    <table className="w-full">
                        <tbody>
                            {partsOf(answer.coat.volume_ml).map(({ part, word }) => (
                                <tr key={part}>
                                    <th scope="row" className="py-0.5 text-left font-normal">
                                        {word[0]?.toUpperCase() + word.slice(1)}
                                    </th>
                                    <td className="py-0.5 text-right">
                                        <Figure
                                            of={part}
                                            label={`${word}, ${joined(volume(answer.coat.volume_ml[part], units))}`}
                                        >
                                            {joined(volume(answer.coat.volume_ml[part], units))}
                                        </Figure>
                                    </td>
                                </tr>
                            ))}
                            <tr className="border-t border-ink font-bold">
                                <th scope="row" className="text-left">
                                    {answer.coat.lifts.length > 1
                                        ? texts.allLifts(answer.coat.lifts.length)
                                        : texts.toMix}
                                </th>
                                <td className="text-right">
                                    {joined(volumeMix(answer.coat.mix, units).total)},{' '}
                                    {joined(weightMix(answer.coat.mix).total)}
                                </td>
                            </tr>
                        </tbody>
                    </table>
                </section>
                <section>
                    <h3 className="border-b ruled font-bold">
                        {texts.afterThePourAt(joined(temperature(answer.in_force.temperature_c, units)))}
                    </h3>
                    <Times answer={answer} />
                </section>
            </div>

            <section className="mt-3">
                <FilmLane
                    phases={lanePhases(answer.phases)}
                    ticks={answer.acts.map((act) => ({ atMin: act.due_min }))}
                />
            </section>

            <section className="mt-3 grid gap-x-8 text-sm sm:grid-cols-2 print:grid-cols-2">
                <ul className="list-disc pl-4">
                    {props.cautions.map((caution) => (
                        <li key={caution}>{caution}</li>
                    ))}
                </ul>
                <div className="hidden h-44 border ruled p-1 text-soft print:block">{texts.notes}</div>
            </section>
            <footer className="mt-3 border-t ruled pt-1 text-xs text-soft">{props.noSubstitute}</footer>
        </article>
    )
}
