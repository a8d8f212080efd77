import type { PointerEvent, ReactNode } from 'react'
import { Button } from '../../controls/Button'
import * as words from '@words/weigh'

const FAST_G_PER_S = 40
const SLOW_G_PER_S = 4

interface Props {
    onHand: (what: string, grams?: number) => void
    unplugged: boolean
    cupG: number
}

/** The scale here is a stand-in: these are the hands that it would have. */
export function StandIn({ onHand, unplugged, cupG }: Props): ReactNode {
    const held = (gramsPerS: number): Record<string, (event: PointerEvent<HTMLButtonElement>) => void> => ({
        onPointerDown: (event) => {
            event.currentTarget.setPointerCapture(event.pointerId)
            onHand('pour', gramsPerS)
        },
        onPointerUp: () => onHand('stop'),
        onPointerCancel: () => onHand('stop'),
    })
    return (
        <section className="rounded border border-dashed border-line p-3">
            <h2 className="font-bold">{words.theScaleIsAStandIn}</h2>
            <p className="text-sm text-soft">{words.theseAreItsHandsARealOneHasNone}</p>
            <div className="mt-2 grid grid-cols-2 gap-2">
                <Button onClick={() => onHand('put', cupG)}>{words.putACupOn}</Button>
                <Button onClick={() => onHand('clear')}>{words.allOff}</Button>
                <Button {...held(FAST_G_PER_S)} className="touch-none select-none">
                    {words.holdToPour}
                </Button>
                <Button {...held(SLOW_G_PER_S)} className="touch-none select-none">
                    {words.holdToTrickle}
                </Button>
                <Button onClick={() => onHand('put', 0.1)}>{words.aDrop}</Button>
                <Button onClick={() => onHand(unplugged ? 'plug' : 'unplug')}>
                    {unplugged ? words.plugItIn : words.pullItsPlug}
                </Button>
            </div>
        </section>
    )
}
