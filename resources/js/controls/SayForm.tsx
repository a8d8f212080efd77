import { useState, type ReactNode } from 'react'
import { Field } from './Field'

/** One thing typed in gloves, and the press that says it. */
export function SayForm(props: {
    label: string
    /** What the press is called. */
    say: string
    onSay: (typed: string) => void
    unit?: string
    placeholder?: string
    sentence?: string | undefined
    /** Mostly numbers: the device may show its own keys for them. */
    numbers?: boolean
    /** It stands there after it is said, to be changed. */
    stays?: boolean
    className?: string
    /** Another field beside it. */
    children?: ReactNode
}): ReactNode {
    const [typed, setTyped] = useState('')
    return (
        <form
            className={`flex items-end gap-2 ${props.className ?? ''}`}
            onSubmit={(event) => {
                event.preventDefault()
                if (typed.trim() === '') return
                props.onSay(typed.trim())
                if (props.stays !== true) setTyped('')
            }}
        >
            <Field
                label={props.label}
                value={typed}
                onChange={setTyped}
                {...(props.unit === undefined ? {} : { unit: props.unit })}
                {...(props.placeholder === undefined ? {} : { placeholder: props.placeholder })}
                sentence={props.sentence}
                inputMode={props.numbers === true ? 'decimal' : 'text'}
                large
                className="min-w-0 flex-1"
            />
            {props.children}
            <button
                type="submit"
                disabled={typed.trim() === ''}
                className="min-h-16 rounded border border-line bg-sheet px-4 text-lg font-semibold disabled:opacity-40"
            >
                {props.say}
            </button>
        </form>
    )
}
