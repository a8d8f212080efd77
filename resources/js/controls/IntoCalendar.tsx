import { usePage } from '@inertiajs/react'
import { CalendarPlusIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import type { SharedProps } from '../types/page'
import * as words from '@words/pour'

/** The times that are still to come, as a file that a calendar reminds by. What is only rehearsed has none. */
export function IntoCalendar({ href }: { href: string }): ReactNode {
    const { rehearsal } = usePage<SharedProps>().props
    if (rehearsal !== null) return null
    return (
        <a
            href={href}
            download
            className="inline-flex min-h-16 items-center gap-3 text-lg underline underline-offset-4"
        >
            <CalendarPlusIcon size={26} aria-hidden="true" /> {words.intoACalendar}
        </a>
    )
}
