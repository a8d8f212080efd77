import { useId, type ReactNode } from 'react'

/** A wet drop of a colour on its ground: half of it lies bare, so that one sees what it hides. */
export function Swatch({ seen, ground, size }: { seen: string; ground: string; size: number }): ReactNode {
    const id = useId()
    return (
        <svg width={size} height={size} viewBox="0 0 48 48" aria-hidden="true" className="shrink-0">
            <defs>
                <clipPath id={id}>
                    <circle cx="24" cy="24" r="22" />
                </clipPath>
            </defs>
            <g clipPath={`url(#${id})`}>
                <rect width="48" height="48" fill={ground} />
                <path d="M-2 -2 H50 V34 Q24 46 -2 36 Z" fill={seen} />
                <path
                    d="M10 19 Q14 9 25 8"
                    fill="none"
                    stroke="var(--gloss)"
                    strokeWidth="3.5"
                    strokeLinecap="round"
                    opacity="0.6"
                />
            </g>
            <circle cx="24" cy="24" r="22" fill="none" stroke="var(--ink)" strokeWidth="1.5" />
        </svg>
    )
}
