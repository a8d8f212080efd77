import type { ReactNode } from 'react'
import { Check, Choice } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { fieldLength } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { PieceSpec } from '../../types/plan'
import { Holes } from './Measures'
import { isShape, type DepthField, type Typed, type Way } from './typed'

const DEPTHS: { field: DepthField; label: string }[] = [
    { field: 'recess_mm', label: 'Recess or mould, deep' },
    { field: 'lip_mm', label: 'Lip, at its lowest' },
    { field: 'target_thickness_mm', label: 'Whole stack, to be' },
]

/** What not every piece has. */
export function Details(props: {
    saved: PieceSpec
    typed: Typed
    way: Way
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
                        placeholder="none"
                        onChange={(value) => change({ depths: { ...typed.depths, [field]: value } })}
                        onDone={leave(field)}
                        sentence={sentence(field)}
                    />
                ))}
                <Choice
                    label="Its edge"
                    value={typed.turn ?? saved.edge_turn ?? 'square'}
                    options={[
                        { value: 'square', label: 'Square, sharp' },
                        { value: 'bevelled', label: 'Bevelled' },
                        { value: 'none', label: 'No turn' },
                    ]}
                    onChange={(turn) => change({ turn })}
                    sentence={sentence('edge_turn')}
                />
            </div>
            {(props.kind === 'mould' || props.kind === 'casting') && (
                <Field
                    label={
                        props.casts > 0
                            ? `Release last sprayed; cast ${props.casts} times`
                            : 'Release last sprayed; never cast yet'
                    }
                    value={typed.release ?? saved.release ?? ''}
                    placeholder="which, and when"
                    onChange={(release) => change({ release })}
                    sentence={sentence('release')}
                />
            )}
            <Check
                label="It lies face down: its first pour becomes the face"
                on={typed.faceDown ?? saved.face_down ?? false}
                onChange={(faceDown) => change({ faceDown })}
            />
            {isShape(props.way) && <Holes saved={saved} typed={typed} change={change} sentence={sentence} />}
        </div>
    )
}
