import { useState, type ReactNode } from 'react'
import * as words from '@words/controls'

/** Said once, until it was read. */
export function FirstStart({ text }: { text: string }): ReactNode {
    const [read, setRead] = useState(() => {
        try {
            return localStorage.getItem('no-substitute-read') === 'yes'
        } catch {
            return false
        }
    })
    if (read) return null
    return (
        <div className="no-print flex flex-wrap items-center gap-x-4 gap-y-1 bg-kraft px-6 py-1.5 text-kraft-ink">
            <p className="flex-1 basis-72 text-[15px] leading-snug">
                <strong>{words.beforeTheFirstPour}</strong> {text}
            </p>
            <button
                type="button"
                className="min-h-11 rounded border border-kraft-ink px-3 font-semibold"
                onClick={() => {
                    setRead(true)
                    try {
                        localStorage.setItem('no-substitute-read', 'yes')
                    } catch {
                        // the browser keeps nothing; it will be said again
                    }
                }}
            >
                {words.understood}
            </button>
        </div>
    )
}
