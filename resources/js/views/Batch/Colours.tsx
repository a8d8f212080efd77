import type { ReactNode } from 'react'
import { Choice } from '../../controls/Choice'
import { joined, volume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { BatchFigures, BatchSpec, ColourSpec, Supplies } from '../../types/mixing'
import type { Sentences } from '../../types/page'
import { ColourRow } from './ColourRow'
import * as words from '@words/batch'

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
                    {words.colours}{' '}
                    <span className="font-normal text-soft">
                        {colours.length === 0
                            ? words.allOfItStaysClear
                            : words.colouredInThisOrderMin(
                                  figures.clear_ml < 0.05
                                      ? words.nothingStaysClear
                                      : words.stayClear(joined(volume(figures.clear_ml, units))),
                                  figures.colouring_min,
                              )}
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
                {figures.colours.map((colour, place) => {
                    const index = colours.findIndex((one, at) => nameOf(one, at, props.supplies) === colour.name)
                    const cup = colours[index]
                    const swatch = figures.swatches.find((one) => one.colour === colour.name)
                    return cup === undefined ? null : (
                        <ColourRow
                            key={colour.name}
                            colour={colour}
                            number={place + 1}
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
    return cup.name ?? supplies.recipes.find((one) => one.id === cup.recipe)?.name ?? words.colour(at + 1)
}

function AddColour({ supplies, onAdd }: { supplies: Supplies; onAdd: (cup: ColourSpec) => void }): ReactNode {
    return (
        <div className="w-56">
            <Choice
                label={words.addAColourCup}
                value=""
                options={[
                    { value: '', label: words.chooseARecipe },
                    ...supplies.recipes.map((recipe) => ({ value: words.recipe(recipe.id), label: recipe.name })),
                    ...supplies.colourants.map((one) => ({
                        value: words.only(one.id),
                        label: words.onlyOf(one.name.toLowerCase()),
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
