import { usePage } from '@inertiajs/react'
import type { SharedProps, Units } from '../types'

export function useShared(): SharedProps {
    return usePage<SharedProps>().props
}

export function useUnits(): Units {
    return useShared().units
}
