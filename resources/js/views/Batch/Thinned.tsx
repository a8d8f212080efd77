import type { ReactNode } from 'react'
import { Choice } from '../../controls/Choice'
import type { BatchSpec, Thinner } from '../../types/mixing'
import * as words from '@words/batch'

export const THINNERS: { value: Thinner; label: string }[] = [
    { value: 'none', label: words.nothing },
    { value: 'alcohol', label: words.alcohol },
    { value: 'solvent', label: words.solvent },
    { value: 'unknown', label: words.notKnown },
]

/** What it is thinned with: no flame comes near it then. */
export function Thinned(props: { with: Thinner; onChange: (how: (batch: BatchSpec) => BatchSpec) => void }): ReactNode {
    return (
        <Choice
            label={words.thinnedWithNoFlameOverIt}
            value={props.with}
            options={THINNERS}
            onChange={(to) =>
                props.onChange(({ thinned_with: _, ...rest }) =>
                    to === 'none' ? rest : { ...rest, thinned_with: to as Thinner },
                )
            }
        />
    )
}
