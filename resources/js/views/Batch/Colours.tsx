import { MinusIcon, PlusIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Choice } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { Remove } from '../../controls/Remove'
import { Swatch } from '../../drawings/Swatch'
import { fieldNumber, joined, trimmed, volume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type {
    BatchFigures,
    BatchSpec,
    ColourFigures,
    ColourSpec,
    DoseSpec,
    DoseUnit,
    Supplies,
} from '../../types/mixing'
import type { Sentences } from '../../types/page'
import { KeepRecipe } from './KeepRecipe'

interface Props {
    figures: BatchFigures
    spec: BatchSpec
    supplies: Supplies
    sentences: Sentences
    onChange: (how: (batch: BatchSpec) => BatchSpec) => void
}

/** The colour cups of a batch: a wet drop of each over its ground, what goes in, and what that does. */
export function Colours(props: Props): ReactNode {
    const { figures, spec } = props
    const units = useUnits()
    const colours = spec.colours ?? []
    const put = (index: number, cup: ColourSpec | null): void =>
        props.onChange((batch) => {
            const next = (batch.colours ?? []).flatMap((one, at) =>
                at === index ? (cup === null ? [] : [cup]) : [one],
            )
            const { colours: _, ...rest } = batch
            return next.length === 0 ? rest : { ...rest, colours: next }
        })
    const taken = colours.reduce((sum, one) => sum + (Number(one.share_pct) || 0), 0)
    return (
        <section>
            <div className="flex flex-wrap items-baseline justify-between gap-x-6 border-b ruled">
                <h2 className="font-bold">
                    Colours{' '}
                    <span className="font-normal text-soft">
                        {colours.length === 0
                            ? 'all of it stays clear'
                            : `${figures.clear_ml < 0.05 ? 'nothing stays clear' : `${joined(volume(figures.clear_ml, units))} stay clear`}; coloured in this order, ${figures.colouring_min} min`}
                    </span>
                </h2>
                <AddColour
                    supplies={props.supplies}
                    onAdd={(cup) =>
                        props.onChange((batch) => ({
                            ...batch,
                            colours: [
                                ...(batch.colours ?? []),
                                { ...cup, share_pct: Math.max(1, Math.min(25, 100 - taken)) },
                            ],
                        }))
                    }
                />
            </div>
            <ul>
                {figures.colours.map((colour) => {
                    const index = colours.findIndex((one, at) => nameOf(one, at, props.supplies) === colour.name)
                    const cup = colours[index]
                    const swatch = figures.swatches.find((one) => one.colour === colour.name)
                    return cup === undefined ? null : (
                        <ColourRow
                            key={colour.name}
                            colour={colour}
                            cup={cup}
                            seen={swatch?.seen ?? 'transparent'}
                            ground={swatch?.ground ?? 'transparent'}
                            supplies={props.supplies}
                            sentences={props.sentences}
                            at={`colours.${index}.`}
                            onChange={(next) => put(index, next)}
                        />
                    )
                })}
            </ul>
        </section>
    )
}

function nameOf(cup: ColourSpec, at: number, supplies: Supplies): string {
    return cup.name ?? supplies.recipes.find((one) => one.id === cup.recipe)?.name ?? `Colour ${at + 1}`
}

interface RowProps {
    colour: ColourFigures
    cup: ColourSpec
    seen: string
    ground: string
    supplies: Supplies
    sentences: Sentences
    at: string
    onChange: (cup: ColourSpec | null) => void
}

function ColourRow({ colour, cup, seen, ground, supplies, sentences, at, onChange }: RowProps): ReactNode {
    const units = useUnits()
    const [open, setOpen] = useState(false)
    const dose = (number: number, by: number): void => onChange(adjusted(cup, colour, number, by))
    return (
        <li className="border-b ruled py-1.5">
            <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
                <Swatch seen={seen} ground={ground} size={44} />
                <div className="w-36 min-w-0">
                    <p className="truncate font-bold">{colour.name}</p>
                    <p className="truncate text-sm text-soft">
                        {joined(volume(colour.resin_ml, units))}, {trimmed(colour.colourant_pct, 1)} % colour
                        {colour.filler_pct > 0 && `, ${trimmed(colour.filler_pct, 1)} % filler`}
                    </p>
                </div>
                <div className="flex min-w-0 flex-1 flex-wrap gap-x-2 gap-y-1 max-sm:w-full max-sm:flex-none">
                    {colour.doses.map((one, number) => (
                        <Stepper
                            key={one.colourant}
                            name={one.name}
                            amount={`${trimmed(one.amount, one.unit === 'ml' || one.unit === 'g' ? 2 : 1)} ${one.unit}`}
                            grams={one.g}
                            onLess={() => dose(number, -1)}
                            onMore={() => dose(number, 1)}
                        />
                    ))}
                    {colour.doses.length === 0 && <p className="text-soft">Nothing in it yet.</p>}
                </div>
                <Button onClick={() => setOpen(!open)} aria-expanded={open}>
                    {open ? 'Close' : 'Adjust'}
                </Button>
            </div>
            {open && (
                <div className="mt-2 flex flex-wrap items-end gap-x-5 gap-y-2 pl-2 sm:pl-15">
                    <Field
                        label="Share of the batch"
                        unit="%"
                        value={fieldNumber(cup.share_pct as number | undefined)}
                        onChange={(value) => onChange({ ...cup, share_pct: value })}
                        sentence={sentences[`${at}share_pct`]}
                        inputMode="decimal"
                        className="w-32"
                    />
                    <Field
                        label="Small cups"
                        value={fieldNumber(cup.small_cups as number | undefined)}
                        onChange={(value) => onChange({ ...cup, small_cups: value })}
                        sentence={sentences[`${at}small_cups`]}
                        inputMode="numeric"
                        placeholder="none"
                        className="w-28"
                    />
                    <Field
                        label="Kept back"
                        unit="%"
                        value={fieldNumber(cup.reserve_pct as number | undefined)}
                        onChange={(value) => onChange({ ...cup, reserve_pct: value })}
                        sentence={sentences[`${at}reserve_pct`]}
                        inputMode="decimal"
                        placeholder="0"
                        className="w-28"
                    />
                    <AddDose supplies={supplies} onAdd={(added) => onChange(withDose(cup, colour, added))} />
                    <KeepRecipe
                        name={colour.name}
                        resinMl={colour.resin_ml}
                        colour={colour}
                        onKept={(key) => onChange({ ...withoutDoses(cup), recipe: key })}
                    />
                    <Remove label={`Take ${colour.name} away`} onPress={() => onChange(null)} />
                    <p className="w-full text-sm text-soft">
                        {colour.small_cup_ml !== null &&
                            `Each of ${colour.small_cups} small cups holds ${joined(volume(colour.small_cup_ml, units))}; ${joined(volume(colour.reserve_ml, units))} stay back. `}
                        Its walls keep {joined(volume(colour.residue_ml, units))}.
                        {colour.stir_again && ' Stir it once more before it is poured.'}
                        {colour.oil && ' Oil: the next coat has no window.'}
                    </p>
                </div>
            )}
        </li>
    )
}

function withoutDoses(cup: ColourSpec): ColourSpec {
    const { doses: _, per_ml: __, recipe: ___, ...rest } = cup
    return rest
}

/** The doses that are in the cup now become its own: what a person changed is no recipe any more. */
function ownDoses(cup: ColourSpec, colour: ColourFigures, change: (doses: DoseSpec[]) => DoseSpec[]): ColourSpec {
    const doses = colour.doses.map((one): DoseSpec => ({ colourant: one.colourant, [one.unit]: one.amount }))
    return { ...withoutDoses(cup), name: colour.name, doses: change(doses) }
}

/** One drop, one dip, one scoop more or less; of what is measured a tenth of a ml or g. */
function adjusted(cup: ColourSpec, colour: ColourFigures, number: number, by: number): ColourSpec {
    return ownDoses(cup, colour, (doses) =>
        doses.flatMap((one, at) => {
            const unit = colour.doses[at]?.unit
            if (at !== number || unit === undefined) return [one]
            const step = unit === 'ml' || unit === 'g' ? 0.1 : 1
            const next = Math.round(((one[unit] ?? 0) + by * step) * 100) / 100
            return next <= 0 ? [] : [{ ...one, [unit]: next }]
        }),
    )
}

function withDose(cup: ColourSpec, colour: ColourFigures, added: DoseSpec): ColourSpec {
    return ownDoses(cup, colour, (doses) => [...doses.filter((one) => one.colourant !== added.colourant), added])
}

function Stepper(props: {
    name: string
    amount: string
    grams: number
    onLess: () => void
    onMore: () => void
}): ReactNode {
    return (
        <span className="flex items-center">
            <button
                type="button"
                aria-label={`Less ${props.name}`}
                onClick={props.onLess}
                className="grid size-9 place-items-center rounded border border-line bg-sheet hover:bg-recess"
            >
                <MinusIcon size={14} />
            </button>
            <span className="w-34 px-1.5 text-center leading-tight whitespace-nowrap">
                <span className="block text-[15px] font-semibold">
                    {props.amount} <span className="font-normal text-soft">{trimmed(props.grams, 2)} g</span>
                </span>
                <span className="block truncate text-xs text-soft" title={props.name}>
                    {props.name}
                </span>
            </span>
            <button
                type="button"
                aria-label={`More ${props.name}`}
                onClick={props.onMore}
                className="grid size-9 place-items-center rounded border border-line bg-sheet hover:bg-recess"
            >
                <PlusIcon size={14} />
            </button>
        </span>
    )
}

function AddColour({ supplies, onAdd }: { supplies: Supplies; onAdd: (cup: ColourSpec) => void }): ReactNode {
    return (
        <div className="w-56">
            <Choice
                label="Add a colour cup"
                value=""
                options={[
                    { value: '', label: 'Choose a recipe' },
                    ...supplies.recipes.map((recipe) => ({ value: `recipe ${recipe.id}`, label: recipe.name })),
                    ...supplies.colourants.map((one) => ({
                        value: `only ${one.id}`,
                        label: `Only ${one.name.toLowerCase()}`,
                    })),
                ]}
                onChange={(value) => {
                    const [what, id = ''] = value.split(' ')
                    if (what === 'recipe')
                        onAdd({ name: supplies.recipes.find((one) => one.id === id)?.name ?? id, recipe: id })
                    if (what === 'only')
                        onAdd({
                            name: supplies.colourants.find((one) => one.id === id)?.name ?? id,
                            doses: [{ colourant: id, drops: 1 }],
                        })
                }}
            />
        </div>
    )
}

function AddDose({ supplies, onAdd }: { supplies: Supplies; onAdd: (dose: DoseSpec) => void }): ReactNode {
    const [unit, setUnit] = useState<DoseUnit>('drops')
    return (
        <div className="flex items-end gap-3">
            <Choice
                label="Counted in"
                value={unit}
                options={(['drops', 'ml', 'g', 'dips', 'scoops'] as const).map((one) => ({ value: one, label: one }))}
                onChange={(value) => setUnit(value as DoseUnit)}
            />
            <div className="w-44">
                <Choice
                    label="Add to it"
                    value=""
                    options={[
                        { value: '', label: 'Choose' },
                        ...supplies.colourants.map((one) => ({ value: one.id, label: one.name })),
                    ]}
                    onChange={(id) =>
                        id !== '' && onAdd({ colourant: id, [unit]: unit === 'ml' || unit === 'g' ? 0.1 : 1 })
                    }
                />
            </div>
        </div>
    )
}
