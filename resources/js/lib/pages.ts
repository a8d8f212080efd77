import { router, usePage } from '@inertiajs/react'
import type { SharedProps, Units } from '../types/page'

export function useShared(): SharedProps {
    return usePage<SharedProps>().props
}

/** Changes the units of this person, at once everywhere. */
export function changeUnits(to: Units): void {
    document.cookie = `units=${to}; path=/; max-age=${60 * 60 * 24 * 365}; samesite=lax`
    router.reload()
}

export function useUnits(): Units {
    return useShared().units
}
