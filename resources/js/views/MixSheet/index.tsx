import { PrinterIcon } from '@phosphor-icons/react'
import { useCallback, useState, type ReactNode } from 'react'
import { Strip } from '../../controls/AdviceStrip'
import { Button, LinkButton } from '../../controls/Button'
import { StagePage } from '../../controls/Stages'
import { StartSheet } from '../../controls/StartSheet'
import { Traced } from '../../controls/TraceSheet'
import { ask } from '../../lib/http'
import { useShared } from '../../lib/pages'
import { useRanges } from '../../lib/ranges'
import type { Advice, StackAnswer, Trace } from '../../types/answer'
import type { CoatRow, PieceRow, ResinRow, Sentences } from '../../types/page'
import type { RoomSpec } from '../../types/plan'
import { Paper } from './Paper'
import { Forward } from './Forward'
import * as words from '@words/mixSheet'

export interface Props {
    piece: PieceRow
    coat: CoatRow
    room: RoomSpec
    resins: ResinRow[]
    answer: StackAnswer | null
    sentences: Sentences | null
    lifts_poured: number
    /** Whether it may follow now, by the film below. */
    next_now: Advice[]
    /** Colour past a limit, in the cups that this coat is planned from. */
    colour_stops: Advice[]
    cautions: string[]
    running_pour_id: string | null
    /** Its own cup, begun and not poured yet. */
    cup: { id: string; mixed: boolean } | null
    /** Its cup among tonight's. */
    tonight: string | null
    /** Nobody said yet how this studio measures, and it can be done either way. */
    asks_how: boolean
    /** It can be weighed, by the densities of its label or typical ones. */
    weighable: boolean
}

/** What goes into which cup and what happens then: one side of paper for the wall, and the start of the clock. */
export default function MixSheet(props: Props): ReactNode {
    const { no_substitute: noSubstitute, studio } = useShared()
    const [starting, setStarting] = useState(false)
    const resin = props.resins.find((one) => one.id === props.coat.resin_id)
    const fetchTrace = useCallback(
        (figure: string) => ask<Trace>('POST', `/coats/${props.coat.id}/trace/${figure}`, {}),
        [props.coat.id],
    )
    const ranges = useRanges(`/coats/${props.coat.id}/ranges`, () => ({}), props.answer)
    const stops = [...(props.answer?.advice.filter((one) => one.level === 'stop') ?? []), ...props.colour_stops]
    const strips = [...stops, ...props.next_now]

    return (
        <Traced fetchTrace={fetchTrace} ranges={ranges}>
            <StagePage
                title={props.piece.name}
                at="mix"
                way={{ pieceId: props.piece.id, coatId: props.coat.id, pourId: props.running_pour_id }}
                back={
                    <>
                        <LinkButton href={`/coats/${props.coat.id}`} look="quiet" className="max-sm:hidden">
                            {words.theCoat}
                        </LinkButton>
                        {props.tonight !== null && (
                            <LinkButton href={props.tonight} look="quiet">
                                {words.itsCupTonight}
                            </LinkButton>
                        )}
                        <Button className="max-sm:hidden" onClick={() => window.print()}>
                            <PrinterIcon size={18} /> {words.print}
                        </Button>
                    </>
                }
                forward={<Forward {...props} onStart={() => setStarting(true)} />}
            >
                {props.answer === null || resin === undefined ? (
                    <p className="p-6 text-lg font-semibold text-danger">
                        {Object.values(props.sentences ?? {}).join(' ')}
                    </p>
                ) : (
                    <div className="flex-1 bg-recess p-3 sm:p-6 print:bg-transparent print:p-0">
                        {strips.length > 0 && (
                            <div className="mx-auto mb-4 max-w-[60rem] space-y-1.5">
                                {strips.map((strip) => (
                                    <Strip key={strip.code} level={strip.level}>
                                        {strip.text}
                                    </Strip>
                                ))}
                            </div>
                        )}
                        <Paper
                            studio={studio ?? ''}
                            piece={props.piece}
                            coat={props.coat}
                            resin={resin}
                            answer={props.answer}
                            liftsPoured={props.lifts_poured}
                            cautions={props.cautions}
                            noSubstitute={noSubstitute}
                        />
                    </div>
                )}
            </StagePage>
            <StartSheet
                open={starting}
                onClose={() => setStarting(false)}
                url={`/coats/${props.coat.id}/pours`}
                title={words.startTheClock}
                button={words.startTheClockNow}
                room={props.room}
                humidityPct={props.answer?.in_force.humidity_pct}
                stops={stops}
                cautions={props.cautions}
            >
                {words.startItWhenTheStirringEndsTheResinIs}
            </StartSheet>
        </Traced>
    )
}
