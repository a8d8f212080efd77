import { useState, type ReactNode } from 'react'
import { Strip } from '../../controls/AdviceStrip'
import { Button } from '../../controls/Button'
import { Digits } from '../../controls/Digits'
import { Field } from '../../controls/Field'
import type { Target } from './amounts'
import type { Taken } from './WeighStepView'
import * as words from '@words/weigh'

interface Props {
    word: string
    target: Target
    /** Drops, dips or scoops. */
    counted: boolean
    /** Why the scale is not read, where it should be. */
    problem: string | null
    waiting: boolean
    sentence: string | undefined
    typed: string
    onTyped: (text: string) => void
    onTaken: (taken: Taken) => Promise<boolean>
    onTurned: (() => void) | null
    /** It tops up a part, of which there may be no more. */
    noMore: boolean
    onScale: (() => void) | null
}

/** One step without a scale: to its mark or its count, or what really went in. */
export function ByHand(props: Props): ReactNode {
    const { counted } = props
    const { amount, besides, upTo, fills } = props.target
    const [otherwise, setOtherwise] = useState(props.typed !== '')
    const [asked, setAsked] = useState<string | null>(null)
    const take = async (written: string): Promise<void> => {
        const taken = await props.onTaken({ written, up_to: upTo, ...(asked === written ? { sure: true } : {}) })
        setAsked(taken ? null : written)
    }
    const unit = counted ? '' : fills ? 'fills' : amount.unit
    return (
        <section className="space-y-4">
            <h2 className="text-xl font-bold">{props.word}</h2>
            <div>
                <p className="figure measured text-[5rem] sm:text-[7rem]">
                    <Digits text={amount.text} /> <span className="unit">{amount.unit}</span>
                </p>
                {besides !== null && <p className="mt-1 text-xl text-soft">{besides}</p>}
            </div>
            {props.problem !== null && <Strip level="note">{props.problem}</Strip>}
            {otherwise ? (
                <form
                    className="flex flex-wrap items-end gap-4"
                    onSubmit={(event) => {
                        event.preventDefault()
                        // a bare number is meant in what stands beside the field
                        const text = props.typed.trim()
                        const bare = /^[\d.,/\s]+$/.test(text)
                        void take(bare && !fills ? `${text} ${unit}`.trim() : text)
                    }}
                >
                    <Field
                        label={upTo ? words.allInTheCupStandsAt : words.whatReallyWentIn}
                        hint={amount.unit === 'g' ? words.inGOrAs35Ml2Tbsp : 'as 35 ml, 2 tbsp, or 40 g'}
                        unit={unit}
                        value={props.typed}
                        onChange={props.onTyped}
                        inputMode="decimal"
                        sentence={props.sentence}
                        autoFocus
                        large
                        className="w-56"
                    />
                    <Button
                        look="next"
                        type="submit"
                        className="min-h-16 min-w-44 text-xl"
                        disabled={props.typed.trim() === '' || props.waiting}
                    >
                        {words.thatIsIt}
                    </Button>
                </form>
            ) : (
                <div className="flex flex-wrap gap-3">
                    <Button
                        look="next"
                        className="min-h-16 min-w-56 text-xl"
                        disabled={props.waiting}
                        onClick={() => void props.onTaken({ as_meant: true })}
                    >
                        {counted ? words.theyAreIn : fills ? words.allIn : words.toItsMark}
                    </Button>
                    <Button className="min-h-16" onClick={() => setOtherwise(true)}>
                        {words.itCameToSomethingElse}
                    </Button>
                </div>
            )}
            {!otherwise && props.sentence !== undefined && (
                <p className="font-semibold text-danger">{props.sentence}</p>
            )}
            <div className="flex flex-wrap gap-3">
                {props.onTurned !== null && (
                    <Button className="min-h-16" onClick={props.onTurned}>
                        {words.theOtherPartWentInFirst}
                    </Button>
                )}
                {props.noMore && (
                    <Button
                        className="min-h-16"
                        disabled={props.waiting}
                        onClick={() => void props.onTaken({ grams: 0 })}
                    >
                        {words.thereIsNoMoreOfIt}
                    </Button>
                )}
                {props.onScale !== null && (
                    <Button className="min-h-16" onClick={props.onScale}>
                        {words.readTheScale}
                    </Button>
                )}
            </div>
        </section>
    )
}
