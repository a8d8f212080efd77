import { Link, router } from '@inertiajs/react'
import { ArrowDownIcon, ArrowUpIcon, CopyIcon, ProhibitIcon, TrashIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { joined, thickness, trimmed, volume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { PhaseIcon, PHASES } from '../../drawings/phases'
import { COAT_KINDS } from '../../lib/words'
import type { PhaseName, StackAnswer, StackLayer } from '../../types/answer'
import { AddCoat } from './AddCoat'
import { KeepStack } from './KeepStack'
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
                                    <ProhibitIcon
                                        size={16}
                                        weight="fill"
                                        className="text-danger"
                                        aria-label={words.stop}
                                    />
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
            <AddCoat
                templates={templates}
                onKind={(kind) => post(`/pieces/${pieceId}/coats`, { kind })()}
                onTemplate={(id) => post(`/pieces/${pieceId}/templates/${id}`)()}
                onKeep={() => setNaming(true)}
            />
            {whole !== undefined &&
                whole.thickness_mm !== null &&
                (stack.length > 1 || whole.target_thickness_mm !== null) && (
                    <p className="ml-auto hidden shrink-0 self-center text-sm text-soft xl:block" data-testid="whole">
                        {words.wholeStack(
                            joined(thickness(whole.thickness_mm, units)),
                            whole.target_thickness_mm === null
                                ? ''
                                : words.ofTarget(joined(thickness(whole.target_thickness_mm, units))),
                            trimmed(whole.resin_g, 1),
                        )}
                    </p>
                )}
            <KeepStack open={naming} onClose={() => setNaming(false)} pieceId={pieceId} flush={flush} />
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
