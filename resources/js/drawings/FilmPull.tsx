import { Slider } from 'radix-ui'
import type { ReactNode } from 'react'
import * as words from '@words/drawings'

/** How finely a film is pulled, and the least of it, mm. */
const STEP_MM = 0.05

interface Props {
    filmMm: number
    /** The thickest that the drawing reaches. */
    mostMm: number
    /** Where the drawing has its floor and its height, px. */
    box: { left: number; width: number; top: number; height: number }
    text: string
    onPull: (mm: number) => void
    onLetGo: (mm: number) => void
}

/** The surface of the film at hand, to be pulled up and down: it lies over the drawing, and only its own height takes hold. */
export function FilmPull({ filmMm, mostMm, box, text, onPull, onLetGo }: Props): ReactNode {
    const clean = (mm: number | undefined): number => Math.round((mm ?? filmMm) * 100) / 100
    return (
        <Slider.Root
            orientation="vertical"
            min={STEP_MM}
            max={Math.max(mostMm, filmMm)}
            step={STEP_MM}
            value={[filmMm]}
            onValueChange={([mm]) => onPull(clean(mm))}
            onValueCommit={([mm]) => onLetGo(clean(mm))}
            className="pointer-events-none absolute flex touch-none"
            style={box}
        >
            <Slider.Track className="w-full" />
            <Slider.Thumb
                aria-label={words.filmThickness}
                aria-valuetext={text}
                className="film-pull pointer-events-auto relative block h-0 cursor-ns-resize"
                style={{ width: box.width }}
            />
        </Slider.Root>
    )
}
