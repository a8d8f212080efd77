import { router } from '@inertiajs/react'
import { useEffect, useState } from 'react'
import { ask } from '../../lib/http'
import { attempted } from '../../lib/attempt'
import { useLatest } from '../../lib/latest'
import { useUnits } from '../../lib/pages'
import { useSending } from '../../lib/sending'
import type { Sentences } from '../../types/page'
import type { ResinSheet } from '../../types/plan'
import type { Checked } from './LabelBeside'
import { beginLabel, sheetOf, type TypedLabel, type WorkingIn } from './resinFields'
import type { ShelfResin } from './types'
import * as texts from '@words/shelf'

export type Label = ReturnType<typeof useLabel>

/** A label as it is being typed, with what the server reads in it, and how it is kept. */
export function useLabel(resin: ShelfResin | null, copy: boolean, onKept: () => void) {
    const units = useUnits()
    const [typed, setTyped] = useState<TypedLabel>(() => beginLabel(resin, copy, units))
    const [words, setWords] = useState<NonNullable<ResinSheet['label_words']>>(resin?.sheet.label_words ?? [])
    const [checked, setChecked] = useState<Checked | null>(null)
    const [faults, setFaults] = useState<Sentences>({})
    const { sending, sentences, options } = useSending()
    const check = useLatest(async (question: unknown) => {
        const said = await attempted(() => ask<Checked>('POST', '/shelf/check', question))
        if (said.done) setChecked(said.value)
        // what is missing yet is no fault
        const faults = said.done
            ? []
            : Object.entries(said.sentences).filter(([field]) => said.codes[field] !== 'plan.missing')
        if (said.done || !said.isUnreachable) setFaults(Object.fromEntries(faults))
    })
    const [workingIn, setWorkingIn] = useState<WorkingIn>('open_min')
    const put = (key: string, value: string): void => setTyped((before) => ({ ...before, [key]: value }))
    useEffect(() => check(sheetOf(typed, words, true)), [typed, words, check])
    const usual = (key: string): string => {
        const typical = checked?.typical[key]
        return typical === undefined ? texts.notSaid : texts.isUsual(typical)
    }
    const keep = (read = resin?.read): void => {
        const sheet = sheetOf(typed, words, resin === null || copy)
        const follow = { ...options, onSuccess: onKept }
        if (resin === null || copy) router.post('/shelf/resins', sheet as never, follow)
        else router.put(`/shelf/resins/${resin.id}`, { ...sheet, read } as never, follow)
    }
    const away = (): void => {
        if (resin !== null) router.delete(`/shelf/resins/${resin.id}`, { ...options, onSuccess: onKept })
    }
    /** Whose time the working time is; what is typed of it goes with it. */
    const workIn = (next: WorkingIn): void => {
        setTyped((before) => ({ ...before, [next]: before[workingIn] ?? '', [workingIn]: '' }))
        setWorkingIn(next)
    }
    return {
        typed,
        put,
        words,
        setWords,
        workingIn,
        workIn,
        checked,
        usual,
        shown: { ...faults, ...sentences },
        sending,
        sentences,
        keep,
        away,
    }
}
