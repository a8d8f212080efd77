import type { ReactNode } from 'react'
import { Likely } from '../../controls/HowSure'
import { Figure } from '../../controls/TraceSheet'
import { joined, likelyMinutes, span, volume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { TOOLS } from '../../lib/words'
import type { Answer } from '../../types/answer'
import * as texts from '@words/mixSheet'

/** The acts in their order; wipes and passes of many are one row. */
export function Times({ answer }: { answer: Answer }): ReactNode {
    const units = useUnits()
    const { torch, drips, film, windows } = answer.coat
    const rows: { word: string; figure: string; text: string }[] = [
        { word: texts.openFor, figure: 'open_min', text: span(film.open_min) },
        ...torch.passes_min.map((min, index) => ({
            word: texts.pass(TOOLS[torch.tool] ?? torch.tool, index + 1),
            figure: `pass_${index + 1}_min`,
            text: span(min),
        })),
        ...(drips === null ? [] : [{ word: texts.firstWipe, figure: 'wipe_1_min', text: span(drips.wipes_min[0]!) }]),
        ...(drips === null || drips.wipes_min.length < 2
            ? []
            : [
                  {
                      word: texts.lastWipeOf(drips.wipes_min.length),
                      figure: `wipe_${drips.wipes_min.length}_min`,
                      text: span(drips.last_wipe_min),
                  },
              ]),
        ...(drips === null || drips.dripped_ml < 1
            ? []
            : [{ word: texts.catchBelowIt, figure: 'dripped_ml', text: joined(volume(drips.dripped_ml, units)) }]),
        ...(torch.look_min === null ? [] : [{ word: texts.lastLook, figure: 'look_min', text: span(torch.look_min) }]),
        ...hoursRow(texts.windowOpens, 'recoat_from_h', windows.recoat_from_h),
        ...hoursRow(texts.windowShuts, 'recoat_to_h', windows.recoat_to_h),
        ...hoursRow(texts.canBeHandled, 'handle_h', windows.handle_h),
        ...hoursRow(texts.cured, 'full_cure_h', windows.full_cure_h),
    ]
    return (
        <table className="w-full">
            <tbody>
                {rows.map((row) => (
                    <tr key={row.figure}>
                        <th scope="row" className="py-0.5 text-left font-normal">
                            {row.word}
                        </th>
                        <td className="py-0.5 text-right">
                            <Likely
                                of={row.figure}
                                say={(value) =>
                                    row.figure === 'dripped_ml'
                                        ? volume(value, units)
                                        : likelyMinutes(row.figure.endsWith('_h') ? 60 * value : value)
                                }
                                className="mr-3 max-sm:hidden print:hidden"
                            />
                            {row.text === '' ? (
                                'unknown'
                            ) : (
                                <Figure of={row.figure} label={`${row.word}, ${row.text}`}>
                                    {row.text}
                                </Figure>
                            )}
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    )
}

export function hoursRow(
    word: string,
    figure: string,
    h: number | null,
): { word: string; figure: string; text: string }[] {
    return [{ word, figure, text: h === null ? '' : span(h * 60) }]
}
