import { type ReactNode } from 'react'
import { Figure } from '../../controls/TraceSheet'

export function SizeAnswer(props: { figure: string | null; text: string; unit: string; word: string }): ReactNode {
    const shown = (
        <>
            {props.text} <span className="unit">{props.unit}</span>
        </>
    )
    return (
        <div className="flex flex-col-reverse">
            <dt className="text-soft">{props.word}</dt>
            <dd>
                {props.figure === null ? (
                    <span className="figure measured text-4xl">{shown}</span>
                ) : (
                    <Figure of={props.figure} className="figure measured text-4xl">
                        {shown}
                    </Figure>
                )}
            </dd>
        </div>
    )
}
