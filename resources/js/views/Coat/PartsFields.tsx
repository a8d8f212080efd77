import { PlusIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Choice } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { LAYINGS } from '../../lib/words'
import type { PartSpec } from '../../types/plan'
import { Remove } from '../../controls/Remove'
import type { CoatDraft } from './useCoatDraft'
import * as words from '@words/coat'

/** What the plan file calls a part that needs no colour. */
const CLEAR = 'clear'

type Loose = Record<string, unknown>

/** Colours that are laid wet on wet: one coat in parts. */
export function PartsFields({ draft, parts }: { draft: CoatDraft; parts: PartSpec[] }): ReactNode {
    const put = (list: Loose[], done: boolean): void =>
        done
            ? draft.keep({ coat: { parts: list.length === 0 ? null : list } })
            : draft.change({ coat: { parts: list } })
    const list = parts as Loose[]
    const change = (index: number, part: Loose, done = false): void =>
        put(
            list.map((one, at) => (at === index ? { ...one, ...part } : one)),
            done,
        )
    return (
        <fieldset className="space-y-2">
            <legend className="text-sm text-soft">{words.laidWetOnWetInThisOrder}</legend>
            {list.map((part, index) => (
                <div key={index} className="grid grid-cols-[1fr_4.5rem_2.75rem] items-end gap-2">
                    <Field
                        label={words.colour(index + 1)}
                        value={String(part.colour ?? '')}
                        onChange={(colour) => change(index, { colour })}
                        onDone={() => draft.keep()}
                    />
                    <Field
                        label={words.share(index + 1)}
                        unit="%"
                        value={String(part.share_pct ?? '')}
                        sentence={draft.sentences[`coat.parts.${index}.share_pct`]}
                        onChange={(share_pct) => change(index, { share_pct })}
                        onDone={() => draft.keep()}
                    />
                    <div className="col-span-2 row-start-2 pb-1">
                        <Choice
                            label={words.laidAsColour(index + 1)}
                            value={String(part.laying ?? '')}
                            options={[{ value: '', label: words.asTheCoat }, ...LAYINGS]}
                            onChange={(laying) => change(index, { laying: laying === '' ? null : laying }, true)}
                        />
                    </div>
                    <Remove
                        label={words.leaveOutColour(index + 1)}
                        onPress={() =>
                            put(
                                list.filter((_, at) => at !== index),
                                true,
                            )
                        }
                    />
                </div>
            ))}
            {draft.sentences['coat.parts'] !== undefined && (
                <p className="text-sm font-semibold text-danger">{draft.sentences['coat.parts']}</p>
            )}
            <Button
                onClick={() =>
                    put(
                        list.length === 0
                            ? [
                                  { colour: CLEAR, share_pct: 50 },
                                  { colour: words.partAdded, share_pct: 50 },
                              ]
                            : [...list, { colour: words.partAdded, share_pct: 0.1 }],
                        list.length === 0,
                    )
                }
            >
                <PlusIcon size={18} /> {words.colourOfPart}
            </Button>
        </fieldset>
    )
}
