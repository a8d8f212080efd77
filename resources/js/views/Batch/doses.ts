import type { ColourFigures, ColourSpec, DoseSpec } from '../../types/mixing'

/** A colour cup without what is stirred into it. */
export function withoutDoses(cup: ColourSpec): ColourSpec {
    const { doses: _, per_ml: __, recipe: ___, ...rest } = cup
    return rest
}

/** The doses that are in the cup now become its own: what a person changed is no recipe any more. */
function ownDoses(cup: ColourSpec, colour: ColourFigures, change: (doses: DoseSpec[]) => DoseSpec[]): ColourSpec {
    const doses = colour.doses.map((one): DoseSpec => ({ colourant: one.colourant, [one.unit]: one.amount }))
    return { ...withoutDoses(cup), name: colour.name, doses: change(doses) }
}

/** One drop, one dip, one scoop more or less; of what is measured a tenth of a ml or g. */
export function adjusted(cup: ColourSpec, colour: ColourFigures, number: number, by: number): ColourSpec {
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

/** One colourant more, or another amount of it. */
export function withDose(cup: ColourSpec, colour: ColourFigures, added: DoseSpec): ColourSpec {
    return ownDoses(cup, colour, (doses) => [...doses.filter((one) => one.colourant !== added.colourant), added])
}
