import { type ReactNode } from 'react'
import { Field } from '../../controls/Field'
import { useUnits } from '../../lib/pages'
import { OtherMeasures } from './Measures'
import { SHAPE_LENGTHS, sides, type LengthField } from './typed'
import type { PieceSpec } from '../../types/plan'
import { textOf } from './typed'
import { isSimple, type PieceFormProps } from './PieceForm'
import * as words from '@words/takeIn'
const LENGTHS: Record<LengthField, { label: string; metric: string; imperial: string }> = {
    width_mm: { label: words.width, metric: 'as 62 x 41 cm', imperial: 'as 24 x 36' },
    height_mm: { label: words.height, metric: 'as 410', imperial: 'as 16 1/2' },
    radius_mm: { label: words.corners, metric: 'square', imperial: 'square' },
    diameter_mm: { label: words.diameter, metric: words.suchAs90Cm, imperial: words.suchAsFeet },
    inner_mm: { label: words.innerDiameter, metric: words.suchAs10Cm, imperial: words.suchAsInchesAcross },
}

/** How large a piece is: a few lengths, or another way to say it. */
export function SizeOf({
    saved,
    typed,
    way,
    change,
    sentence,
    leave,
}: PieceFormProps & { saved: PieceSpec }): ReactNode {
    const units = useUnits()
    const lengthText = (field: LengthField): string => textOf(field, typed, saved, units)
    return isSimple(way) ? (
        <div className={`grid gap-5 ${way === 'rectangle' ? 'grid-cols-[1fr_1fr_6.5rem]' : 'grid-cols-2'}`}>
            {SHAPE_LENGTHS[way].map((name) => (
                <Field
                    key={name}
                    label={LENGTHS[name].label}
                    value={lengthText(name)}
                    unit={units === 'metric' ? 'mm' : 'in'}
                    onChange={(value) => change({ lengths: { ...typed.lengths, [name]: value } })}
                    onDone={() => {
                        if (typed.lengths !== undefined) change({ lengths: sides(typed.lengths) })
                        leave(`outline.${name}`)()
                    }}
                    sentence={sentence(`outline.${name}`)}
                    placeholder={LENGTHS[name][units]}
                    large={name !== 'radius_mm'}
                />
            ))}
        </div>
    ) : (
        <OtherMeasures saved={saved} typed={typed} way={way} change={change} sentence={sentence} leave={leave} />
    )
}
