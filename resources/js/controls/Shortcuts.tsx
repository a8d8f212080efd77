import { useEffect, useState, type ReactNode } from 'react'
import { Sheet } from './Sheet'
import * as words from '@words/controls'

const SHORTCUTS: [string, string][] = [
    [words.spaceEnterOrPageDown, words.inAPourNextAFootPedalSendsPageDown],
    [words.arrowUpArrowDown, words.onTheFilm01MmThickerOrThinner],
    [words.pageUpPageDown, words.onTheFilm05Mm],
    [words.ctrlZ, words.onACoatUndoTheLastChange],
    [words.esc, words.closeWhatLiesOverThePage],
    ['?', words.thisList],
]

/** All shortcuts, under one key. */
export function Shortcuts(): ReactNode {
    const [open, setOpen] = useState(false)
    useEffect(() => {
        const press = (event: KeyboardEvent): void => {
            if (event.key !== '?' || (event.target instanceof Element && event.target.closest('input, textarea')))
                return
            event.preventDefault()
            setOpen(true)
        }
        window.addEventListener('keydown', press)
        return () => window.removeEventListener('keydown', press)
    }, [])
    return (
        <Sheet open={open} onClose={() => setOpen(false)} title={words.keys}>
            <dl className="grid grid-cols-[auto_1fr] gap-x-6">
                {SHORTCUTS.map(([keys, what]) => (
                    <div key={keys} className="col-span-2 grid grid-cols-subgrid border-t ruled py-1.5">
                        <dt className="font-bold">{keys}</dt>
                        <dd>{what}</dd>
                    </div>
                ))}
            </dl>
        </Sheet>
    )
}
