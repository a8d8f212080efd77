import { router } from '@inertiajs/react'
import { lazy, Suspense, useState, type ReactNode } from 'react'
import { AdviceStrips } from '../../controls/AdviceStrip'
import { boxOf } from '../../drawings/OutlineDrawing'
import { Section } from '../../drawings/Section'
import { filmAt } from '../../lib/filmClock'
import { fineFilm, joined, length, thickness } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { COAT_KINDS } from '../../lib/words'
import type { Advice, Remedy, StackAnswer, WayToKeep } from '../../types/answer'
import type { PieceRow } from '../../types/page'
import type { SizeField } from '../../types/plan'
import { EdgeStrip } from './EdgeStrip'
import { WarmthStrip } from './WarmthStrip'
import { sizedBy } from './sizes'
import type { CoatDraft, Touched } from './useCoatDraft'
import * as words from '@words/coat'

const KeepWays = lazy(() => import('./KeepWays'))

interface Props {
    draft: CoatDraft
    answer: StackAnswer
    piece: PieceRow
    coatId: number
    /** Whether it may follow now, by the film below. */
    nextNow: Advice[]
    /** What was weighed below the studio's pieces, of what was said to run off. */
    ownTrays: { share: number; pours: number } | null
    /** Drawn as it will hang. */
    hangs: boolean
}

/** The piece cut through: its stack to pull, what its edge keeps over time, what is to be said of it. */
export function Cut({ draft, answer, coatId, ...props }: Props): ReactNode {
    const units = useUnits()
    const sized = (mm: number): Touched => ({
        coat: { size_by: sizedBy(pulls(draft), Math.round(mm * 1000) / 1000) },
    })
    const remedied = async ({ kind, value }: Remedy): Promise<void> => {
        if (kind === 'film') draft.keep(sized(value))
        if (kind === 'lifts') draft.keep({ coat: { size_by: sizedBy('total_depth_mm', film ?? 0) } })
        if (kind === 'coats') await split(value)
        if (kind === 'runoff') draft.keep({ coat: { runoff_pct: value } })
    }
    const split = async (count: number): Promise<void> => {
        if (await draft.flush()) router.post(`/coats/${coatId}/split`, { count } as never)
    }
    const [at, setAt] = useState<number | null>(null)
    const [once, setOnce] = useState(false)
    const [comparing, setComparing] = useState(false)
    const taken = async ({ split: count, ...change }: NonNullable<WayToKeep['change']>): Promise<void> => {
        setComparing(false)
        if (count !== undefined) return split(count)
        const mm = (change.coat?.size_by as { thickness_mm?: number } | undefined)?.thickness_mm
        const coat = { ...change.coat, ...(mm === undefined ? {} : { size_by: sizedBy('thickness_mm', mm) }) }
        draft.keep({ ...change, ...(change.coat === undefined ? {} : { coat }) })
    }
    const pulled = (draft.touched.coat?.size_by as Record<string, unknown> | undefined)?.[pulls(draft)]
    const film = typeof pulled === 'number' ? pulled : answer.coat.thickness_mm
    const running = answer.edge_film
    const filmNow = running === null ? null : filmAt(running, at, once)
    const say = (mm: number): string => joined(thickness(mm, units))
    const sayFine = (mm: number): string => joined(fineFilm(mm, units))
    const [w, h] = boxOf(props.piece.drawing)
    return (
        <>
            <Section
                stack={answer.stack}
                currentId={coatId}
                thicknessMm={film}
                pieceMm={Math.max(w, h)}
                edgeDepthMm={answer.edge_depth_mm}
                edgeFilmMm={answer.in_force.edge_film_mm}
                soakMl={answer.coat.volume_ml.soak}
                coatedEdges={answer.coat.drips !== null}
                openFilm={
                    running === null || filmNow === null || answer.coat.edge === null
                        ? null
                        : {
                              now: filmNow,
                              fromEdgeMm: running.from_edge_mm,
                              thinMm: at === null ? running.thin_within_mm : 0,
                              thinLabel: words.underNineTenthsOfItsMiddle(
                                  joined(length(running.thin_within_mm, units)),
                              ),
                              laidMm: answer.coat.edge.laid_mm,
                              laidLabel: words.laid(sayFine(answer.coat.edge.laid_mm)),
                              radiusMm: running.radius_mm,
                              mostRadiusMm: running.most_radius_mm,
                              keepsMm: answer.coat.edge.keeps_mm,
                              onRadius: (mm, letGo) =>
                                  (letGo ? draft.keep : draft.change)({
                                      piece: { edge_radius_mm: mm },
                                  }),
                          }
                }
                holdsMm={answer.coat.held?.limit_thickness_mm ?? null}
                edgeAngleDeg={answer.coat.held?.edge_angle_deg ?? null}
                wallMm={answer.wall_mm}
                faceDown={answer.face_down}
                hangs={props.hangs && answer.face_down}
                labelMaxMm={answer.max_pour_mm}
                thinnestMm={answer.coat.film.thinnest_mm}
                nameOf={(layer) => layer.zone ?? COAT_KINDS[layer.kind] ?? layer.kind}
                ruler={units === 'metric' ? { unit: 'mm', unitMm: 1 } : { unit: 'in', unitMm: 25.4 }}
                say={say}
                sayLength={(mm) => joined(length(mm, units))}
                onPull={(mm) => draft.change(sized(mm))}
                onLetGo={(mm) => draft.keep(sized(mm))}
                onChoose={(id) => {
                    void draft.flush().then((kept) => kept && router.visit(`/coats/${id}`))
                }}
            />
            {running !== null && filmNow !== null && answer.coat.edge !== null && (
                <EdgeStrip
                    answer={answer}
                    film={running}
                    now={filmNow}
                    at={at}
                    once={once}
                    onAt={setAt}
                    onOnce={setOnce}
                    ownTrays={props.ownTrays}
                    comparing={comparing}
                    onCompare={setComparing}
                />
            )}
            {answer.heat_strip !== null && (
                <WarmthStrip
                    strip={answer.heat_strip}
                    lifts={answer.coat.lifts.length}
                    at={at}
                    onAt={running === null ? setAt : null}
                />
            )}
            {running !== null && comparing && (
                <Suspense fallback={<p className="text-soft">{words.workingItOut}</p>}>
                    <KeepWays
                        coatId={coatId}
                        answer={answer}
                        body={draft.body}
                        onTake={(change) => void taken(change)}
                    />
                </Suspense>
            )}
            <AdviceStrips
                advice={[...props.nextNow, ...answer.advice]}
                topics={['thickness', 'surface', 'heat', 'room', 'bench', 'sheet']}
                onRemedy={(remedy) => void remedied(remedy)}
            />
        </>
    )
}

/** What the pulled surface sets: a deep coat keeps being sized by its whole depth. */
function pulls(draft: CoatDraft): SizeField {
    return draft.rows.coat.spec.size_by.total_depth_mm === undefined ? 'thickness_mm' : 'total_depth_mm'
}
