import { MagnifyingGlassMinusIcon, MagnifyingGlassPlusIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import * as words from '@words/takeIn'

export function Zoom({ zoom, onZoom }: { zoom: number; onZoom: (zoom: number) => void }): ReactNode {
    return (
        <div className="flex self-end rounded border border-line">
            <button
                type="button"
                aria-label={words.smaller}
                className="grid size-11 place-items-center"
                onClick={() => onZoom(Math.max(0.5, zoom / 1.5))}
            >
                <MagnifyingGlassMinusIcon size={20} />
            </button>
            <button
                type="button"
                aria-label={words.larger}
                className="grid size-11 place-items-center"
                onClick={() => onZoom(Math.min(8, zoom * 1.5))}
            >
                <MagnifyingGlassPlusIcon size={20} />
            </button>
        </div>
    )
}
