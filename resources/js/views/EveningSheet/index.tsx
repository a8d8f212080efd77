import { Head } from '@inertiajs/react'
import { PrinterIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import { Button, LinkButton } from '../../controls/Button'
import { useShared } from '../../lib/pages'
import type { BatchSpec, EveningFigures } from '../../types/mixing'
import type { Sentences } from '../../types/page'
import { CupSlip } from './CupSlip'
import * as words from '@words/eveningSheet'

export interface Props {
    plan: { id: number; name: string }
    batches: BatchSpec[]
    answer: EveningFigures | null
    sentences: Sentences | null
}

/** The mix sheets of an evening, for the wall: one strip for each cup, in the order in which they are mixed. */
export default function EveningSheet(props: Props): ReactNode {
    const { studio, no_substitute: noSubstitute } = useShared()
    return (
        <div className="flex-1 bg-recess p-3 sm:p-6 print:bg-transparent print:p-0">
            <Head title={words.mixSheets} />
            <div className="no-print mx-auto mb-4 flex max-w-[60rem] justify-between gap-3">
                <LinkButton href={`/plans/${props.plan.id}/evening`}>{words.allCups}</LinkButton>
                <Button look="next" onClick={() => window.print()}>
                    <PrinterIcon size={18} /> {words.print}
                </Button>
            </div>
            <article className="mx-auto max-w-[60rem] border border-line bg-sheet px-5 py-5 sm:px-8 print:max-w-none print:border-0 print:p-px print:text-[12.5px] print:leading-snug">
                <header className="flex items-baseline justify-between border-b-2 border-ink pb-1">
                    <h1 className="figure text-3xl">{words.mixSheets}</h1>
                    <p className="text-soft">{studio}</p>
                </header>
                {props.answer === null && (
                    <p className="py-4 font-semibold text-danger">{Object.values(props.sentences ?? {}).join(' ')}</p>
                )}
                {props.answer?.batches.length === 0 && <p className="py-4">{words.nothingIsPlannedForTonight}</p>}
                {props.answer?.batches.map((batch, index) => (
                    <CupSlip key={batch.id} batch={batch} number={index + 1} />
                ))}
                <footer className="pt-2 text-sm text-soft">
                    {[words.glovesEyeProtectionMovingAirWashSkin, noSubstitute].join(' ')}
                </footer>
            </article>
        </div>
    )
}
