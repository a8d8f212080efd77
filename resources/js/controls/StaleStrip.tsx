import { router } from '@inertiajs/react'
import { WarningIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import { Button } from './Button'

/** It was changed elsewhere since it was read: nothing typed is lost, and who looks decides whose stands. */
export function StaleStrip({
    sentence,
    onMine,
    onTheirs = () => location.reload(),
}: {
    sentence: string | undefined
    onMine: () => void
    onTheirs?: () => void
}): ReactNode {
    if (sentence === undefined) return null
    return (
        <div
            role="alert"
            className="flex flex-wrap items-center gap-x-4 gap-y-2 rounded bg-kraft px-3 py-2 text-kraft-ink"
        >
            <WarningIcon size={20} weight="fill" aria-hidden="true" />
            <p className="min-w-0 flex-1 basis-60">{sentence}</p>
            <div className="flex gap-2">
                <Button onClick={onMine}>Put mine over it</Button>
                <Button onClick={onTheirs}>Take what is there</Button>
            </div>
        </div>
    )
}

/** A page of what is there now, without what was typed. */
export function loadAnew(): void {
    router.visit(location.href, { preserveState: false })
}
