import { CaretDownIcon, CheckIcon } from '@phosphor-icons/react'
import { Select, ToggleGroup } from 'radix-ui'
import { useId, type ReactNode } from 'react'

interface Option {
    value: string
    label: string
    hint?: string
}

interface Props {
    label: string
    value: string
    options: Option[]
    onChange: (value: string) => void
    sentence?: string | undefined
}

/** One of many, from a list that opens. */
export function Choice(props: Props): ReactNode {
    const id = useId()
    return (
        <div>
            <span id={id} className="block text-sm text-soft">
                {props.label}
            </span>
            <Select.Root value={props.value} onValueChange={props.onChange}>
                <Select.Trigger
                    aria-labelledby={id}
                    className="flex min-h-10 w-full items-center justify-between gap-2 border-b-2 border-line text-left text-lg focus-visible:border-act"
                >
                    <Select.Value />
                    <Select.Icon>
                        <CaretDownIcon size={16} />
                    </Select.Icon>
                </Select.Trigger>
                <Select.Portal>
                    <Select.Content
                        position="popper"
                        sideOffset={4}
                        className="z-50 max-h-[min(24rem,var(--radix-select-content-available-height))] min-w-(--radix-select-trigger-width) overflow-auto rounded border border-ink bg-sheet"
                    >
                        <Select.Viewport>
                            {props.options.map((option) => (
                                <Select.Item
                                    key={option.value}
                                    value={option.value}
                                    className="flex min-h-11 cursor-pointer items-center gap-2 px-3 py-1 text-lg outline-none data-highlighted:bg-act data-highlighted:text-act-ink"
                                >
                                    <span className="w-4 shrink-0">
                                        <Select.ItemIndicator>
                                            <CheckIcon size={16} weight="bold" />
                                        </Select.ItemIndicator>
                                    </span>
                                    <Select.ItemText>{option.label}</Select.ItemText>
                                    {option.hint && <span className="text-sm opacity-80">{option.hint}</span>}
                                </Select.Item>
                            ))}
                        </Select.Viewport>
                    </Select.Content>
                </Select.Portal>
            </Select.Root>
            {props.sentence !== undefined && <p className="mt-1 text-sm font-semibold text-danger">{props.sentence}</p>}
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
                className="inline-flex overflow-hidden rounded border border-line"
                onValueChange={(value) => {
                    if (value !== '') props.onChange(value)
                }}
            >
                {props.options.map((option) => (
                    <ToggleGroup.Item
                        key={option.value}
                        value={option.value}
                        className="min-h-10 border-r border-line bg-sheet px-4 last:border-r-0 data-[state=on]:bg-ink data-[state=on]:font-semibold data-[state=on]:text-bench"
                    >
                        {option.label}
                    </ToggleGroup.Item>
                ))}
            </ToggleGroup.Root>
        </div>
    )
}
