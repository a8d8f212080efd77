import { Head } from '@inertiajs/react'
import type { ReactNode } from 'react'
import { LinkButton } from '../../controls/Button'
import * as words from '@words/problem'

export default function Problem({ status, sentence }: { status: number; sentence: string }): ReactNode {
    return (
        <div className="grid flex-1 place-items-center p-6">
            <Head title={words.notHere} />
            <div className="max-w-lg">
                <p className="text-soft">{status}</p>
                <h1 className="figure mt-1 text-3xl leading-snug">{sentence}</h1>
                <LinkButton href="/" look="next" className="mt-6">
                    {words.toWhatIsOnTheBenchNow}
                </LinkButton>
            </div>
        </div>
    )
}
