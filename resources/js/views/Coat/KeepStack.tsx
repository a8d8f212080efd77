import { router } from '@inertiajs/react'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Field } from '../../controls/Field'
import { Sheet } from '../../controls/Sheet'
import { useSending } from '../../lib/sending'
import * as words from '@words/coat'

/** The whole stack under a name, to be laid on other pieces. */
export function KeepStack(props: {
    open: boolean
    onClose: () => void
    pieceId: number
    flush: () => Promise<boolean>
}): ReactNode {
    const [name, setName] = useState('')
    const { sending, sentences, options } = useSending()
    const send = async (): Promise<void> => {
        if (!(await props.flush())) return
        router.post(`/pieces/${props.pieceId}/templates`, { name } as never, {
            ...options,
            preserveState: true,
            onSuccess: props.onClose,
        })
    }
    return (
        <Sheet open={props.open} onClose={props.onClose} title={words.keepThisStack}>
            <form
                className="space-y-4"
                onSubmit={(event) => {
                    event.preventDefault()
                    void send()
                }}
            >
                <p>{words.itsCoatsCanThenBeLaidOnAnyOtherPiece}</p>
                <Field
                    label={words.nameOfTheStack}
                    value={name}
                    onChange={setName}
                    placeholder={words.suchAsOurTiles}
                    sentence={sentences.name}
                    autoFocus
                    large
                />
                <Button look="next" type="submit" disabled={sending}>
                    {words.keepIt}
                </Button>
            </form>
        </Sheet>
    )
}
