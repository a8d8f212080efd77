import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Field } from '../../controls/Field'
import { Remove } from '../../controls/Remove'
import { Figure } from '../../controls/TraceSheet'
import { Swatch } from '../../drawings/Swatch'
import { doseText, isMeasured } from '../../lib/doses'
import { fieldNumber, joined, trimmed, volume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { ColourFigures, ColourSpec, Supplies } from '../../types/mixing'
import type { Sentences } from '../../types/page'
import { adjusted, withDose, withoutDoses } from './doses'
import { KeepRecipe } from './KeepRecipe'
import { Stepper } from './Stepper'
import { AddDose } from './AddDose'
import * as words from '@words/batch'

interface Props {
    colour: ColourFigures
    /** Its place in the order to colour in, from 1. */
    number: number
    cup: ColourSpec
    seen: string
    ground: string
    supplies: Supplies
    sentences: Sentences
    at: string
    onChange: (cup: ColourSpec | null) => void
}

/** One colour cup: a wet drop of it, what goes in, one drop more or less. */
export function ColourRow({ colour, number, cup, seen, ground, supplies, sentences, at, onChange }: Props): ReactNode {
    const units = useUnits()
    const [open, setOpen] = useState(false)
    const dose = (at: number, by: number): void => onChange(adjusted(cup, colour, at, by))
    return (
        <li className="border-b ruled py-1.5">
            <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
                <Swatch seen={seen} ground={ground} size={44} />
                <div className="w-36 min-w-0">
                    <p className="truncate font-bold">{colour.name}</p>
                    <p className="text-sm text-soft">
                        {joined(volume(colour.resin_ml, units))},{' '}
                        <Figure
                            of={`colour_${number}_pct`}
                            label={words.percentColourIn(trimmed(colour.colourant_pct, 1), colour.name)}
                        >
                            {words.percentColour(trimmed(colour.colourant_pct, 1))}
                        </Figure>
                        {colour.filler_pct > 0 && words.percentFiller(trimmed(colour.filler_pct, 1))}
                    </p>
                </div>
                <div className="flex min-w-0 flex-1 flex-wrap gap-x-2 gap-y-1 max-sm:w-full max-sm:flex-none">
                    {colour.doses.map((one, place) => (
                        <Stepper
                            key={one.colourant}
                            name={one.name}
                            amount={doseText(one.amount, one.unit, isMeasured(one.unit) ? 2 : 1)}
                            grams={one.g}
                            onLess={() => dose(place, -1)}
                            onMore={() => dose(place, 1)}
                        />
                    ))}
                    {colour.doses.length === 0 && <p className="text-soft">{words.nothingInItYet}</p>}
                </div>
                <Button onClick={() => setOpen(!open)} aria-expanded={open}>
                    {open ? words.close : words.adjust}
                </Button>
            </div>
            {open && (
                <div className="mt-2 flex flex-wrap items-end gap-x-5 gap-y-2 pl-2 sm:pl-15">
                    <Field
                        label={words.shareOfTheBatch}
                        unit="%"
                        value={fieldNumber(cup.share_pct as number | undefined)}
                        onChange={(value) => onChange({ ...cup, share_pct: value })}
                        sentence={sentences[`${at}share_pct`]}
                        inputMode="decimal"
                        className="w-32"
                    />
                    <Field
                        label={words.smallCups}
                        value={fieldNumber(cup.small_cups as number | undefined)}
                        onChange={(value) => onChange({ ...cup, small_cups: value })}
                        sentence={sentences[`${at}small_cups`]}
                        inputMode="numeric"
                        placeholder={words.noSmallCups}
                        className="w-28"
                    />
                    <Field
                        label={words.keptBack}
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

                    <Remove label={words.takeAway(colour.name)} onPress={() => onChange(null)} />
                    <p className="w-full text-sm text-soft">
                        {colour.small_cup_ml !== null &&
                            words.eachOfSmallCupsHoldsStayBack(
                                colour.small_cups,
                                joined(volume(colour.small_cup_ml, units)),
                                joined(volume(colour.reserve_ml, units)),
                            )}
                        {words.itsWallsKeep(joined(volume(colour.residue_ml, units)))}
                        {colour.stir_again && words.stirItOnceMoreBeforeItIsPoured}
                        {colour.oil && words.oilTheNextCoatHasNoWindow}
                    </p>
                </div>
            )}
        </li>
    )
}
