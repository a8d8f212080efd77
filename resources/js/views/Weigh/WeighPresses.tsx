import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { topsUp, type WeighProps } from './WeighStepView'
import * as words from '@words/weigh'

interface Props extends WeighProps {
    first: boolean
    /** It is on its mark. */
    there: boolean
    canTurn: boolean
    zeroed: boolean
    /** Since it was zeroed. */
    grams: number | null
    onZeroed: () => void
}

/** What can be pressed while something is weighed. */
export function WeighPresses(props: Props): ReactNode {
    const { step, scale, waiting, first, zeroed, grams, onTaken, onByHand, onTurned } = props
    const { reading } = scale
    const [asked, setAsked] = useState<number | null>(null)
    const take = async (all: number): Promise<void> => {
        const taken = await onTaken(asked === all ? { grams: all, sure: true } : { grams: all })
        setAsked(taken ? null : all)
    }
    const steadyThere = grams !== null && reading?.steady === true && grams > 0.3 * step.target_g
    return (
        <div className="flex flex-wrap gap-3">
            {zeroed ? (
                <Button
                    look="next"
                    className="min-h-16 min-w-56 text-xl"
                    disabled={!steadyThere || waiting}
                    onClick={() => grams !== null && void take(grams)}
                >
                    {reading?.fault !== null && reading !== null
                        ? words.noReading
                        : reading?.steady === false
                          ? words.itIsSettling
                          : props.there
                            ? words.thatIsIt
                            : words.leaveItAtThat}
                </Button>
            ) : (
                <Button
                    look="next"
                    className="min-h-16 min-w-56 text-xl"
                    disabled={reading === null || reading.fault !== null || !reading.steady}
                    onClick={() => void scale.zero().then(props.onZeroed)}
                >
                    {step.kind === 'resin' ? words.colourCupOnZero : first ? words.cupOnZero : words.zero}
                </Button>
            )}
            {zeroed && (
                <Button className="min-h-16" onClick={() => void scale.zero()}>
                    {words.zeroAgain}
                </Button>
            )}
            <Button className="min-h-16" onClick={() => onByHand(true)}>
                {words.typeItInstead}
            </Button>
            {topsUp(step) && (
                <Button className="min-h-16" disabled={waiting} onClick={() => void onTaken({ grams: 0 })}>
                    {words.thereIsNoMoreOfIt}
                </Button>
            )}
            {props.canTurn && (
                <Button className="min-h-16" onClick={onTurned}>
                    {words.theOtherPartWentInFirst}
                </Button>
            )}
        </div>
    )
}
