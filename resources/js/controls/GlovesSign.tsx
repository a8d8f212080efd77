import { HandIcon, HandPalmIcon, MinusIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import type { Gloves } from '../types/page'
import * as words from '@words/run'

const SIGNS: Record<Gloves, { word: string; icon: (size: number) => ReactNode }> = {
    sticky: { word: words.stickyHands, icon: (size) => <HandIcon size={size} weight="fill" /> },
    clean: { word: words.cleanHands, icon: (size) => <HandPalmIcon size={size} /> },
    either: { word: words.anyHands, icon: (size) => <MinusIcon size={size} /> },
}

/** What hands something wants: by shape, and by word where there is room. */
export function GlovesSign({
    gloves,
    size = 22,
    word = true,
}: {
    gloves: Gloves
    size?: number
    word?: boolean
}): ReactNode {
    const sign = SIGNS[gloves]
    return (
        <span className="inline-flex items-center gap-2">
            {sign.icon(size)}
            <span className={word ? '' : 'sr-only'}>{sign.word}</span>
        </span>
    )
}
