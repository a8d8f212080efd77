import { choices } from '../../lib/words'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Choice } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { Remove } from '../../controls/Remove'
import type { ResinSheet } from '../../types/plan'
import * as texts from '@words/shelf'

type Words = NonNullable<ResinSheet['label_words']>

/** What a label's word can mean. */
const STAGES = choices({
    '': texts.notSureLeaveItUnknown,
    recoat_from_h: texts.tackyNoPrintRecoatFrom,
    recoat_to_h: texts.tooHardToBondRecoatTo,
    sand_from_h: texts.hardEnoughToSand,
    handle_h: texts.itCanBeHandled,
    full_cure_h: texts.itIsItself,
})

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
                {texts.wordsOfTheLabel}{' '}
                <span className="font-normal text-soft">{texts.drySetCureWhichStageDoesItMean}</span>
            </legend>
            <div className="mt-2 flex flex-wrap items-end gap-x-5 gap-y-2">
                <Field label={texts.theWord} value={word} onChange={setWord} placeholder={texts.dry} className="w-28" />
                <Field
                    label={texts.after}
                    value={hours}
                    onChange={setHours}
                    unit="h"
                    inputMode="decimal"
                    className="w-24"
                />
                <div className="w-64">
                    <Choice label={texts.means} value={stage} options={STAGES} onChange={setStage} />
                </div>
                <Button onClick={add} disabled={word.trim() === '' || hours.trim() === ''}>
                    {texts.takeItIn}
                </Button>
            </div>
            <ul>
                {words.map((one, index) => (
                    <li key={`${one.word} ${index}`} className="flex items-center justify-between border-b ruled">
                        {texts.wordMeans(
                            one.word,
                            one.hours,
                            STAGES.find((known) => known.value === (one.stage ?? ''))?.label.toLowerCase() ?? '',
                        )}
                        <Remove
                            label={texts.takeOut(one.word)}
                            onPress={() => onChange(words.filter((_, at) => at !== index))}
                        />
                    </li>
                ))}
            </ul>
        </fieldset>
    )
}
