import type { ReactNode } from 'react'
import { LinkButton } from '../../controls/Button'

/** An empty bench: what to do first. */
export function Invitation({ pieces }: { pieces: number }): ReactNode {
    return (
        <div className="grid flex-1 place-items-center border-t ruled p-6">
            <div className="max-w-xl text-center">
                <svg viewBox="0 0 360 130" className="mx-auto w-full max-w-md" aria-hidden="true">
                    <rect
                        x="40"
                        y="82"
                        width="280"
                        height="26"
                        fill="var(--ground)"
                        stroke="var(--ground-line)"
                        strokeWidth="1.25"
                    />
                    <path
                        d="M37 108 V70 Q37 46 62 46 H298 Q323 46 323 70 V108 H320 V82 H40 V108 Z"
                        fill="url(#gloss)"
                        stroke="var(--resin-edge)"
                        strokeWidth="1.25"
                    />
                    <path d="M58 50 H190" stroke="url(#window-light)" strokeWidth="3" strokeLinecap="round" />
                    <path d="M74 56 h26 l-9 14 h-26 z M106 56 h26 l-9 14 h-26 z" fill="var(--gloss)" opacity="0.5" />
                </svg>
                <p className="mt-4 text-xl">
                    {pieces === 0
                        ? 'Measure one piece: its width, its height, how deep its edge is. The rest follows: how much to mix, when to torch, when to coat again.'
                        : 'Nothing is setting. Choose a piece, read what to weigh out, start the clock.'}
                </p>
                {pieces > 0 && (
                    <LinkButton href="/pieces" className="mt-5">
                        To the pieces
                    </LinkButton>
                )}
            </div>
        </div>
    )
}
