import { useEffect, useState, type ReactNode } from 'react'
import { Sheet } from './Sheet'

const SHORTCUTS: [string, string][] = [
    ['Space, Enter or Page Down', 'In a pour: next. A foot pedal sends Page Down.'],
    ['Arrow up, arrow down', 'On the film: 0.1 mm thicker or thinner.'],
    ['Page Up, Page Down', 'On the film: 0.5 mm.'],
    ['Ctrl Z', 'On a coat: undo the last change.'],
    ['Esc', 'Close what lies over the page.'],
    ['?', 'This list.'],
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
        <Sheet open={open} onClose={() => setOpen(false)} title="Keys">
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
