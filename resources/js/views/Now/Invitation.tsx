import type { ReactNode } from 'react'
import { LinkButton } from '../../controls/Button'
import * as words from '@words/now'

/** An empty bench: what to do first. */
export function Invitation({ pieces, bottles }: { pieces: number; bottles: number }): ReactNode {
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
                    {[38.5, 321.5].map((x) => (
                        <path
                            key={x}
                            d={`M${x - 1.5} 106 C${x - 1.5} 113 ${x - 5} 114 ${x - 5} 119 A5 5 0 0 0 ${x + 5} 119 C${x + 5} 114 ${x + 1.5} 113 ${x + 1.5} 106 Z`}
                            fill="url(#gloss)"
                            stroke="var(--resin-edge)"
                            strokeWidth="1.25"
                        />
                    ))}
                    <path d="M58 50 H190" stroke="url(#window-light)" strokeWidth="3" strokeLinecap="round" />
                    <path d="M74 56 h26 l-9 14 h-26 z M106 56 h26 l-9 14 h-26 z" fill="var(--gloss)" opacity="0.5" />
                </svg>
                <p className="mt-4 text-xl">
                    {bottles === 0
                        ? words.writeDownTheBottleInYourHandItsNameIts
                        : pieces === 0
                          ? words.measureOnePieceItsWidthItsHeightHow
                          : words.nothingIsSettingChooseAPieceReadWhatTo}
                </p>
                {bottles === 0 ? (
                    <LinkButton href="/shelf?resin=new" look="next" className="mt-5">
                        {words.writeDownABottle}
                    </LinkButton>
                ) : (
                    pieces > 0 && (
                        <LinkButton href="/pieces" className="mt-5">
                            {words.toThePieces}
                        </LinkButton>
                    )
                )}
            </div>
        </div>
    )
}
