import { lazy, Suspense, useState, type ReactNode } from 'react'

// what lies over a page is fetched when the first one is opened
const SheetOver = lazy(() => import('./SheetOver'))

export interface SheetProps {
    open: boolean
    onClose: () => void
    title: string
    children: ReactNode
    wide?: boolean
    /** As large as the window. */
    full?: boolean
}

/** A page that is laid over the page: a question, or an explanation. */
export function Sheet(props: SheetProps): ReactNode {
    const [wanted, setWanted] = useState(props.open)
    if (props.open && !wanted) setWanted(true)
    return (
        wanted && (
            <Suspense>
                <SheetOver {...props} />
            </Suspense>
        )
    )
}
