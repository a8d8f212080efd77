import type { ReactNode } from 'react'

/** How far a part has come to its mark: resin that fills a trough, the last tenth drawn wider apart. */
export function PourBar({ share, near, over }: { share: number; near: number; over: boolean }): ReactNode {
    // the last tenth takes as much room as the four before it, so that one sees it slow
    const at = (part: number): number =>
        part <= near ? (part / near) * 600 : 600 + Math.min(1.2, (part - near) / (1 - near)) * 330
    const filled = Math.max(0, at(Math.max(0, share)))
    return (
        <svg viewBox="0 0 1000 64" className="block h-16 w-full" preserveAspectRatio="none" aria-hidden="true">
            <rect
                x="1"
                y="10"
                width="998"
                height="44"
                fill="var(--recess)"
                stroke="var(--ink)"
                strokeWidth="2"
                vectorEffect="non-scaling-stroke"
            />
            <rect x="1" y="10" width={Math.min(filled, at(1))} height="44" fill="url(#gloss)" />
            {over && <rect x={at(1)} y="10" width={Math.max(0, filled - at(1))} height="44" fill="var(--danger)" />}
            <path
                d={`M${at(near)} 10 v44`}
                stroke="var(--ink)"
                strokeWidth="1.5"
                strokeDasharray="4 4"
                vectorEffect="non-scaling-stroke"
            />
            <path d={`M${at(1)} 0 v64`} stroke="var(--ink)" strokeWidth="4" vectorEffect="non-scaling-stroke" />
        </svg>
    )
}
