import { Children, Fragment, type ReactNode } from 'react'

/** Marks where a part stands; in no text that anybody types. */
const SLOT = '\u0001'

/** A sentence of the catalogue with its children in the places of its parts: their order is the catalogue's. */
export function Sentence({ of, children }: { of: (...slots: string[]) => string; children: ReactNode }): ReactNode {
    const parts = Children.toArray(children)
    return of(...parts.map((_, index) => `${SLOT}${index}${SLOT}`))
        .split(SLOT)
        .map((piece, place) => <Fragment key={place}>{place % 2 === 0 ? piece : parts[Number(piece)]}</Fragment>)
}
