import type { ReactNode } from 'react'
import { Sheet } from '../../controls/Sheet'
import { KeepResin } from './KeepResin'
import { LabelBeside } from './LabelBeside'
import { NeededFields, OtherFields } from './LabelFields'
import type { ShelfResin } from './types'
import { useLabel } from './useLabel'
import * as texts from '@words/shelf'

interface Props {
    open: boolean
    resin: ShelfResin | null
    /** A new sheet that begins as this one. */
    copy: boolean
    onClose: () => void
}

/** One label, typed with the bottle or its photo at hand. What it does not say is left empty. */
export function ResinForm(props: Props): ReactNode {
    const title =
        props.resin === null ? texts.aSheetFromItsLabel : props.copy ? texts.like(props.resin.name) : props.resin.name
    return (
        <Sheet open={props.open} onClose={props.onClose} title={title} full>
            <Form key={`${props.resin?.id ?? 'new'} ${props.copy}`} {...props} />
        </Sheet>
    )
}

function Form({ resin, copy, onClose }: Props): ReactNode {
    const label = useLabel(resin, copy, onClose)
    return (
        <form
            className="grid min-h-0 flex-1 gap-x-8 gap-y-4 overflow-auto lg:grid-cols-[1fr_21rem] lg:grid-rows-[1fr_auto] lg:overflow-visible"
            onSubmit={(event) => {
                event.preventDefault()
                label.keep()
            }}
        >
            <div className="space-y-5 pr-2 lg:row-span-2 lg:min-h-0 lg:overflow-auto">
                <NeededFields label={label} />
                <p className="text-soft">{texts.thatIsEnoughToBeginTheRestAsFarAsThe}</p>
                <OtherFields label={label} />
            </div>
            <LabelBeside checked={label.checked} />
            <KeepResin
                resin={copy ? null : resin}
                sending={label.sending}
                sentences={label.sentences}
                onMine={(version) => label.keep({ resin: version })}
                onAway={label.away}
            />
        </form>
    )
}
