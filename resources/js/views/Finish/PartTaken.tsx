import type { ReactNode } from 'react'
import { Switch } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { Cup } from '../../drawings/Cup'
import { digits, volumeMix, weightMix, joined } from '../../lib/format'
import type { Known, PlannedAndUsed } from '../../types/page'
import * as words from '@words/finish'

/** What is said of one part. */
export interface Said {
    how: Known
    /** What is typed, each in its own measure; it stands while one looks at another. */
    typed: Partial<Record<Known, string>>
}

const HOW: { value: Known; label: string }[] = [
    { value: 'weighed', label: words.weighedG },
    { value: 'read', label: words.readOffMl },
    { value: 'planned', label: words.asPlanned },
    { value: 'unknown', label: words.notKnown },
]

/** What was written down before, or weighed in the cup; never the plan's figure as if it were measured. */
export function saidOf(planned: PlannedAndUsed, part: 'a' | 'b'): Said {
    const { a_ml: a, b_ml: b, a_how: aHow, b_how: bHow } = planned.used
    const [ml, how] = part === 'a' ? [a, aHow] : [b, bHow]
    if (how === null) return { how: planned.planned.total_g === null ? 'read' : 'weighed', typed: {} }
    if (ml === null || how === 'planned') return { how, typed: {} }
    return { how, typed: { [how]: digits(how === 'weighed' ? ml * density(planned, part) : ml, 1) } }
}

/** One part of what it took: how one knows it, and how much. */
export function PartTaken({
    part,
    planned,
    cupMl,
    said,
    sentence,
    onChange,
}: {
    part: 'a' | 'b'
    planned: PlannedAndUsed
    cupMl: number
    said: Said
    sentence: string | undefined
    onChange: (said: Said) => void
}): ReactNode {
    const letter = part === 'a' ? 'A' : 'B'
    const mix = planned.planned
    const plan = said.how === 'weighed' ? weightMix(mix)[part] : volumeMix(mix, 'metric')[part]
    const measured = said.how === 'weighed' || said.how === 'read'
    return (
        <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
            <div className="max-sm:hidden">
                <Cup part={letter} ml={drawnMl(planned, part, said)} cupMl={cupMl} height={104} />
            </div>
            <div className="space-y-2">
                <Switch
                    label={words.partHowYouKnow(letter)}
                    value={said.how}
                    options={HOW}
                    onChange={(value) => onChange({ ...said, how: value as Known })}
                />
                <div className="flex min-h-14 items-end gap-5">
                    {measured && (
                        <Field
                            className="w-44"
                            label={words.partUsed(letter)}
                            value={takenText(said)}
                            unit={said.how === 'weighed' ? 'g' : 'ml'}
                            inputMode="decimal"
                            large
                            sentence={sentence}
                            onChange={(text) => onChange({ ...said, typed: { ...said.typed, [said.how]: text } })}
                        />
                    )}
                    {said.how !== 'unknown' && (
                        <p className="pb-2 text-soft">
                            {(measured ? words.planned : words.takenAsPlanned)(joined(plan))}
                        </p>
                    )}
                </div>
            </div>
        </div>
    )
}

/** What is typed in the measure at hand. */
export function takenText(said: Said): string {
    return said.typed[said.how] ?? ''
}

function density(planned: PlannedAndUsed, part: 'a' | 'b'): number {
    return part === 'a' ? planned.density_a_g_ml : planned.density_b_g_ml
}

/** For the drawing only; what is written down is worked out by the studio. */
function drawnMl(planned: PlannedAndUsed, part: 'a' | 'b', said: Said): number {
    if (said.how === 'unknown') return 0
    if (said.how === 'planned') return part === 'a' ? planned.planned.a_ml : planned.planned.b_ml
    // what was poured in stages may stand as a sum
    const amount = takenText(said)
        .split('+')
        .reduce((sum, cup) => sum + Number(cup.replace(',', '.')), 0)
    if (!Number.isFinite(amount) || amount < 0) return 0
    return said.how === 'weighed' ? amount / density(planned, part) : amount
}
