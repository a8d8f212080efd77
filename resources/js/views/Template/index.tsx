import { Head, router } from '@inertiajs/react'
import { PrinterIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { Button, LinkButton } from '../../controls/Button'
import { Field } from '../../controls/Field'
import { fieldLength } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { PieceRow } from '../../types/page'
import * as words from '@words/template'

export interface Props {
    piece: PieceRow
    /** How much smaller it is all round. */
    less_mm: number
    d: string
    sentence: string | null
}

/** What a printer leaves on a sheet of A4 or Letter, mm. */
const SHEET = [186, 255] as const

/** The rule that tells whether the printer kept the scale, mm. */
const RULE_MM = 100

/** A backing that is cut a little smaller than its place: printed at 1:1. */
export default function Template({ piece, less_mm, d, sentence }: Props): ReactNode {
    const units = useUnits()
    const [less, setLess] = useState(fieldLength(less_mm, units))
    const { width_mm: width, height_mm: height } = piece.drawing
    const fits = Math.min(width, height) <= SHEET[0] && Math.max(width, height) <= SHEET[1]
    const again = (): void => {
        router.visit(`/pieces/${piece.id}/template`, {
            data: { less },
            preserveState: true,
            only: ['d', 'less_mm', 'sentence'],
        })
    }
    return (
        <>
            <Head title={words.templateOf(piece.name)} />
            <div className="no-print flex flex-wrap items-end gap-6 border-b ruled px-4 py-3 sm:px-6">
                <h1 className="figure text-2xl">
                    {piece.name}
                    {words.backingInFullSize}
                </h1>
                <Field
                    label={words.smallerAllRoundBy}
                    unit={units === 'metric' ? 'mm' : 'in'}
                    value={less}
                    onChange={setLess}
                    onDone={again}
                    sentence={sentence ?? undefined}
                />
                <Button look="next" onClick={() => window.print()}>
                    <PrinterIcon size={20} /> {words.print}
                </Button>
                <LinkButton href={`/pieces/${piece.id}`} look="quiet">
                    {words.thePiece}
                </LinkButton>
            </div>
            <div className="space-y-6 overflow-auto p-4 sm:p-6 print:p-0">
                {!fits && (
                    <p className="no-print font-semibold text-danger">{words.itIsLargerThanASheetOfA4OrLetterPrint}</p>
                )}
                <svg
                    width={`${RULE_MM + 2}mm`}
                    height="10mm"
                    viewBox={`-1 0 ${RULE_MM + 2} 10`}
                    className="block"
                    role="img"
                    aria-label={words.aRuleOf100Mm}
                >
                    <path
                        d={
                            `M0 3V7M${RULE_MM} 3V7M0 5H${RULE_MM}` +
                            Array.from({ length: 9 }, (_, i) => `M${(i + 1) * 10} 4V6`).join('')
                        }
                        stroke="var(--ink)"
                        strokeWidth="0.3"
                        fill="none"
                    />
                    <text x="2" y="3.4" fontSize="3" fill="var(--ink)">
                        {words.measureTheLine}
                    </text>
                </svg>
                <svg
                    width={`${width + 2}mm`}
                    height={`${height + 2}mm`}
                    viewBox={`-1 -1 ${width + 2} ${height + 2}`}
                    className="block max-w-none"
                    role="img"
                    aria-label={words.theOutlineOfToBeCut(piece.name)}
                    data-testid="template"
                >
                    <path d={d} fill="none" stroke="var(--ink)" strokeWidth="0.25" fillRule="evenodd" />
                </svg>
                <p className="text-sm">
                    {words.backing(piece.name, `${fieldLength(less_mm, units)} ${units === 'metric' ? 'mm' : 'in'}`)}
                </p>
            </div>
        </>
    )
}
