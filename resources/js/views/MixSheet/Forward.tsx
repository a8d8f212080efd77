import { router } from '@inertiajs/react'
import { useState, type ReactNode } from 'react'
import { Button, LinkButton } from '../../controls/Button'
import { Sheet } from '../../controls/Sheet'
import { useFormPress } from '../../lib/journal/useFormPress'
import type { Props as MixSheetProps } from './index'
import * as words from '@words/mixSheet'

/** On to its cup: guided, or where it is mixed already, to the clock. */
export function Forward(
    props: Pick<MixSheetProps, 'answer' | 'coat' | 'cup' | 'running_pour_id' | 'asks_how' | 'weighable'> & {
        onStart: () => void
    },
): ReactNode {
    const { cup } = props
    const press = useFormPress(true)
    const [asking, setAsking] = useState(false)
    const mix = async (by: 'scale' | 'cups' | null): Promise<void> => {
        if (by === null && props.asks_how) return setAsking(true)
        const how = by === null ? {} : { measure_by: by }
        router.post(`/coats/${props.coat.id}/mixings`, { press: await press(), ...how } as never)
    }
    if (props.running_pour_id !== null)
        return (
            <Button look="next" className="min-w-44" onClick={() => router.visit(`/pours/${props.running_pour_id}`)}>
                {words.toTheRunningPour}
            </Button>
        )
    return (
        <>
            {cup === null && (
                <Button
                    look={props.weighable ? 'plain' : 'next'}
                    disabled={props.answer === null}
                    onClick={props.onStart}
                >
                    {words.itIsMixed}
                </Button>
            )}
            {cup !== null && (
                <LinkButton look="next" className="min-w-44" href={`/mixings/${cup.id}`}>
                    {cup.mixed ? words.itIsMixedPourIt : words.goOnMixing}
                </LinkButton>
            )}
            {cup === null && props.weighable && (
                <Button look="next" className="min-w-44" onClick={() => void mix(null)}>
                    {words.mixItNow}
                </Button>
            )}
            <Sheet open={asking} onClose={() => setAsking(false)} title={words.howDoYouMeasure}>
                <p>{words.youAreAskedOnceUnderStudioItCanBe}</p>
                <div className="mt-4 grid gap-3 sm:grid-cols-2">
                    <Button look="next" className="min-h-16 text-xl" onClick={() => void mix('scale')}>
                        {words.iWeighIt}
                    </Button>
                    <Button look="next" className="min-h-16 text-xl" onClick={() => void mix('cups')}>
                        {words.byTheMarksOfCups}
                    </Button>
                </div>
            </Sheet>
        </>
    )
}
