import { router, usePage } from '@inertiajs/react'
import { PlusIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { ResinForm } from './ResinForm'
import type { ShelfResin } from './types'
import { LabelSheet } from './Label'
import * as words from '@words/shelf'

/** The resins as their labels have them: one at hand, the others beside it. */
export function ResinsTab({ resins }: { resins: ShelfResin[] }): ReactNode {
    // the address says which: so a sheet that was just kept is the one in sight
    const asked = new URLSearchParams(usePage().url.split('?')[1]).get('resin')
    const [form, setForm] = useState<{ resin: ShelfResin | null; copy: boolean } | null>(
        asked === 'new' ? { resin: null, copy: false } : null,
    )
    const resin = resins.find((one) => one.id === Number(asked)) ?? resins[0]
    return (
        <div className="grid flex-1 gap-x-10 gap-y-4 py-4 lg:grid-cols-[15rem_1fr]">
            <nav aria-label={words.resins}>
                <ul>
                    {resins.map((one) => (
                        <li key={one.id}>
                            <button
                                type="button"
                                aria-current={one.id === resin?.id}
                                onClick={() =>
                                    router.replace({
                                        url: `/shelf?resin=${one.id}`,
                                        preserveState: true,
                                        preserveScroll: true,
                                    })
                                }
                                className={`flex min-h-12 w-full items-center gap-3 border-b ruled px-2 text-left ${one.id === resin?.id ? 'bg-sheet font-bold' : 'hover:bg-sheet'}`}
                            >
                                <Bottles resin={one} />
                                <span className="min-w-0 truncate">{one.name}</span>
                            </button>
                        </li>
                    ))}
                </ul>
                <Button className="mt-3 w-full" onClick={() => setForm({ resin: null, copy: false })}>
                    <PlusIcon size={18} /> {words.aSheetFromItsLabel}
                </Button>
            </nav>
            {resin === undefined ? (
                <p className="text-xl">{words.typeOneLabelWithTheBottleAtHandWhatIt}</p>
            ) : (
                <LabelSheet key={resin.id} resin={resin} onForm={(copy) => setForm({ resin, copy })} />
            )}
            <ResinForm
                open={form !== null}
                resin={form?.resin ?? null}
                copy={form?.copy ?? false}
                onClose={() => setForm(null)}
            />
        </div>
    )
}

/** How full the opened bottles are. */
function Bottles({ resin }: { resin: ShelfResin }): ReactNode {
    const lots = resin.lots.filter((lot) => lot.left_a_ml !== null)
    const bought = lots.reduce((sum, lot) => sum + (lot.bought_ml ?? 0), 0)
    const left = lots.reduce((sum, lot) => sum + (lot.left_a_ml ?? 0) + (lot.left_b_ml ?? 0), 0)
    const share = bought > 0 ? Math.min(1, left / bought) : 0
    return (
        <svg width="22" height="30" viewBox="0 0 22 30" aria-hidden="true" className="shrink-0">
            <rect x="3" y={28 - 19 * share} width="16" height={19 * share} fill="url(#gloss)" />
            <path
                d="M8 2 h6 v4 q5 1.5 5 5 V28 H3 V11 q0 -3.5 5 -5 Z"
                fill="none"
                stroke="var(--ink)"
                strokeWidth="1.5"
            />
        </svg>
    )
}
