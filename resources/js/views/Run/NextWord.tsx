import { CheckIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import type { BeforeEvening } from '../../types/page'
import type { Step } from './steps'
import * as ofPour from '@words/pour'
import * as words from '@words/run'

/** What the large button says. */
export function NextWord(props: {
    step: Step | undefined
    check: string | undefined
    before: BeforeEvening | null
}): ReactNode {
    const { step, check, before } = props
    if (check !== undefined) return <span className="text-xl leading-tight sm:text-2xl">{check}</span>
    if (step === undefined) return before === null ? words.now : words.toTheFirstCup
    if (step.kind === 'cup') return step.cup.ready ? words.pourIt : words.toTheCup
    if (step.kind === 'mix') return step.mix.begun ? words.toTheCup : words.mixIt
    if (step.kind === 'pour') return ofPour.itIsAllOnThePiece
    return (
        <>
            <CheckIcon size={34} weight="bold" /> {ofPour.done}
        </>
    )
}
