import { CaretDownIcon } from '@phosphor-icons/react'
import { ToggleGroup } from 'radix-ui'
import { useId, type ReactNode } from 'react'

interface Option {
    value: string
    label: string
}

interface Props {
    label: string
    value: string
    options: Option[]
    onChange: (value: string) => void
    sentence?: string | undefined
}

/** One of many: the device's own list, which a glove, a screen reader and a phone know best. */
export function Choice(props: Props): ReactNode {
    const id = useId()
    const wrong = props.sentence !== undefined
    return (
        <div>
            <label htmlFor={id} className="block text-sm text-soft">
                {props.label}
            </label>
            <span
                className={`relative block border-b-2 ${wrong ? 'border-danger' : 'border-line'} focus-within:border-act`}
            >
                <select
                    id={id}
                    value={props.value}
                    aria-invalid={wrong}
                    aria-describedby={wrong ? `${id}-note` : undefined}
                    className="min-h-9 w-full appearance-none truncate bg-transparent pr-7 text-lg"
                    onChange={(event) => props.onChange(event.target.value)}
                >
                    {props.options.map((option) => (
                        <option key={option.value} value={option.value} className="bg-sheet text-ink">
                            {option.label}
                        </option>
                    ))}
                </select>
                <CaretDownIcon size={16} className="pointer-events-none absolute top-3 right-1" aria-hidden="true" />
            </span>
            {wrong && (
                <p id={`${id}-note`} className="mt-1 text-sm font-semibold text-danger">
                    {props.sentence}
                </p>
            )}
        </div>
    )
}

/** One of a few, side by side. */
export function Switch(props: Props): ReactNode {
    const id = useId()
    return (
        <div>
            <span id={id} className="block pb-1 text-sm text-soft">
                {props.label}
            </span>
            <ToggleGroup.Root
                type="single"
                value={props.value}
                aria-labelledby={id}
                className="inline-flex max-w-full flex-wrap gap-px overflow-hidden rounded border border-line bg-line"
                onValueChange={(value) => {
                    if (value !== '') props.onChange(value)
                }}
            >
                {props.options.map((option) => (
                    <ToggleGroup.Item
                        key={option.value}
                        value={option.value}
                        className="min-h-10 grow bg-sheet px-3 data-[state=on]:bg-ink data-[state=on]:font-semibold data-[state=on]:text-bench"
                    >
                        {option.label}
                    </ToggleGroup.Item>
                ))}
            </ToggleGroup.Root>
        </div>
    )
}

/** Yes or no. */
export function Check(props: { label: string; on: boolean; onChange: (on: boolean) => void }): ReactNode {
    return (
        <label className="flex min-h-9 cursor-pointer items-center gap-2">
            <input
                type="checkbox"
                checked={props.on}
                onChange={(event) => props.onChange(event.target.checked)}
                className="size-5 accent-ink"
            />
            {props.label}
        </label>
    )
}
