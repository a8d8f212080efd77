import { router } from '@inertiajs/react'
import { ArrowCounterClockwiseIcon } from '@phosphor-icons/react'
import { useCallback, useEffect, type ReactNode } from 'react'
import { AdviceStrips } from '../../controls/AdviceStrip'
import { Button, LinkButton } from '../../controls/Button'
import { StagePage } from '../../controls/Stages'
import { Figure, Traced } from '../../controls/TraceSheet'
import { boxOf } from '../../drawings/OutlineDrawing'
import { Section } from '../../drawings/Section'
import { WhereItGoes } from '../../drawings/WhereItGoes'
import { joined, length, sizeOf, thickness, volume } from '../../lib/format'
import { ask } from '../../lib/http'
import { useUnits } from '../../lib/pages'
import { COAT_KINDS, surfaceWord } from '../../lib/words'
import type { Answer, CoatRow, PieceRow, ResinRow, RoomSpec, Sentences, Trace } from '../../types'
import { AnswerCups } from './Answer'
import { Fields } from './Fields'
import { FilmFacts } from './FilmFacts'
import { useCoatDraft, type Touched } from './useCoatDraft'

interface Props {
    piece: PieceRow
    coat: CoatRow
    room: RoomSpec
    resins: ResinRow[]
    answer: Answer | null
    sentences: Sentences | null
    running_pour_id: number | null
}

const STATES = {
    saved: 'Saved',
    changing: 'Not saved yet',
    saving: 'Saving',
    refused: 'Not saved',
    'cut-off': 'No answer from the studio: kept here, not saved',
} as const

/** One coat: pull its film in the section, read what to weigh out. */
export default function Coat(props: Props): ReactNode {
    const units = useUnits()
    const draft = useCoatDraft(props.coat.id, props)
    const { answer } = draft

    const fetchTrace = useCallback(
        (figure: string) => ask<Trace>('POST', `/coats/${props.coat.id}/trace/${figure}`, draft.body()),
        // body() reads what is touched at the moment of asking
        [props.coat.id], // eslint-disable-line
    )
    const sized = (mm: number): Touched => ({
        coat: { size_by: { thickness_mm: Math.round(mm * 1000) / 1000, edge_angle_deg: null } },
    })
    const { undo } = draft
    useEffect(() => {
        const press = (event: KeyboardEvent): void => {
            if ((event.ctrlKey || event.metaKey) && event.key === 'z' && !(event.target instanceof HTMLInputElement)) {
                event.preventDefault()
                undo?.()
            }
        }
        window.addEventListener('keydown', press)
        return () => window.removeEventListener('keydown', press)
    }, [undo])

    const pulled = (draft.touched.coat?.size_by as { thickness_mm?: unknown } | undefined)?.thickness_mm
    const film = typeof pulled === 'number' ? pulled : (answer?.coat.thickness_mm ?? 1)
    const spec = props.piece.spec
    const [w, h] = boxOf(props.piece.drawing)
    const goOn = async (): Promise<void> => {
        if (await draft.flush()) router.visit(`/coats/${props.coat.id}/mix`)
    }

    return (
        <Traced fetchTrace={fetchTrace}>
            <StagePage
                title={props.piece.name}
                at="coat"
                way={{ pieceId: props.piece.id, coatId: props.coat.id, pourId: props.running_pour_id }}
                back={
                    <>
                        <LinkButton href={`/pieces/${props.piece.id}`} look="quiet" className="max-sm:hidden">
                            The piece
                        </LinkButton>
                        <Button disabled={undo === null} onClick={() => undo?.()}>
                            <ArrowCounterClockwiseIcon size={18} /> Undo
                        </Button>
                        <span role="status" className="text-sm text-soft max-sm:sr-only">
                            {STATES[draft.state]}
                        </span>
                    </>
                }
                forward={
                    <Button look="next" className="min-w-44" disabled={answer === null} onClick={() => void goOn()}>
                        To the mix sheet
                    </Button>
                }
            >
                <div className="grid flex-1 lg:grid-cols-[19rem_1fr]">
                    <div className="order-2 p-4 sm:px-6 lg:order-1 lg:border-r lg:ruled">
                        <p className="pb-3 text-soft">
                            {COAT_KINDS[props.coat.kind] ?? props.coat.kind} on{' '}
                            {surfaceWord(spec.surface).toLowerCase()}, {sizeOf(props.piece.drawing, units)}
                            {(spec.quantity ?? 1) > 1 && `, ${spec.quantity} alike`}
                        </p>
                        <Fields
                            inForce={answer?.in_force}
                            draft={draft}
                            resins={props.resins}
                            advice={answer?.advice ?? []}
                            thicknessMm={answer?.coat.thickness_mm}
                        />
                    </div>
                    <div className="order-1 flex min-w-0 flex-col gap-3 p-4 sm:px-6 lg:order-2">
                        {answer === null ? (
                            <p className="text-lg font-semibold text-danger">
                                {Object.values(draft.sentences).join(' ')}
                            </p>
                        ) : (
                            <>
                                <AnswerCups mix={answer.coat.mix} />
                                <div className="border-t ruled pt-2">
                                    <Section
                                        thicknessMm={film}
                                        pieceMm={Math.max(w, h)}
                                        edgeDepthMm={answer.edge_depth_mm}
                                        edgeFilmMm={answer.in_force.edge_film_mm}
                                        soakMl={answer.coat.volume_ml.soak}
                                        coatedEdges={answer.piece.coated_edge_mm > 0 && answer.coat.held === null}
                                        holdsMm={answer.coat.held?.limit_thickness_mm ?? null}
                                        labelMaxMm={answer.max_pour_mm}
                                        thinnestMm={answer.coat.film.thinnest_mm}
                                        say={(mm) => joined(thickness(mm, units))}
                                        sayLength={(mm) => joined(length(mm, units))}
                                        onPull={(mm) => draft.change(sized(mm))}
                                        onLetGo={(mm) => draft.keep(sized(mm))}
                                    />
                                    <AdviceStrips advice={answer.advice} topics={['thickness', 'surface', 'heat']} />
                                </div>
                                <div className="border-t ruled pt-3">
                                    <WhereItGoes
                                        volume={answer.coat.volume_ml}
                                        label={(part, word) => {
                                            const shown = volume(answer.coat.volume_ml[part], units)
                                            return (
                                                <Figure of={part} className="text-base sm:text-xl">
                                                    <span className="block">
                                                        {shown.text}{' '}
                                                        <span className="text-xs text-soft sm:text-sm">
                                                            {shown.unit}
                                                        </span>
                                                    </span>{' '}
                                                    <span className="block text-sm text-soft">{word}</span>
                                                </Figure>
                                            )
                                        }}
                                    />
                                </div>
                                <FilmFacts answer={answer} />
                            </>
                        )}
                    </div>
                </div>
            </StagePage>
        </Traced>
    )
}
