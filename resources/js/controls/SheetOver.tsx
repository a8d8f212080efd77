import { XIcon } from '@phosphor-icons/react'
import { Dialog } from 'radix-ui'
import { useRef, type ReactNode } from 'react'
import type { SheetProps } from './Sheet'
import * as words from '@words/controls'

export default function SheetOver(props: SheetProps): ReactNode {
    const before = useRef<Element | null>(null)
    return (
        <Dialog.Root open={props.open} onOpenChange={(open) => !open && props.onClose()}>
            <Dialog.Portal>
                <Dialog.Overlay className="fixed inset-0 z-40 bg-ink opacity-40" />
                <Dialog.Content
                    aria-describedby={undefined}
                    onOpenAutoFocus={() => {
                        before.current = document.activeElement
                    }}
                    onCloseAutoFocus={(event) => {
                        // who came by the keyboard goes on where they were
                        event.preventDefault()
                        if (before.current instanceof HTMLElement) before.current.focus()
                    }}
                    className={`fixed inset-x-0 bottom-0 z-50 max-h-[92dvh] overflow-auto border-t-4 border-ink bg-sheet p-5 sm:inset-x-auto sm:top-1/2 sm:bottom-auto sm:left-1/2 sm:w-[92vw] sm:-translate-x-1/2 sm:-translate-y-1/2 sm:rounded sm:border-2 ${props.full ? 'flex flex-col sm:h-[96dvh] sm:max-h-[96dvh] sm:w-[97vw]' : props.wide ? 'sm:max-w-3xl' : 'sm:max-w-xl'}`}
                >
                    <Dialog.Title className="figure pr-12 text-2xl leading-tight">{props.title}</Dialog.Title>
                    <div className={`mt-3 ${props.full ? 'flex min-h-0 flex-1 flex-col' : ''}`}>{props.children}</div>
                    <Dialog.Close
                        className="absolute top-3 right-3 grid size-11 place-items-center rounded hover:bg-recess"
                        aria-label={words.close}
                    >
                        <XIcon size={22} />
                    </Dialog.Close>
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    )
}
