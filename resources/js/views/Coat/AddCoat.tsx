import { PlusIcon } from '@phosphor-icons/react'
import { lazy, Suspense, useState, type ReactNode } from 'react'
import * as words from '@words/coat'

export interface AddCoatProps {
    templates: { id: number; name: string }[]
    onKind: (kind: string) => void
    onTemplate: (id: number) => void
    /** Keeps this stack for other pieces. */
    onKeep: () => void
}

export const COAT_BUTTON =
    'my-1 flex min-h-10 shrink-0 items-center gap-1.5 rounded border border-line bg-sheet px-3 hover:bg-recess'

const CoatMenu = lazy(async () => ({ default: (await import('./CoatMenu')).CoatMenu }))

/** Another coat: what can be chosen comes when somebody asks. */
export function AddCoat(props: AddCoatProps): ReactNode {
    const [asked, setAsked] = useState(false)
    const button = (
        <button
            type="button"
            aria-label={words.addACoat}
            aria-haspopup="menu"
            className={COAT_BUTTON}
            onClick={() => setAsked(true)}
        >
            <PlusIcon size={18} /> {words.coat}
        </button>
    )
    return asked ? (
        <Suspense fallback={button}>
            <CoatMenu {...props} />
        </Suspense>
    ) : (
        button
    )
}
