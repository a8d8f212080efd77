import { useId, type ReactNode } from 'react'

interface FieldProps {
    label: string
    value: string
    onChange: (value: string) => void
    onDone?: () => void
    unit?: string
    sentence?: string | undefined
    hint?: string
    placeholder?: string
    inputMode?: 'text' | 'decimal' | 'numeric'
    autoFocus?: boolean
    className?: string
    large?: boolean
}

/** One typed entry. What is wrong stands under it, and what was typed stays. */
export function Field(props: FieldProps): ReactNode {
    const id = useId()
    const wrong = props.sentence !== undefined
    // where another unit is written, the field's own would be wrong
    const unit = /[a-z°'"′″]/i.test(props.value) ? undefined : props.unit
    return (
        <div className={props.className ?? ''}>
            <label htmlFor={id} className="block text-sm text-soft">
                {props.label}
            </label>
            <div
                className={`flex items-baseline border-b-2 ${wrong ? 'border-danger' : 'border-line'} focus-within:border-act`}
            >
                <input
                    id={id}
                    type="text"
                    value={props.value}
                    inputMode={props.inputMode ?? 'text'}
                    autoComplete="off"
                    autoFocus={props.autoFocus}
                    placeholder={props.placeholder}
                    aria-invalid={wrong}
                    aria-describedby={wrong || props.hint ? `${id}-note` : undefined}
                    className={`min-h-9 w-full min-w-0 bg-transparent placeholder:text-base placeholder:text-soft placeholder:italic focus:outline-none ${props.large ? 'text-2xl' : 'text-lg'}`}
                    onChange={(event) => props.onChange(event.target.value)}
                    onBlur={() => props.onDone?.()}
                    onKeyDown={(event) => {
                        if (event.key === 'Enter') props.onDone?.()
                    }}
                />
                {unit !== undefined && <span className="pl-1 text-sm whitespace-nowrap text-soft">{unit}</span>}
            </div>
            {(wrong || props.hint) && (
                <p id={`${id}-note`} className={`mt-1 text-sm ${wrong ? 'font-semibold text-danger' : 'text-soft'}`}>
                    {props.sentence ?? props.hint}
                </p>
            )}
        </div>
    )
}

export function TextArea(props: {
    label: string
    value: string
    onChange: (value: string) => void
    rows?: number
    sentence?: string | undefined
}): ReactNode {
    const id = useId()
    return (
        <div>
            <label htmlFor={id} className="block text-sm text-soft">
                {props.label}
            </label>
            <textarea
                id={id}
                rows={props.rows ?? 3}
                value={props.value}
                maxLength={5000}
                onChange={(event) => props.onChange(event.target.value)}
                aria-invalid={props.sentence !== undefined}
                className="w-full rounded border border-line bg-sheet p-2 text-lg focus:border-act"
            />
            {props.sentence !== undefined && <p className="text-sm font-semibold text-danger">{props.sentence}</p>}
        </div>
    )
}
