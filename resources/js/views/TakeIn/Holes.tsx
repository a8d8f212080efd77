import { PlusIcon } from '@phosphor-icons/react'
import { type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Field } from '../../controls/Field'
import { Remove } from '../../controls/Remove'
import { fieldLength } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { PieceSpec } from '../../types/plan'
import type { Typed, TypedHole } from './typed'
import type { MeasureProps } from './Measures'
import * as words from '@words/takeIn'

/** Holes that must stay open: a hanging hole, a handle's slot. */
export function Holes(props: {
    saved: PieceSpec
    typed: Typed
    change: (part: Typed) => void
    sentence: MeasureProps['sentence']
}): ReactNode {
    const units = useUnits()
    const holes = (props.typed.holes ?? props.saved.outline?.holes ?? []) as TypedHole[]
    const small = units === 'metric' ? 'mm' : 'in'
    const put = (next: TypedHole[]): void => props.change({ holes: next })
    const text = (value: string | number): string => (typeof value === 'string' ? value : fieldLength(value, units))
    return (
        <fieldset className="space-y-2">
            <legend className="text-sm text-soft">{words.holesThatStayOpen}</legend>
            {holes.map((hole, index) => (
                <div key={index} className="grid grid-cols-[1fr_1fr_1fr_2.75rem] items-end gap-3">
                    {hole.shape === 'circle' ? (
                        (['diameter_mm', 'x_mm', 'y_mm'] as const).map((name) => (
                            <Field
                                key={name}
                                label={
                                    { diameter_mm: words.diameter, x_mm: words.fromTheLeft, y_mm: words.fromTheTop }[
                                        name
                                    ]
                                }
                                unit={small}
                                value={text(hole[name])}
                                sentence={props.sentence(`outline.holes.${index}.${name}`)}
                                onChange={(value) =>
                                    put(holes.map((one, at) => (at === index ? { ...one, [name]: value } : one)))
                                }
                            />
                        ))
                    ) : (
                        <p className="col-span-3">{words.aHoleOfItsOwnOutline}</p>
                    )}
                    <Remove
                        label={words.closeHole(index + 1)}
                        onPress={() => put(holes.filter((_, at) => at !== index))}
                    />
                </div>
            ))}
            <Button onClick={() => put([...holes, { shape: 'circle', diameter_mm: 5, x_mm: 10, y_mm: 10 }])}>
                <PlusIcon size={18} /> {words.hole}
            </Button>
        </fieldset>
    )
}
