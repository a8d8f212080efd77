import { router } from '@inertiajs/react'
import { ArrowCounterClockwiseIcon } from '@phosphor-icons/react'
import { useCallback, useState, type ReactNode } from 'react'
import { Button, LinkButton } from '../../controls/Button'
import { StaleStrip } from '../../controls/StaleStrip'
import { StagePage } from '../../controls/Stages'
import { Figure, Traced } from '../../controls/TraceSheet'
import { WhereItGoes } from '../../drawings/WhereItGoes'
import { volume } from '../../lib/format'
import { ask, type Read } from '../../lib/http'
import { useUnits } from '../../lib/pages'
import { useRanges } from '../../lib/ranges'
import { useUndoKey } from '../../lib/undo'
import type { Advice, PhaseName, StackAnswer, Trace } from '../../types/answer'
import type { CoatRow, EdgeSpec, PieceRow, ResinRow, Sentences } from '../../types/page'
import type { RoomSpec } from '../../types/plan'
import { AnswerCups } from './Answer'
import { Cut } from './Cut'
import { FilmFacts } from './FilmFacts'
import { StackBar } from './StackBar'
import { WhatToSet } from './WhatToSet'
import { useCoatDraft } from './useCoatDraft'
import type { CoatChoices } from './sizes'
import * as words from '@words/coat'

export interface Props {
    piece: PieceRow
    coat: CoatRow
    room: RoomSpec
    edge: EdgeSpec
    read: Read
    choices: CoatChoices
    resins: ResinRow[]
    answer: StackAnswer | null
    templates: { id: number; name: string }[]
    last_took: number | null
    /** What was weighed below the studio's pieces, of what was said to run off. */
    own_trays: { share: number; pours: number } | null
    lifts_poured: number
    /** Whether it may follow now, by the film below. */
    next_now: Advice[]
    /** The phase that each coat's film is in now, by the coat. */
    phases: Record<number, PhaseName>
    sentences: Sentences | null
    running_pour_id: string | null
}

const STATES = {
    saved: words.saved,
    changing: words.notSavedYet,
    saving: words.saving,
    refused: words.notSaved,
    stale: words.changedElsewhereNotSaved,
    'cut-off': words.noAnswerFromTheStudioKeptHereNotSaved,
} as const

/** Another coat, or another order of them, begins anew. */
export default function Coat(props: Props): ReactNode {
    const order = props.answer?.stack.map((layer) => layer.id).join('-') ?? ''
    return <CoatPage key={`${props.coat.id} ${order}`} {...props} />
}

/** One coat in its stack: pull its film in the section, read what to weigh out. */
function CoatPage(props: Props): ReactNode {
    const units = useUnits()
    const draft = useCoatDraft(props.coat.id, props)
    const { answer } = draft

    const fetchTrace = useCallback(
        (figure: string) => ask<Trace>('POST', `/coats/${props.coat.id}/trace/${figure}`, draft.body()),
        // body() reads what is touched at the moment of asking
        [props.coat.id], // eslint-disable-line
    )
    const ranges = useRanges(`/coats/${props.coat.id}/ranges`, draft.body, answer)
    const [hangs, setHangs] = useState(false)
    const { undo } = draft
    useUndoKey(undo)

    const goOn = async (): Promise<void> => {
        if (await draft.flush()) router.visit(`/coats/${props.coat.id}/mix`)
    }

    return (
        <Traced fetchTrace={fetchTrace} ranges={ranges}>
            <StagePage
                title={props.piece.name}
                at="coat"
                way={{ pieceId: props.piece.id, coatId: props.coat.id, pourId: props.running_pour_id }}
                back={
                    <>
                        <LinkButton href={`/pieces/${props.piece.id}`} look="quiet" className="max-sm:hidden">
                            {words.thePiece}
                        </LinkButton>
                        <Button disabled={undo === null} onClick={() => undo?.()}>
                            <ArrowCounterClockwiseIcon size={18} /> {words.undo}
                        </Button>
                        <span role="status" className="text-sm text-soft max-sm:sr-only">
                            {STATES[draft.state]}
                        </span>
                    </>
                }
                forward={
                    <Button look="next" className="min-w-44" disabled={answer === null} onClick={() => void goOn()}>
                        {words.toTheMixSheet}
                    </Button>
                }
            >
                <StackBar
                    pieceId={props.piece.id}
                    currentId={props.coat.id}
                    stack={answer?.stack ?? []}
                    whole={answer?.whole}
                    phases={props.phases}
                    templates={props.templates}
                    flush={draft.flush}
                />
                <div className="grid flex-1 lg:grid-cols-[20rem_1fr]">
                    <div className="order-2 p-4 pt-2 sm:px-6 lg:order-1 lg:max-h-[calc(100dvh-13.2rem)] lg:overflow-y-auto lg:border-r lg:ruled">
                        <WhatToSet {...props} draft={draft} hangs={hangs} onHangs={setHangs} />
                        {draft.state === 'stale' && <StaleStrip sentence={draft.theirs} onMine={draft.keepMine} />}
                        {draft.sentences.form !== undefined && (
                            <p className="mt-2 font-semibold text-danger">{draft.sentences.form}</p>
                        )}
                    </div>
                    <div className="order-1 flex min-w-0 flex-col gap-2.5 p-4 sm:px-6 lg:order-2 lg:py-3">
                        {answer === null ? (
                            <p className="text-lg font-semibold text-danger">
                                {Object.values(draft.sentences).join(' ')}
                            </p>
                        ) : (
                            <>
                                <AnswerCups
                                    mix={answer.coat.mix}
                                    lifts={answer.coat.lifts}
                                    liftsPoured={props.lifts_poured}
                                    weighedOffPct={answer.weighed_off_pct}
                                />
                                <div className="border-t ruled pt-2">
                                    <Cut
                                        draft={draft}
                                        answer={answer}
                                        piece={props.piece}
                                        coatId={props.coat.id}
                                        nextNow={props.next_now}
                                        ownTrays={props.own_trays}
                                        hangs={hangs}
                                    />
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
