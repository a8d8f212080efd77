import { Link } from '@inertiajs/react'
import type { ButtonHTMLAttributes, ReactNode } from 'react'

const LOOKS = {
    /** What to do next; one on a page. */
    next: 'bg-act text-act-ink font-semibold hover:brightness-110',
    plain: 'border border-line bg-sheet text-ink hover:bg-recess',
    danger: 'bg-danger text-danger-ink font-semibold',
    quiet: 'text-ink underline underline-offset-4 decoration-line hover:decoration-ink',
} as const

export type Look = keyof typeof LOOKS

function classes(look: Look, className: string): string {
    return `inline-flex items-center justify-center gap-2 rounded px-4 min-h-11 text-base disabled:opacity-50 ${LOOKS[look]} ${className}`
}

export function Button({
    look = 'plain',
    className = '',
    ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: Look }): ReactNode {
    return <button type="button" className={classes(look, className)} {...rest} />
}

export function LinkButton(props: { href: string; look?: Look; className?: string; children: ReactNode }): ReactNode {
    return (
        <Link href={props.href} className={classes(props.look ?? 'plain', props.className ?? '')}>
            {props.children}
        </Link>
    )
}
