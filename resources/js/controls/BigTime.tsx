import type { ReactNode } from 'react'
import { Digits } from './Digits'

/** The time that counts, as large as the screen allows. */
export function BigTime({ text, late, testId }: { text: string; late: boolean; testId: string }): ReactNode {
    return (
        <p
            data-testid={testId}
            role="timer"
            className={`figure my-2 ${text.length > 7 ? 'text-[min(3.4rem,14vw)] sm:text-[min(5.5rem,14vw)]' : 'text-[min(6.2rem,26vw)] sm:text-[min(9rem,26vw,15vh)]'} ${late ? 'text-danger' : ''}`}
        >
            <Digits text={text} />
        </p>
    )
}
