import { Link, router } from '@inertiajs/react'
import { ArrowDownIcon, ArrowUpIcon, CopyIcon, PlusIcon, ProhibitIcon, TrashIcon } from '@phosphor-icons/react'
import { DropdownMenu } from 'radix-ui'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Field } from '../../controls/Field'
import { Sheet } from '../../controls/Sheet'
import { joined, thickness, trimmed, volume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { PhaseIcon, PHASES } from '../../drawings/phases'
import { useSending } from '../../lib/sending'
import { COAT_KINDS, COAT_KINDS_FOR } from '../../lib/words'
import type { PhaseName, StackAnswer, StackLayer } from '../../types/answer'
import * as words from '@words/coat'

interface Props {
    pieceId: number
    currentId: number
    stack: StackLayer[]
    whole: StackAnswer['whole'] | undefined
    phases: Record<number, PhaseName>
    templates: { id: number; name: string }[]
    /** Saves what is touched before the page is left; false when it was refused. */
    flush: () => Promise<boolean>
}

/** The coats of the piece in the order in which they are laid, and what can be done with them. */
export function StackBar({ pieceId, currentId, stack, whole, phases, templates, flush }: Props): ReactNode {
    const units = useUnits()
    const [naming, setNaming] = useState(false)
    const at = stack.findIndex((layer) => layer.id === currentId)
    const after = (go: () => void) => (): void => {
        void flush().then((kept) => kept && go())
    }
    const post = (url: string, body: Record<string, unknown> = {}): (() => void) =>
        after(() => router.post(url, body as never))
    return (
        <div className="flex items-stretch gap-1 border-b ruled px-4 sm:px-6">
            <ol
                aria-label={words.coatsInTheOrderInWhichTheyAreLaid}
                className="flex min-w-0 overflow-x-auto [scrollbar-width:none]"
            >
                {stack.map((layer, index) => (
                    <li key={layer.id} className="shrink-0">
                        <Link
                            href={`/coats/${layer.id}`}
                            onClick={(event) => {
                                event.preventDefault()
                                after(() => router.visit(`/coats/${layer.id}`))()
                            }}
                            title={layer.resin}
                            ref={layer.id === currentId ? intoView : undefined}
                            aria-current={layer.id === currentId ? 'true' : undefined}
                            className={`flex min-h-12 flex-col justify-center border-r ruled px-3 leading-tight hover:bg-recess ${layer.id === currentId ? 'border-b-3 border-b-act bg-sheet' : 'border-b-3 border-b-transparent'}`}
                        >
                            <span
                                className={`flex items-center gap-1 ${layer.id === currentId ? 'font-semibold' : ''}`}
                            >
                                <span className="text-xs text-soft">{index + 1}</span>
                                {layer.zone ?? COAT_KINDS[layer.kind]}
                                {phases[layer.id] !== undefined && (
                                    <span
                                        role="img"
                                        aria-label={PHASES[phases[layer.id]!].word}
                                        title={PHASES[phases[layer.id]!].word}
                                    >
                                        <PhaseIcon phase={phases[layer.id]!} size={16} />
                                    </span>
                                )}
                                {layer.stop && (
                                    <ProhibitIcon size={16} weight="fill" className="text-danger" aria-label="stop" />
                                )}
                            </span>
                            <span className="text-sm whitespace-nowrap text-soft">
                                {layer.id === currentId && stack.length < 4 && `${layer.resin} · `}
                                {layer.thickness_mm !== null && `${joined(thickness(layer.thickness_mm, units))} · `}
                                {joined(volume(layer.total_ml, units))}
                            </span>
                        </Link>
                    </li>
                ))}
            </ol>
            <div className="flex shrink-0 items-center gap-0.5 max-sm:hidden">
                <Tool
                    label={words.layItEarlier}
                    disabled={at <= 0}
                    onPress={post(`/coats/${currentId}/move`, { by: -1 })}
                >
                    <ArrowDownIcon size={18} />
                </Tool>
                <Tool
                    label={words.layItLater}
                    disabled={at >= stack.length - 1}
                    onPress={post(`/coats/${currentId}/move`, { by: 1 })}
                >
                    <ArrowUpIcon size={18} />
                </Tool>
                <Tool label={words.theSameCoatOnceMore} onPress={post(`/coats/${currentId}/double`)}>
                    <CopyIcon size={18} />
                </Tool>
                <Tool
                    label={words.takeThisCoatAway}
                    disabled={stack.length < 2}
                    onPress={after(() => router.delete(`/coats/${currentId}`))}
                >
                    <TrashIcon size={18} />
                </Tool>
            </div>
            <DropdownMenu.Root>
                <DropdownMenu.Trigger
                    aria-label={words.addACoat}
                    className="my-1 flex min-h-10 shrink-0 items-center gap-1.5 rounded border border-line bg-sheet px-3 hover:bg-recess"
                >
                    <PlusIcon size={18} /> {words.coat}
                </DropdownMenu.Trigger>
                <DropdownMenu.Portal>
                    <DropdownMenu.Content
                        align="end"
                        sideOffset={4}
                        className="z-40 max-h-[70dvh] w-72 overflow-auto rounded border-2 border-ink bg-sheet py-1"
                    >
                        {Object.entries(COAT_KINDS).map(([kind, word]) => (
                            <Item key={kind} onPress={post(`/pieces/${pieceId}/coats`, { kind })}>
                                {word} <span className="text-sm text-soft">{COAT_KINDS_FOR[kind]}</span>
                            </Item>
                        ))}
                        <DropdownMenu.Separator className="my-1 border-t ruled" />
                        {templates.map((template) => (
                            <Item key={template.id} onPress={post(`/pieces/${pieceId}/templates/${template.id}`)}>
                                {words.lay}
                                {template.name}
                                {words.instead}
                            </Item>
                        ))}
                        <Item onPress={() => setNaming(true)}>{words.keepThisStackForOtherPieces}</Item>
                    </DropdownMenu.Content>
                </DropdownMenu.Portal>
            </DropdownMenu.Root>
            {whole !== undefined &&
                whole.thickness_mm !== null &&
                (stack.length > 1 || whole.target_thickness_mm !== null) && (
                    <p className="ml-auto hidden shrink-0 self-center text-sm text-soft xl:block" data-testid="whole">
                        {joined(thickness(whole.thickness_mm, units))} {words.inAll3}
                        {whole.target_thickness_mm !== null &&
                            words.of2(joined(thickness(whole.target_thickness_mm, units)))}
                        , {trimmed(whole.resin_g, 1)} {words.gOfResinOnEach}
                    </p>
                )}
            <NameSheet open={naming} onClose={() => setNaming(false)} pieceId={pieceId} flush={flush} />
        </div>
    )
}

/** A long stack is scrolled to the coat at hand. */
function intoView(link: HTMLAnchorElement | null): void {
    link?.scrollIntoView({ block: 'nearest', inline: 'nearest' })
}

function Tool(props: { label: string; disabled?: boolean; onPress: () => void; children: ReactNode }): ReactNode {
    return (
        <button
            type="button"
            aria-label={props.label}
            title={props.label}
            disabled={props.disabled}
            onClick={props.onPress}
            className="grid size-10 place-items-center rounded hover:bg-recess disabled:opacity-40"
        >
            {props.children}
        </button>
    )
}

function Item(props: { onPress: () => void; children: ReactNode }): ReactNode {
    return (
        <DropdownMenu.Item
            onSelect={props.onPress}
            className="flex min-h-10 cursor-pointer items-baseline gap-2 px-3 py-2 outline-none data-highlighted:bg-recess"
        >
            {props.children}
        </DropdownMenu.Item>
    )
}

function NameSheet(props: {
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
