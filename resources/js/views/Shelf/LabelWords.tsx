import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Choice } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { Remove } from '../../controls/Remove'
import type { ResinSheet } from '../../types/plan'

type Words = NonNullable<ResinSheet['label_words']>

/** What a label's word can mean. */
const STAGES = [
    { value: '', label: 'Not sure: leave it unknown' },
    { value: 'recoat_from_h', label: 'Tacky, no print: recoat from' },
    { value: 'recoat_to_h', label: 'Too hard to bond: recoat to' },
    { value: 'sand_from_h', label: 'Hard enough to sand' },
    { value: 'handle_h', label: 'It can be handled' },
    { value: 'full_cure_h', label: 'It is itself' },
]

interface Props {
    words: Words
    onChange: (words: Words, stage?: string, hours?: string) => void
}

/** Labels say "dry", "set" or "cure", and each means something else: the word is kept, and asked for its stage. */
export function LabelWords({ words, onChange }: Props): ReactNode {
    const [word, setWord] = useState('')
    const [hours, setHours] = useState('')
    const [stage, setStage] = useState('')
    const add = (): void => {
        onChange(
            [...words, { word: word.trim(), hours: hours.trim(), ...(stage === '' ? {} : { stage }) }],
            stage === '' ? undefined : stage,
            stage === '' ? undefined : hours,
        )
        setWord('')
        setHours('')
        setStage('')
    }
    return (
        <fieldset>
            <legend className="w-full border-b ruled pb-0.5 font-bold">
                Words of the label{' '}
                <span className="font-normal text-soft">“dry”, “set”, “cure”: which stage does it mean?</span>
            </legend>
            <div className="mt-2 flex flex-wrap items-end gap-x-5 gap-y-2">
                <Field label="The word" value={word} onChange={setWord} placeholder="dry" className="w-28" />
                <Field label="after" value={hours} onChange={setHours} unit="h" inputMode="decimal" className="w-24" />
                <div className="w-64">
                    <Choice label="means" value={stage} options={STAGES} onChange={setStage} />
                </div>
                <Button onClick={add} disabled={word.trim() === '' || hours.trim() === ''}>
                    Take it in
                </Button>
            </div>
            <ul>
                {words.map((one, index) => (
                    <li key={`${one.word} ${index}`} className="flex items-center justify-between border-b ruled">
                        “{one.word}” after {one.hours} h:{' '}
                        {STAGES.find((known) => known.value === (one.stage ?? ''))?.label.toLowerCase()}
                        <Remove
                            label={`Take "${one.word}" out`}
                            onPress={() => onChange(words.filter((_, at) => at !== index))}
                        />
                    </li>
                ))}
            </ul>
        </fieldset>
    )
}
