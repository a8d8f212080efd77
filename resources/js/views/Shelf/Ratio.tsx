import { type ReactNode } from 'react'
import { Switch } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { bothParts } from '../../lib/inTwo'
import type { Sentences } from '../../types/page'
import { type TypedLabel } from './resinFields'
import * as texts from '@words/shelf'

interface Props {
    typed: TypedLabel
    sentences: Sentences
    put: (key: string, value: string) => void
}

/** How both parts are mixed: by a ratio, or a catalyst by the depth of the layer. */
export function Ratio({ typed, sentences, put }: Props): ReactNode {
    return typed.family === 'polyester' ? (
        <Field
            label={texts.catalystByTheDepthOfTheLayerFromThe}
            value={typed.catalyst ?? ''}
            hint={texts.depthsAndPerCents}
            sentence={sentences.catalyst}
            onChange={(value) => put('catalyst', value)}
        />
    ) : (
        <div className="grid grid-cols-[6rem_6rem_auto] items-end gap-6">
            <Field
                label="A"
                value={typed['ratio.a'] ?? ''}
                placeholder="3:1"
                onChange={(value) => put('ratio.a', value)}
                onDone={() => {
                    const both = bothParts(typed['ratio.a'] ?? '')
                    if (both === null) return
                    put('ratio.a', both[0])
                    put('ratio.b', both[1])
                }}
                sentence={sentences['ratio.a'] ?? sentences.ratio}
                large
            />
            <Field
                label={texts.toB}
                value={typed['ratio.b'] ?? ''}
                onChange={(value) => put('ratio.b', value)}
                sentence={sentences['ratio.b']}
                inputMode="decimal"
                large
            />
            <Switch
                label={texts.countedBy}
                value={typed['ratio.by'] ?? 'volume'}
                options={[
                    { value: 'volume', label: 'volume' },
                    { value: 'weight', label: 'weight' },
                ]}
                onChange={(value) => put('ratio.by', value)}
            />
        </div>
    )
}
