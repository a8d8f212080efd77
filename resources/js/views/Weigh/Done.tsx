import { Link } from '@inertiajs/react'
import { type ReactNode } from 'react'
import { StartForm } from '../../controls/StartSheet'
import type { Advice } from '../../types/answer'
import type { MixingState } from '../../types/mixing'
import type { RoomSpec } from '../../types/plan'
import { Setting } from './Setting'
import * as words from '@words/weigh'

export function Done(props: {
    mixing: MixingState
    turns: string[]
    room: RoomSpec
    stops: Advice[]
    onBack: () => void
}): ReactNode {
    const { mixing } = props
    if (mixing.pours.length > 0) {
        return (
            <section className="space-y-4">
                <p className="figure text-4xl leading-tight">{words.itIsBeingPoured}</p>
                <ul className="space-y-2">
                    {mixing.pours.map((pour) => (
                        <li key={pour.id}>
                            <Link
                                href={`/pours/${pour.id}`}
                                className="inline-block min-h-11 text-xl underline underline-offset-4"
                            >
                                {pour.title}
                            </Link>
                        </li>
                    ))}
                </ul>
            </section>
        )
    }
    return (
        <section className="max-w-2xl space-y-4">
            <p className="figure text-4xl leading-tight">{words.pourItNow}</p>
            <Setting mixing={mixing} />
            {props.turns.length > 1 && <p className="text-lg">{words.pourInThisOrder(props.turns)}</p>}
            <StartForm
                url={`/mixings/${mixing.id}/pours`}
                button={words.toThePour}
                back={words.notMixedYet}
                onBack={props.onBack}
                room={props.room}
                stops={props.stops}
                large
            />
        </section>
    )
}
