import { router } from '@inertiajs/react'
import { WarningIcon } from '@phosphor-icons/react'
import { useEffect, useRef, type ReactNode } from 'react'
import { Button } from './Button'
import * as words from '@words/controls'

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
    const strip = useRef<HTMLDivElement>(null)
    // a form can be longer than the screen: what was refused stands where it is seen
    useEffect(() => {
        void strip.current?.scrollIntoView({ block: 'nearest' })
    }, [sentence])
    if (sentence === undefined) return null
    return (
        <div
            ref={strip}
            role="alert"
            className="flex scroll-mt-4 scroll-mb-24 flex-wrap items-center gap-x-4 gap-y-2 rounded bg-kraft px-3 py-2 text-kraft-ink"
        >
            <WarningIcon size={20} weight="fill" aria-hidden="true" />
            <p className="min-w-0 flex-1 basis-60">{sentence}</p>
            <div className="flex flex-wrap gap-2 whitespace-nowrap">
                <Button onClick={onMine}>{words.putMineOverIt}</Button>
                <Button onClick={onTheirs}>{words.takeWhatIsThere}</Button>
            </div>
        </div>
    )
}

/** A page of what is there now, without what was typed. */
export function loadAnew(): void {
    router.visit(location.href, { preserveState: false })
}
