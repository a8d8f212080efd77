import type { ReactNode } from 'react'
import type { NextCup } from '../../types/page'
import type { useRun } from './useRun'
import * as words from '@words/run'

type Way = [said: string, leave: () => void]

/** Leaves what is next for another evening. */
export function Leave({ ways, onWay }: { ways: Way[]; onWay: (leave: () => void) => void }): ReactNode {
    return (
        <div className="grid gap-2 border-b ruled bg-sheet px-4 py-3 sm:auto-cols-fr sm:grid-flow-col sm:px-6">
            {ways.map(([said, leave]) => (
                <button
                    key={said}
                    type="button"
                    className="min-h-16 rounded border border-line bg-bench px-4 text-left text-lg"
                    onClick={() => onWay(leave)}
                >
                    {said}
                </button>
            ))}
        </div>
    )
}

/** This cup, or all that are left. */
export function waysToLeave(
    mix: NextCup,
    leave: NonNullable<NextCup['leave']>,
    press: ReturnType<typeof useRun>['press'],
): Way[] {
    const way = (said: string, check: string): Way => [said, () => press('checked', leave.evening, { check }, said)]
    return [way(words.notMixedTonight(mix.pieces.join(', ')), leave.this), way(words.noMoreCupsTonight, leave.all)]
}
