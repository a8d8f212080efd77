import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Field } from '../../controls/Field'
import { Sheet } from '../../controls/Sheet'
import { ask } from '../../lib/http'
import { useAttempt } from '../../lib/attempt'
import type { ColourFigures, DoseSpec } from '../../types/mixing'
import * as words from '@words/batch'

/** What is in a cup becomes a recipe of the studio, for 100 ml of mixed resin. */
export function KeepRecipe(props: {
    name: string
    resinMl: number
    colour: ColourFigures
    onKept: (key: string) => void
}): ReactNode {
    const [open, setOpen] = useState(false)
    const [name, setName] = useState(props.name)
    const { sentences, attempt } = useAttempt()
    const keep = async (): Promise<void> => {
        const doses = props.colour.doses.map((one): DoseSpec => ({
            colourant: one.colourant,
            [one.unit]: one.amount,
        }))
        const kept = await attempt(() =>
            ask<{ key: string }>('POST', '/shelf/recipes/of-cup', { name, mixed_ml: props.resinMl, doses }),
        )
        if (kept === null) return
        setOpen(false)
        props.onKept(kept.key)
    }
    if (props.colour.doses.length === 0) return null
    return (
        <>
            <Button onClick={() => setOpen(true)}>{words.keepAsARecipe}</Button>
            <Sheet open={open} onClose={() => setOpen(false)} title={words.keepAsARecipe}>
                <form
                    className="space-y-4"
                    onSubmit={(event) => {
                        event.preventDefault()
                        void keep()
                    }}
                >
                    <Field
                        label={words.itsName}
                        value={name}
                        onChange={setName}
                        sentence={Object.values(sentences)[0]}
                        autoFocus
                        large
                    />
                    <p className="text-soft">{words.itIsKeptFor100MlOfMixedResinAndScaled}</p>
                    <div className="flex justify-end">
                        <Button look="next" type="submit">
                            {words.keepIt}
                        </Button>
                    </div>
                </form>
            </Sheet>
        </>
    )
}
