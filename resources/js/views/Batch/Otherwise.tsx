import type { ReactNode } from 'react'
import { trimmed } from '../../lib/format'
import type { CupFigures } from '../../types/mixing'
import * as words from '@words/batch'

/** The two amounts in whatever is at hand to measure with. */
export function Otherwise({ cup }: { cup: CupFigures }): ReactNode {
    return (
        <details className="text-sm">
            <summary className="min-h-7 cursor-pointer text-soft">{words.inOtherMeasures}</summary>
            <ul className="grid grid-cols-2 gap-x-6">
                {cup.otherwise.map((one) => (
                    <li key={one.unit} className="border-b ruled py-0.5">
                        {trimmed(one.a, one.a < 10 ? 2 : 1)} + {trimmed(one.b, one.b < 10 ? 2 : 1)} {one.unit}
                    </li>
                ))}
            </ul>
        </details>
    )
}
