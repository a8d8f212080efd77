import type { ReactNode } from 'react'
import { Check, Choice } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { fieldLength } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { PieceSpec } from '../../types/plan'
import { Holes } from './Holes'
import { isShape, type DepthField, type Typed, type MeasuredAs } from './typed'
import * as words from '@words/takeIn'

const DEPTHS: { field: DepthField; label: string }[] = [
    { field: 'recess_mm', label: words.recessOrMouldDeep },
    { field: 'lip_mm', label: words.lipAtItsLowest },
    { field: 'base_mm', label: words.itsBaseIsThick },
    { field: 'target_thickness_mm', label: words.wholeStackToBe },
]

/** What not every piece has. */
export function Details(props: {
    saved: PieceSpec
    typed: Typed
    way: MeasuredAs
    kind: string
    /** How often it was cast. */
    casts: number
    change: (part: Typed) => void
    sentence: (name: string) => string | undefined
    leave: (name: string) => () => void
}): ReactNode {
    const units = useUnits()
    const { saved, typed, change, sentence, leave } = props
    return (
        <div className="space-y-4 pt-2">
            <div className="grid grid-cols-2 gap-5">
                {DEPTHS.map(({ field, label }) => (
                    <Field
                        key={field}
                        label={label}
                        unit={units === 'metric' ? 'mm' : 'in'}
                        value={typed.depths?.[field] ?? fieldLength(saved[field], units)}
                        placeholder={field === 'base_mm' ? words.asUsual : words.noDepth}
                        onChange={(value) => change({ depths: { ...typed.depths, [field]: value } })}
                        onDone={leave(field)}
                        sentence={sentence(field)}
                    />
                ))}
                <Choice
                    label={words.itsEdge}
                    value={typed.turn ?? saved.edge_turn ?? 'square'}
                    options={[
                        { value: 'square', label: words.squareSharp },
                        { value: 'bevelled', label: words.bevelled },
                        { value: 'none', label: words.noTurn },
                    ]}
                    onChange={(turn) => change({ turn })}
                    sentence={sentence('edge_turn')}
                />
            </div>
            {(props.kind === 'mould' || props.kind === 'casting') && (
                <Field
                    label={
                        props.casts > 0
                            ? words.releaseLastSprayedCastTimes(props.casts)
                            : words.releaseLastSprayedNeverCastYet
                    }
                    value={typed.release ?? saved.release ?? ''}
                    placeholder={words.whichAndWhen}
                    onChange={(release) => change({ release })}
                    sentence={sentence('release')}
                />
            )}
            <Check
                label={words.itLiesFaceDownItsFirstPourBecomesThe}
                on={typed.faceDown ?? saved.face_down ?? false}
                onChange={(faceDown) => change({ faceDown })}
            />
            {isShape(props.way) && <Holes saved={saved} typed={typed} change={change} sentence={sentence} />}
        </div>
    )
}
