import { PlusIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Sheet } from '../../controls/Sheet'
import { Swatch } from '../../drawings/Swatch'
import { doseText, doseUnitOf } from '../../lib/doses'
import type { DoseSpec } from '../../types/mixing'
import { ColourantForm } from './ColourantForm'
import { RecipeForm } from './RecipeForm'
import type { Counts, ShelfSupply } from './types'
import * as words from '@words/shelf'

interface Props {
    kind: 'colourant' | 'recipe'
    entries: ShelfSupply[]
    colourants: ShelfSupply[]
    counts: Counts
    onPut: (supply: ShelfSupply) => void
}

const GROUND = '#f4f4f2'

/** Colourants, thinners and fillers; or what is made of them. */
export function ColoursTab({ kind, entries, colourants, counts, onPut }: Props): ReactNode {
    const [open, setOpen] = useState<ShelfSupply | 'new' | null>(null)
    const done = (supply: ShelfSupply): void => {
        onPut(supply)
        setOpen(null)
    }
    return (
        <div className="py-4">
            <ul className="grid gap-x-10 md:grid-cols-2">
                {entries.map((one) => (
                    <li key={one.id} className="border-b ruled">
                        <button
                            type="button"
                            onClick={() => setOpen(one)}
                            className="group flex min-h-16 w-full items-center gap-4 py-2 text-left"
                        >
                            <Swatch seen={colourOf(one, colourants)} ground={GROUND} size={46} />
                            <span className="min-w-0">
                                <span className="block font-bold group-hover:underline">{one.name}</span>
                                <span className="block text-sm text-soft">
                                    {kind === 'recipe' ? recipeWords(one, colourants) : colourantWords(one)}
                                </span>
                            </span>
                        </button>
                    </li>
                ))}
            </ul>
            <Button className="mt-4" onClick={() => setOpen('new')}>
                <PlusIcon size={18} /> {kind === 'recipe' ? words.aNewRecipe : words.aNewColourantThinnerOrFiller}
            </Button>
            <Sheet
                open={open !== null}
                onClose={() => setOpen(null)}
                title={
                    open === 'new' ? (kind === 'recipe' ? words.aNewRecipe : words.aNewColourant) : (open?.name ?? '')
                }
                wide
            >
                {open !== null &&
                    (kind === 'recipe' ? (
                        <RecipeForm supply={open === 'new' ? null : open} colourants={colourants} onKept={done} />
                    ) : (
                        <ColourantForm supply={open === 'new' ? null : open} counts={counts} onKept={done} />
                    ))}
            </Sheet>
        </div>
    )
}

function colourantWords(one: ShelfSupply): string {
    const { form, finish, watery } = one.sheet
    const burns = { yes: words.flammable, no: null, unknown: words.mayBeFlammableNoFlame }[one.flammable ?? 'unknown']
    return [
        form,
        finish === 'translucent' || finish === 'metallic' ? finish : null,
        watery === true ? 'watery' : null,
        burns,
        one.past ? words.pastItsDate : null,
    ]
        .filter(Boolean)
        .join(', ')
}

function recipeWords(one: ShelfSupply, colourants: ShelfSupply[]): string {
    return words.forMl(
        (one.sheet.doses ?? []).map((dose) => doseWords(dose, colourants)).join(', '),
        one.sheet.per_ml ?? 100,
    )
}

function doseWords(dose: DoseSpec, colourants: ShelfSupply[]): string {
    const unit = doseUnitOf(dose)
    return `${doseText(dose[unit] ?? 0, unit)} ${(colourants.find((one) => one.key === dose.colourant)?.name ?? dose.colourant).toLowerCase()}`
}

/** A colourant's own colour; a recipe shows that of its largest dose, the cup shows the mix. */
function colourOf(one: ShelfSupply, colourants: ShelfSupply[]): string {
    if (one.kind === 'colourant') return one.sheet.colour ?? 'transparent'
    return colourants.find((other) => other.key === one.sheet.doses?.[0]?.colourant)?.sheet.colour ?? 'transparent'
}
