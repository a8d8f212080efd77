import type { ReactNode } from 'react'
import { Swatch } from '../../drawings/Swatch'
import { VesselDrawing } from '../../drawings/VesselDrawing'
import { doseText } from '../../lib/doses'
import { digits, joined, length, minutesOf, span, trimmed, volume, volumeMix, weightMix } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { COAT_KINDS, LAYINGS, TOOLS } from '../../lib/words'
import type { BatchFigures } from '../../types/mixing'
import * as words from '@words/eveningSheet'

export function CupSlip({ batch, number }: { batch: BatchFigures; number: number }): ReactNode {
    const units = useUnits()
    const weight = weightMix(batch)
    const volumes = volumeMix(batch, units)
    const widest = 2 * Math.max(1, ...(batch.vessel?.profile ?? []).map(([r]) => r))
    const parts = [
        { part: 'A' as const, weight: weight.a, volume: volumes.a },
        { part: 'B' as const, weight: weight.b, volume: volumes.b },
    ]
    return (
        <section className="grid break-inside-avoid grid-cols-[1fr_auto] gap-x-6 border-b border-ink py-3 print:py-2">
            <div className="min-w-0">
                <h2 className="text-lg font-bold">
                    {number}. {batch.resin}
                    <span className="font-normal text-soft">
                        , {joined(volume(batch.total_ml, units))}
                        {batch.vessel !== null && words.inWord(batch.vessel.name.toLowerCase())}
                    </span>
                </h2>
                <div className="flex flex-wrap gap-x-10">
                    {(batch.first === 'a' ? parts : [...parts].reverse()).map((one) => (
                        <p key={one.part} className="flex items-baseline gap-2">
                            <span
                                className={`figure inline-grid size-7 place-items-center border-[1.5px] border-ink ${one.part === 'A' ? 'rounded-[4px]' : 'rounded-full'}`}
                            >
                                {one.part}
                            </span>
                            <span className="figure text-3xl">{one.weight.text}</span> {one.weight.unit}
                            <span className="text-soft">{joined(one.volume)}</span>
                        </p>
                    ))}
                </div>
                <p>
                    {batch.stir_min === null ? words.stirUntilItIsClear : words.stirMin(trimmed(batch.stir_min, 1))}{' '}
                    {words.pouredInTurn(
                        batch.turns.map(
                            (turn, at) =>
                                `${turn.count > 1 ? `${turn.count} ` : ''}${batch.pieces[at]?.name ?? ''} (${(COAT_KINDS[batch.pieces[at]?.kind ?? ''] ?? '').toLowerCase()}, ${(TOOLS[batch.pieces[at]?.tool ?? ''] ?? '').toLowerCase()})`,
                        ),
                    )}{' '}
                    {words.emptyAfter(
                        span(batch.emptied_min),
                        batch.pot_life_min === null ? null : span(batch.pot_life_min),
                    )}
                </p>
                <Wet batch={batch} />
                <Below batch={batch} />
                <p className="text-soft">
                    {words.leftOver(
                        batch.pieces.map((piece) =>
                            words.takes(piece.name, piece.quantity, joined(volume(piece.each_ml, units))),
                        ),
                    )}
                </p>
                {batch.colours.length > 0 && (
                    <ul className="mt-1">
                        {batch.colours.map((colour) => (
                            <li key={colour.name} className="flex items-center gap-2">
                                <Swatch
                                    seen={
                                        batch.swatches.find((one) => one.colour === colour.name)?.seen ?? 'transparent'
                                    }
                                    ground={
                                        batch.swatches.find((one) => one.colour === colour.name)?.ground ??
                                        'transparent'
                                    }
                                    size={22}
                                />
                                <span>
                                    <strong>{colour.name}</strong>, {joined(volume(colour.resin_ml, units))}:{' '}
                                    {colour.doses
                                        .map(
                                            (dose) =>
                                                `${doseText(dose.amount, dose.unit)} ${dose.name.toLowerCase()} (${digits(dose.g, 2)} g)`,
                                        )
                                        .join(', ')}
                                    {colour.stir_again && words.stirAgainBeforePouring}
                                </span>
                            </li>
                        ))}
                    </ul>
                )}
                {batch.advice
                    .filter((one) => one.level !== 'note')
                    .map((one) => (
                        <p key={one.text} className="font-semibold">
                            {one.level === 'stop' ? words.stop : words.caution}
                            {one.text}
                        </p>
                    ))}
            </div>
            {batch.vessel !== null && (
                <VesselDrawing
                    vessel={batch.vessel}
                    scale={Math.min(92 / batch.vessel.height_mm, 110 / widest)}
                    lines={batch.lines}
                    first={batch.first}
                    marks={(mm) => joined(length(Math.round(mm * 10) / 10, units))}
                />
            )}
        </section>
    )
}

/** What runs over their edges is caught, and wiped in rounds. */
export function Below({ batch }: { batch: BatchFigures }): ReactNode {
    const units = useUnits()
    const running = batch.pieces.filter((piece) => piece.dripped_ml >= 1)
    if (running.length === 0) return null
    return (
        <p>
            {words.catchAndWipe(
                running.map((piece) => `${piece.name} ${joined(volume(piece.dripped_ml, units))}`).join(', '),
                minutesOf(batch.wipe_rounds.map((round) => round.min)),
            )}
        </p>
    )
}

/** What is laid wet on wet, in its order. */
export function Wet({ batch }: { batch: BatchFigures }): ReactNode {
    const laid = batch.pieces.filter((piece) => piece.parts.length > 1)
    return laid.map((piece) => (
        <p key={piece.coat}>
            {words.laidWetOnWet(
                piece.name,
                piece.parts.map(
                    (part) =>
                        `${trimmed(part.share_pct, 0)} % ${part.colour}${part.laying === null ? '' : ` (${(LAYINGS.find((one) => one.value === part.laying)?.label ?? part.laying).toLowerCase()})`}`,
                ),
            )}
        </p>
    ))
}
