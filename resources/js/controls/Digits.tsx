import type { ReactNode } from 'react'

/**
 * Display figures in columns: the display face's own tabular set has a faulty zero, so each digit
 * gets a box of one width, and a running count does not jump.
 */
export function Digits({ text }: { text: string }): ReactNode {
    return (
        <>
            <span className="sr-only">{text}</span>
            <span aria-hidden="true" className="whitespace-pre">
                {[...text].map((sign, index) => (
                    <span key={index} className={/\d/.test(sign) ? 'inline-block w-[0.64em] text-center' : ''}>
                        {sign}
                    </span>
                ))}
            </span>
        </>
    )
}
