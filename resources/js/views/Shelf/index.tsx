import { Head } from '@inertiajs/react'
import { Tabs } from 'radix-ui'
import { useState, type ReactNode } from 'react'
import { ColoursTab } from './ColoursTab'
import { ResinsTab } from './ResinsTab'
import { VesselsTab } from './VesselsTab'
import type { Counts, ShelfResin, ShelfSupply } from './types'
import * as words from '@words/shelf'

export interface Props {
    resins: ShelfResin[]
    supplies: ShelfSupply[]
    counts: Counts
    tab: string
}

const TABS = [
    { value: 'resins', word: words.resins },
    { value: 'colourants', word: words.colours },
    { value: 'recipes', word: words.recipes },
    { value: 'vessels', word: words.vessels },
]

/** What there is to mix with: labels as they are, what is in the bottles, colours, recipes, cups. */
export default function Shelf({ resins, supplies: first, counts, tab }: Props): ReactNode {
    const [supplies, setSupplies] = useState(first)
    const put = (supply: ShelfSupply): void =>
        setSupplies((before) =>
            before.some((one) => one.id === supply.id)
                ? before.map((one) => (one.id === supply.id ? supply : one))
                : [...before, supply],
        )
    const of = (kind: ShelfSupply['kind']): ShelfSupply[] => supplies.filter((one) => one.kind === kind)
    return (
        <Tabs.Root
            defaultValue={TABS.some((one) => one.value === tab) ? tab : 'resins'}
            className="flex flex-1 flex-col px-4 py-4 sm:px-8"
        >
            <Head title={words.shelf} />
            <div className="flex flex-wrap items-end justify-between gap-x-8 gap-y-2 border-b ruled">
                <h1 className="figure pb-2 text-4xl">{words.shelf}</h1>
                <Tabs.List aria-label={words.whatStandsThere} className="flex flex-wrap">
                    {TABS.map((one) => (
                        <Tabs.Trigger
                            key={one.value}
                            value={one.value}
                            className="min-h-11 border-b-3 border-transparent px-2.5 sm:px-4 data-[state=active]:border-ink data-[state=active]:font-semibold"
                        >
                            {one.word}
                        </Tabs.Trigger>
                    ))}
                </Tabs.List>
            </div>
            <Tabs.Content value="resins" className="flex flex-1 flex-col">
                <ResinsTab resins={resins} />
            </Tabs.Content>
            <Tabs.Content value="colourants">
                <ColoursTab
                    kind="colourant"
                    entries={of('colourant')}
                    colourants={of('colourant')}
                    counts={counts}
                    onPut={put}
                />
            </Tabs.Content>
            <Tabs.Content value="recipes">
                <ColoursTab
                    kind="recipe"
                    entries={of('recipe')}
                    colourants={of('colourant')}
                    counts={counts}
                    onPut={put}
                />
            </Tabs.Content>
            <Tabs.Content value="vessels">
                <VesselsTab vessels={of('vessel')} onPut={put} />
            </Tabs.Content>
        </Tabs.Root>
    )
}
