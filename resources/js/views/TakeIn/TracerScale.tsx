import type { ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Switch } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import type { Held, Marks } from '../../lib/marks'
import { useUnits } from '../../lib/pages'
import type { Sentences } from '../../types/page'
import * as words from '@words/takeIn'

export type Scale = 'length' | 'sheet'

/** As it was typed. */
export interface KnownSize {
    mm: string
    width_mm: string
    height_mm: string
}

/** How large things are on the photo: two points a known length apart, or the corners of a known sheet. */
export function TracerScale(props: {
    marks: Marks
    scale: Scale
    known: KnownSize
    marking: Held['of']
    sentences: Partial<Sentences>
    onScale: (scale: Scale) => void
    onKnown: (known: KnownSize) => void
    onMarking: (of: Held['of']) => void
}): ReactNode {
    const { marks, scale, known, marking, sentences } = props
    const small = useUnits() === 'metric' ? 'mm' : 'in'
    const field = (name: keyof typeof known, label: string, placeholder: string): ReactNode => (
        <Field
            label={label}
            unit={small}
            value={known[name]}
            placeholder={placeholder}
            sentence={sentences[name]}
            onChange={(value) => props.onKnown({ ...known, [name]: value })}
        />
    )
    return (
        <section className="space-y-2">
            <Switch
                label={words.n1TheScale}
                value={scale}
                options={[
                    { value: 'length', label: words.aKnownLength },
                    { value: 'sheet', label: words.aKnownSheet },
                ]}
                onChange={(value) => {
                    props.onScale(value as Scale)
                }}
            />
            <p className="text-sm text-soft">
                {scale === 'length'
                    ? words.forAPhotoFromStraightAboveMarkTwo
                    : words.forAPhotoFromAnywhereMarkTheCornersOfA}
            </p>
            {scale === 'length' ? (
                field('mm', words.theyAreApart, words.suchAs30Cm)
            ) : (
                <div className="grid grid-cols-2 gap-3">
                    {field('width_mm', words.width, '297')}
                    {field('height_mm', words.height, '210')}
                </div>
            )}
            <Button
                look={marking === scale ? 'plain' : 'quiet'}
                aria-pressed={marking === scale}
                onClick={() => props.onMarking(scale)}
            >
                {scale === 'length' ? words.pointsMarked(marks.length.length) : words.cornersMarked(marks.sheet.length)}
            </Button>
        </section>
    )
}
