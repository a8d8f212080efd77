import { PlusIcon } from '@phosphor-icons/react'
import { DropdownMenu } from 'radix-ui'
import type { ReactNode } from 'react'
import { COAT_KINDS, COAT_KINDS_FOR } from '../../lib/words'
import { COAT_BUTTON, type AddCoatProps } from './AddCoat'
import * as words from '@words/coat'

/** The kinds of coat that can be laid on top, and the stacks that were kept. */
export function CoatMenu({ templates, onKind, onTemplate, onKeep }: AddCoatProps): ReactNode {
    return (
        <DropdownMenu.Root defaultOpen>
            <DropdownMenu.Trigger aria-label={words.addACoat} className={COAT_BUTTON}>
                <PlusIcon size={18} /> {words.coat}
            </DropdownMenu.Trigger>
            <DropdownMenu.Portal>
                <DropdownMenu.Content
                    align="end"
                    sideOffset={4}
                    className="z-40 max-h-[70dvh] w-72 overflow-auto rounded border-2 border-ink bg-sheet py-1"
                >
                    {Object.entries(COAT_KINDS).map(([kind, word]) => (
                        <Item key={kind} onPress={() => onKind(kind)}>
                            {word} <span className="text-sm text-soft">{COAT_KINDS_FOR[kind]}</span>
                        </Item>
                    ))}
                    <DropdownMenu.Separator className="my-1 border-t ruled" />
                    {templates.map((template) => (
                        <Item key={template.id} onPress={() => onTemplate(template.id)}>
                            {words.layInstead(template.name)}
                        </Item>
                    ))}
                    <Item onPress={onKeep}>{words.keepThisStackForOtherPieces}</Item>
                </DropdownMenu.Content>
            </DropdownMenu.Portal>
        </DropdownMenu.Root>
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
