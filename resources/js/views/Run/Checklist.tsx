import { CheckSquareIcon, SquareIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import type { Ticked } from '../../types/page'

/** Checks to be ticked with a knuckle, in their order; the next one stands out. */
export function Checklist(props: { checks: Ticked[]; columns: string; onTick: (check: string) => void }): ReactNode {
    const { checks, onTick } = props
    const next = checks.find((check) => check.event === null)
    return (
        <ul className={`mt-3 grid gap-x-6 border-t ruled ${props.columns}`}>
            {checks.map((check) => (
                <li key={check.id} className="border-b ruled">
                    <button
                        type="button"
                        aria-pressed={check.event !== null}
                        className={`flex min-h-16 w-full items-center gap-3 py-2 text-left ${check === next ? 'text-act' : ''}`}
                        onClick={() => check.event === null && onTick(check.id)}
                    >
                        {check.event === null ? (
                            <SquareIcon size={34} className="shrink-0" />
                        ) : (
                            <CheckSquareIcon size={34} weight="fill" className="shrink-0" />
                        )}
                        <span className="min-w-0">
                            <span
                                className={`block text-lg leading-tight font-semibold ${check.event === null ? '' : 'text-soft'}`}
                            >
                                {check.title}
                            </span>
                            <span
                                className={`block leading-snug ${check.off ? 'font-semibold text-danger' : 'text-soft'}`}
                            >
                                {check.how}
                            </span>
                        </span>
                    </button>
                </li>
            ))}
        </ul>
    )
}
