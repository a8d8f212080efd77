import type { ReactNode } from 'react'
import { TOOLS } from '../lib/words'
import type { HeatTool } from '../types/answer'
import type { PourActState, PourState } from '../types/page'
import * as words from '@words/pour'

/** A pass that was done with another tool than planned: one press for each that nothing rules out. */
export function OtherTools(props: { pour: PourState; act: PourActState; onDone: (tool: HeatTool) => void }): ReactNode {
    const { pour, act } = props
    if (act.kind !== 'pass' || pour.other_tools.length === 0) return null
    return (
        <div className="mt-2 flex flex-wrap items-center gap-2">
            <span className="text-lg text-soft">{words.doneWithAnother}</span>
            {pour.other_tools.map((tool) => (
                <button
                    key={tool}
                    type="button"
                    className="min-h-16 rounded border border-line bg-sheet px-4 text-lg"
                    onClick={() => props.onDone(tool)}
                >
                    {TOOLS[tool]}
                </button>
            ))}
        </div>
    )
}
