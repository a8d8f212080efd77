import { ArrowUUpLeftIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import * as words from '@words/pour'

/** What gloves press: back, skip, and the one next thing. */
export function BenchBar(props: {
    /** Takes the last press back; null where there is none. */
    onBack: (() => void) | null
    /** Null where nothing can be skipped. */
    skipping: boolean | null
    onSkipping: (on: boolean) => void
    onNext: () => void
    /** What the large button says. */
    next: ReactNode
    /** Above the bar: why something is skipped. */
    children?: ReactNode
    /** Beside the large button. */
    beside?: ReactNode
}): ReactNode {
    const { onBack, skipping } = props
    return (
        <div className="sticky bottom-0 border-t ruled bg-bench">
            {props.children}
            <div className="flex flex-wrap items-stretch gap-3 px-4 py-3 sm:px-6">
                <button
                    type="button"
                    disabled={onBack === null}
                    aria-label={words.takeTheLastPressBack}
                    className="grid min-h-20 w-20 shrink-0 place-items-center rounded border border-line bg-sheet disabled:opacity-40"
                    onClick={() => onBack?.()}
                >
                    <ArrowUUpLeftIcon size={34} />
                </button>
                {skipping !== null && (
                    <button
                        type="button"
                        aria-expanded={skipping}
                        className="grid min-h-20 shrink-0 place-items-center rounded border border-line bg-sheet px-4 text-lg"
                        onClick={() => props.onSkipping(!skipping)}
                    >
                        {words.skip}
                    </button>
                )}
                <button
                    type="button"
                    data-testid="next"
                    className="flex min-h-20 min-w-0 flex-1 items-center justify-center gap-3 rounded bg-act px-4 text-2xl font-bold text-act-ink"
                    onClick={props.onNext}
                >
                    {props.next}
                </button>
                {props.beside}
            </div>
        </div>
    )
}
