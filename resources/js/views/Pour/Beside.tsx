import type { ReactNode } from 'react'
import { ActCautions } from '../../controls/ActCautions'
import type { PressedKind } from '../../types/generated/journal'
import type { Wanted } from '../../lib/pour'
import type { PouredFrom, PourState } from '../../types/page'
import { ActList } from './ActList'
import { SaySeen } from './SaySeen'
import { SeenList } from './SeenList'
import { TheRest } from './TheRest'
import { ThickEnough } from './ThickEnough'
import * as words from '@words/pour'

/** Beside the one thing that is wanted: its cautions, what is left in the cup, all acts, and what can be said of the film. */
export function Beside(props: {
    pour: PourState
    want: Wanted
    now: number
    cup: PouredFrom | null
    cautions: { pour: string[]; heat: string[] }
    press: (kind: PressedKind, facts: Record<string, unknown>, of: string) => Promise<unknown>
}): ReactNode {
    const { pour, want, now, cup, press } = props
    return (
        <div className="min-w-0 space-y-4 px-4 py-3 sm:px-6 lg:row-span-2 lg:border-l lg:ruled">
            {want.kind !== 'waiting' && (
                <ActCautions pour={pour} act={want.kind === 'act' ? want.act : null} cautions={props.cautions} />
            )}
            {pour.poured_at !== null && (
                <>
                    {cup?.rest === null && <TheRest cup={cup} title={pour.title} />}
                    <ActList pour={pour} now={now} />
                    <SeenList
                        pour={pour}
                        now={now}
                        onTakeBack={(of) => void press('undone', { of }, words.takingBackWhatWasSeen(pour.title))}
                    />
                    <ThickEnough pour={pour} now={now} press={press} />
                    <SaySeen press={press} pour={pour} now={now} />
                    {cup !== null && cup.rest !== null && <TheRest cup={cup} title={pour.title} />}
                </>
            )}
        </div>
    )
}
