import type { ReactNode } from 'react'
import { Field } from '../../controls/Field'
import type { CoatDraft } from './useCoatDraft'

/** Makes one typed field of the coat or its room: what is typed stays until it is saved. */
export function entryOf(draft: CoatDraft) {
    return function entry(
        part: 'coat' | 'studio' | 'piece',
        field: string,
        label: string,
        saved: string,
        unit: string,
        assumed = '',
    ): ReactNode {
        const typed = draft.touched[part]?.[field]
        return (
            <Field
                label={label}
                value={typeof typed === 'string' ? typed : saved}
                unit={unit}
                inputMode="decimal"
                placeholder={assumed}
                sentence={draft.sentences[`${part}.${field}`]}
                onChange={(value) => draft.change({ [part]: { [field]: value } })}
                onDone={() => draft.keep()}
            />
        )
    }
}
