/* Written by bin/types from the schema. */

/**
 * What an event of the journal says, by its kind.
 */
export type JournalEntry =
    | MixingBegunEvent
    | WeighedEvent
    | PartsTurnedEvent
    | StirringBegunEvent
    | StirringEndedEvent
    | RestSeenToEvent
    | DiscardedEvent
    | PourBegunEvent
    | StagedEvent
    | PouredEvent
    | ActDoneEvent
    | ActSkippedEvent
    | ToppedUpEvent
    | ObservedEvent
    | OiledEvent
    | HappenedEvent
    | TookSaidEvent
    | TakenOffEvent
    | OpenedEvent
    | CountedEvent
    | TakenEvent
    | ThrownAwayEvent
    | CheckedEvent
    | UndoneEvent
/**
 * What a device may write down by itself; the rest begins with a form, or follows.
 */
export type PressedKind =
    | 'weighed'
    | 'parts_turned'
    | 'stirring_begun'
    | 'mixed'
    | 'rest_seen_to'
    | 'discarded'
    | 'staged'
    | 'poured'
    | 'act_done'
    | 'act_skipped'
    | 'topped_up'
    | 'observed'
    | 'oiled'
    | 'happened'
    | 'took'
    | 'taken_off'
    | 'opened'
    | 'counted'
    | 'thrown_away'
    | 'checked'
    | 'undone'

export interface Journal {
    entry: JournalEntry
    pressed: PressedKind
}
export interface MixingBegunEvent {
    kind: 'mixing_begun'
    facts: MixingBegun
}
/**
 * A cup of a batch is begun: what it is to hold, as that was planned and computed then.
 */
export interface MixingBegun {
    plan: {}
    result: {}
    plan_id?: number | null
    batch?: string
    title: string
    vessel?: {
        id?: string
        cups?: number
        hardens_min?: number
    }
}
export interface WeighedEvent {
    kind: 'weighed'
    facts: Weighed
}
/**
 * One step of the weighing came to so much.
 */
export interface Weighed {
    /**
     * Of the weighing: a, b, more_a_1, or a colour.
     */
    step: string
    grams: number
    by?: 'scale' | 'hand' | 'marks' | 'as_meant'
}
export interface PartsTurnedEvent {
    kind: 'parts_turned'
    facts: PartsTurned
}
/**
 * The other part went in first.
 */
export interface PartsTurned {
    first?: 'a' | 'b'
}
export interface StirringBegunEvent {
    kind: 'stirring_begun'
    facts: StirringBegun
}
/**
 * Both parts are in, and are being stirred.
 */
export interface StirringBegun {}
export interface StirringEndedEvent {
    kind: 'mixed'
    facts: StirringEnded
}
/**
 * The stirring has ended: from here on the mix ages.
 */
export interface StirringEnded {}
export interface RestSeenToEvent {
    kind: 'rest_seen_to'
    facts: RestSeenTo
}
/**
 * What was left in a cup was seen to.
 */
export interface RestSeenTo {
    how: 'laid_thin' | 'hardens_in_cup' | 'on_another_piece'
}
export interface DiscardedEvent {
    kind: 'discarded'
    facts: Discarded
}
/**
 * A cup was thrown away.
 */
export interface Discarded {
    because?: 'smoking'
}
export interface PourBegunEvent {
    kind: 'pour_begun'
    facts: PourBegun
}
/**
 * A pour has begun: its plan, and what was computed of it then.
 */
export interface PourBegun {
    plan: {}
    result: {}
    piece_id?: number
    coat_id?: number
    /**
     * That it is poured from, by its UUID.
     */
    cup?: string
    title: string
    lift?: number
    count?: number
    /**
     * Why it was begun in spite of a stop.
     */
    reason?: string
    /**
     * Of the batch that it is poured from.
     */
    share?: {}
    /**
     * When its stirring ended, ms since 1970; without it when it was pressed.
     */
    started_ms?: number
    a?: Amount
    b?: Amount
    /**
     * Weighed in the tray below the piece.
     */
    tray_g?: number
    /**
     * Of the mix, in the cup that was weighed back.
     */
    left_g?: number
    note?: string
    photo?: string
    /**
     * Its words were erased by whom they are of.
     */
    erased?: true
}
/**
 * How much of a part went in, and how one knows.
 */
export interface Amount {
    ml?: number
    how: 'weighed' | 'read' | 'planned' | 'unknown'
}
export interface StagedEvent {
    kind: 'staged'
    facts: Staged
}
/**
 * So much was poured of a body that holds nobody knows how much.
 */
export interface Staged {
    ml: number
}
export interface PouredEvent {
    kind: 'poured'
    facts: Poured
}
/**
 * The last of it is on the piece: its times, as they were computed then.
 */
export interface Poured {
    /**
     * Of the mix, at the reference temperature.
     */
    age_min?: number
    answer: {}
}
export interface ActDoneEvent {
    kind: 'act_done'
    facts: ActDone
}
/**
 * An act was done.
 */
export interface ActDone {
    /**
     * By its name in the schedule.
     */
    act: string
    tool?: 'flame' | 'heat_gun' | 'breath' | 'none'
    /**
     * The act as it was shown then, where it was not planned.
     */
    came?: {}
}
export interface ActSkippedEvent {
    kind: 'act_skipped'
    facts: ActSkipped
}
/**
 * An act was skipped.
 */
export interface ActSkipped {
    /**
     * By its name in the schedule.
     */
    act: string
    reason: string
    /**
     * The act as it was shown then, where it was not planned.
     */
    came?: {}
    /**
     * Its words were erased by whom they are of.
     */
    erased?: true
}
export interface ToppedUpEvent {
    kind: 'topped_up'
    facts: ToppedUp
}
/**
 * More was poured onto a film that lies.
 */
export interface ToppedUp {
    ml: number
    /**
     * The acts that it brings, as an answer has them.
     */
    acts?: {}[]
    /**
     * Kinds of acts, of which none that is still to come counts.
     */
    instead_of?: string[]
    /**
     * Acts by their names; in its place older rows name only kinds.
     */
    stands_for?: string[]
}
export interface ObservedEvent {
    kind: 'observed'
    facts: Observed
}
/**
 * Something was seen of a film.
 */
export interface Observed {
    /**
     * By its code; empty where it was only written.
     */
    what: string
    text: string
    /**
     * Its words were erased by whom they are of.
     */
    erased?: true
}
export interface OiledEvent {
    kind: 'oiled'
    facts: Oiled
}
/**
 * Effect oil was laid into a wet film.
 */
export interface Oiled {
    how?: 'drops' | 'touches'
    /**
     * Where.
     */
    text?: string
    /**
     * The acts that it brings, as an answer has them.
     */
    acts?: {}[]
    /**
     * Kinds of acts, of which none that is still to come counts.
     */
    instead_of?: string[]
    /**
     * Acts by their names; in its place older rows name only kinds.
     */
    stands_for?: string[]
    /**
     * Its words were erased by whom they are of.
     */
    erased?: true
}
export interface HappenedEvent {
    kind: 'happened'
    facts: Happened
}
/**
 * Something happened to a film that nobody planned.
 */
export interface Happened {
    what: 'short' | 'spill' | 'tipped' | 'hair' | 'smoking' | 'leak'
    /**
     * That is missing, where it lacks resin.
     */
    ml?: number
    /**
     * The acts that it brings, as an answer has them.
     */
    acts?: {}[]
    /**
     * Kinds of acts, of which none that is still to come counts.
     */
    instead_of?: string[]
    /**
     * Acts by their names; in its place older rows name only kinds.
     */
    stands_for?: string[]
}
export interface TookSaidEvent {
    kind: 'took'
    facts: TookSaid
}
/**
 * What somebody said that a pour took; what was left unsaid is not there.
 */
export interface TookSaid {
    a?: Amount
    b?: Amount
    /**
     * Weighed in the tray below the piece.
     */
    tray_g?: number
    /**
     * Of the mix, in the cup that was weighed back.
     */
    left_g?: number
    note?: string
    photo?: string
    /**
     * Its words were erased by whom they are of.
     */
    erased?: true
}
export interface TakenOffEvent {
    kind: 'taken_off'
    facts: TakenOff
}
/**
 * A film is off the bench.
 */
export interface TakenOff {}
export interface OpenedEvent {
    kind: 'opened'
    facts: Opened
}
/**
 * The bottles of a lot were opened.
 */
export interface Opened {
    /**
     * Year-month-day; null where nobody knows.
     */
    on: string | null
}
export interface CountedEvent {
    kind: 'counted'
    facts: Counted
}
/**
 * What is left in the bottles of a lot was counted, or is not known any more.
 */
export interface Counted {
    a_ml?: number | null
    b_ml?: number | null
}
export interface TakenEvent {
    kind: 'taken'
    facts: Taken
}
/**
 * So much was taken out of the bottles of a lot.
 */
export interface Taken {
    a_ml?: number
    b_ml?: number
    /**
     * The event of the mix that took it.
     */
    by: string
}
export interface ThrownAwayEvent {
    kind: 'thrown_away'
    facts: ThrownAway
}
/**
 * The bottles of a lot were thrown away.
 */
export interface ThrownAway {}
export interface CheckedEvent {
    kind: 'checked'
    facts: Checked
}
/**
 * One of the checks of an evening was ticked.
 */
export interface Checked {
    /**
     * By its name.
     */
    check: string
}
export interface UndoneEvent {
    kind: 'undone'
    facts: Undone
}
/**
 * An event was taken back.
 */
export interface Undone {
    /**
     * The event that does not count any more.
     */
    of: string
    /**
     * The press that it follows from.
     */
    by?: string
}
