import { choices } from '../../lib/words'
import { FileIcon, ImageIcon, PlusIcon } from '@phosphor-icons/react'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Choice } from '../../controls/Choice'
import { Field, TextArea } from '../../controls/Field'
import { Remove } from '../../controls/Remove'
import { area, fieldLength, fieldSize, fieldVolume } from '../../lib/format'
import { send } from '../../lib/http'
import { attempted } from '../../lib/attempt'
import { useUnits } from '../../lib/pages'
import type { Sentences } from '../../types/page'
import type { PieceSpec } from '../../types/plan'
import { Tracer, type MadeOutline } from './Tracer'
import type { Typed, TypedHole, Way } from './typed'
import * as words from '@words/takeIn'

interface Props {
    saved: PieceSpec
    typed: Typed
    way: Way
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
export function OtherMeasures(props: Props): ReactNode {
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
                onChange={(value) => change({ way: value as Way })}
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
                    placeholder={words.suchAs12}
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
                    placeholder="for its film"
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
                    placeholder={words.suchAs180}
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
                    placeholder={words.suchAs604530}
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

function anyUnder(sentence: Props['sentence'], prefix: string): string | undefined {
    for (let index = 0; index < 200; index++) {
        const found = sentence(prefix + index)
        if (found !== undefined) return found
    }
    return undefined
}

/** An outline that is traced over a photo, or brought in a drawing. */
function Freeform({ saved, typed, change }: Props): ReactNode {
    const [tracing, setTracing] = useState(false)
    const [file, setFile] = useState<File | null>(null)
    const [width, setWidth] = useState('')
    const [sentences, setSentences] = useState<Sentences>({})
    const has = (typed.d ?? saved.outline?.d ?? '') !== ''
    const bring = async (svg: File, widthText: string): Promise<void> => {
        const made = await attempted(async () =>
            send<MadeOutline>(`/outlines/svg?width=${encodeURIComponent(widthText)}`, await svg.text()),
        )
        setFile(made.done ? null : svg)
        if (made.done) change({ d: made.value.d })
        setSentences(
            made.done
                ? {}
                : made.isUnreachable
                  ? { outline: words.theStudioDoesNotAnswerBringTheDrawing }
                  : made.sentences,
        )
    }
    const asksWidth = sentences.width !== undefined
    return (
        <div className="space-y-3">
            <p className="text-soft">
                {has ? words.itsOutlineIsAtHandToReplaceIt : words.itsOutlineComesFromAPhotoOrADrawing}
            </p>
            <div className="flex flex-wrap gap-2">
                <Button onClick={() => setTracing(true)}>
                    <ImageIcon size={20} /> {words.traceAPhoto}
                </Button>
                <label className="inline-flex min-h-11 cursor-pointer items-center gap-2 rounded border border-line bg-sheet px-4 hover:bg-recess focus-within:outline-3">
                    <FileIcon size={20} /> {words.bringAnSVG}
                    <input
                        type="file"
                        accept=".svg,image/svg+xml"
                        className="sr-only"
                        onChange={(event) => {
                            const svg = event.target.files?.[0]
                            event.target.value = ''
                            if (svg !== undefined) void bring(svg, '')
                        }}
                    />
                </label>
            </div>
            {sentences.outline !== undefined && <p className="font-semibold text-danger">{sentences.outline}</p>}
            {asksWidth && file !== null && (
                <div className="flex items-end gap-3">
                    <Field
                        label={words.widthOfThePiece}
                        value={width}
                        onChange={setWidth}
                        sentence={sentences.width}
                        className="flex-1"
                    />
                    <Button onClick={() => void bring(file, width)}>{words.takeIt}</Button>
                </div>
            )}
            <Tracer
                open={tracing}
                onClose={() => setTracing(false)}
                onUse={(made) => {
                    change({ d: made.d })
                    setTracing(false)
                }}
            />
        </div>
    )
}

/** Holes that must stay open: a hanging hole, a handle's slot. */
export function Holes(props: {
    saved: PieceSpec
    typed: Typed
    change: (part: Typed) => void
    sentence: Props['sentence']
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
