import { choices } from '../../lib/words'
import { type ReactNode } from 'react'
import { Choice } from '../../controls/Choice'
import { Field, TextArea } from '../../controls/Field'
import { area, fieldLength, fieldSize, fieldVolume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { PieceSpec } from '../../types/plan'
import type { Typed, MeasuredAs } from './typed'
import { Freeform } from './Freeform'
import * as words from '@words/takeIn'

export interface MeasureProps {
    saved: PieceSpec
    typed: Typed
    way: MeasuredAs
    change: (part: Typed) => void
    sentence: (name: string) => string | undefined
    leave: (name: string) => () => void
}

const OTHER_WAYS = choices({
    path: words.aFreeformOutline,
    polygon: words.cornerPoints,
    count: words.countedMlEach,
    water: words.filledWithWaterWeighed,
    stone: words.aStoneOrFigure,
    vessel: words.aVessel,
})

/** The ways of measuring beyond typed lengths. */
export function OtherMeasures(props: MeasureProps): ReactNode {
    const units = useUnits()
    const { saved, typed, way, change, sentence, leave } = props
    const small = units === 'metric' ? 'mm' : 'in'
    const measure = saved.measure ?? {}
    return (
        <div className="space-y-3">
            <Choice
                label={words.measuredAs}
                value={way}
                options={OTHER_WAYS}
                onChange={(value) => change({ way: value as MeasuredAs })}
            />
            {way === 'path' && <Freeform {...props} />}
            {way === 'polygon' && (
                <TextArea
                    label={words.cornerPointsInMmOnePairOnALineXY}
                    value={typed.points ?? (saved.outline?.points_mm ?? []).map(([x, y]) => `${x}, ${y}`).join('\n')}
                    onChange={(points) => change({ points })}
                    rows={5}
                    sentence={sentence('outline.points_mm') ?? anyUnder(sentence, 'outline.points_mm.')}
                />
            )}
            {way === 'count' && (
                <Field
                    label={words.eachTakes}
                    unit={units === 'metric' ? 'ml' : 'fl oz'}
                    value={typed.each ?? fieldVolume(measure.each_ml, units)}
                    placeholder={words.suchAsADensity}
                    onChange={(each) => change({ each })}
                    onDone={leave('measure.each_ml')}
                    sentence={sentence('measure.each_ml')}
                    large
                />
            )}
            {way === 'count' && (
                <Field
                    label={words.areaOfOneIfYouKnowIt}
                    unit={units === 'metric' ? 'cm²' : 'in²'}
                    value={typed.face ?? (measure.area_cm2 === undefined ? '' : area(measure.area_cm2, units).text)}
                    placeholder={words.forItsFilm}
                    onChange={(face) => change({ face })}
                    onDone={leave('measure.area_cm2')}
                    sentence={sentence('measure.area_cm2')}
                />
            )}
            {way === 'water' && (
                <Field
                    label={words.theWaterThatFillsItWeighs}
                    unit="g"
                    value={typed.water ?? (measure.water_g === undefined ? '' : String(measure.water_g))}
                    placeholder={words.suchAsALength}
                    onChange={(water) => change({ water })}
                    onDone={leave('measure.water_g')}
                    sentence={sentence('measure.water_g')}
                    large
                />
            )}
            {way === 'water' && (
                <Field
                    label={words.howDeepAtItsDeepest}
                    unit={small}
                    value={typed.deepest ?? fieldLength(measure.deepest_mm, units)}
                    placeholder={words.forItsHeat}
                    onChange={(deepest) => change({ deepest })}
                    onDone={leave('measure.deepest_mm')}
                    sentence={sentence('measure.deepest_mm')}
                />
            )}
            {way === 'stone' && (
                <Field
                    label={words.lengthWidthHeightARoughEstimate}
                    unit={small}
                    value={typed.stone ?? fieldSize(measure.ellipsoid_mm, units)}
                    placeholder={words.suchAsThreeSides}
                    onChange={(stone) => change({ stone })}
                    onDone={leave('measure.ellipsoid_mm')}
                    sentence={sentence('measure.ellipsoid_mm')}
                    large
                />
            )}
            {way === 'vessel' && (
                <div className="grid grid-cols-2 gap-5">
                    {(['diameter_mm', 'height_mm'] as const).map((name) => (
                        <Field
                            key={name}
                            label={name === 'diameter_mm' ? words.diameter : words.height}
                            unit={small}
                            value={typed.vessel?.[name] ?? fieldLength(measure.cylinder?.[name], units)}
                            onChange={(value) => change({ vessel: { ...typed.vessel, [name]: value } })}
                            onDone={leave(`measure.cylinder.${name}`)}
                            sentence={sentence(`measure.cylinder.${name}`)}
                            large
                        />
                    ))}
                    <Choice
                        label={words.coated}
                        value={typed.vessel?.side ?? measure.cylinder?.side ?? 'inside'}
                        options={[
                            { value: 'inside', label: words.inside },
                            { value: 'outside', label: words.outside },
                            { value: 'both', label: words.insideAndOutside },
                        ]}
                        onChange={(side) => change({ vessel: { ...typed.vessel, side } })}
                    />
                </div>
            )}
            {sentence('measure') !== undefined && <p className="font-semibold text-danger">{sentence('measure')}</p>}
        </div>
    )
}

function anyUnder(sentence: MeasureProps['sentence'], prefix: string): string | undefined {
    for (let index = 0; index < 200; index++) {
        const found = sentence(prefix + index)
        if (found !== undefined) return found
    }
    return undefined
}
