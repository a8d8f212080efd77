import { PlusIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Field } from '../../controls/Field'
import * as words from '@words/coat'

export function AddStep({ onAdd }: { onAdd: (text: string, after: boolean) => void }): ReactNode {
    const [text, setText] = useState('')
    const add = (after: boolean): void => {
        onAdd(text.trim(), after)
        setText('')
    }
    return (
        <div className="space-y-2 border-t ruled pt-2">
            <Field
                label={words.aStepOfYourOwn}
                value={text}
                onChange={setText}
                placeholder={words.suchAsBrushMicaIntoTheMould}
            />
            <div className="flex gap-2">
                <Button disabled={text.trim() === ''} onClick={() => add(false)}>
                    <PlusIcon size={18} /> {words.before}
                </Button>
                <Button disabled={text.trim() === ''} onClick={() => add(true)}>
                    <PlusIcon size={18} /> {words.afterwards}
                </Button>
            </div>
        </div>
    )
}
