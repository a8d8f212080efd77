import { Tabs } from 'radix-ui'
import { lazy, Suspense, type ReactNode } from 'react'
import { Switch } from '../../controls/Choice'
import { sizeOf } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import { surfaceWord } from '../../lib/words'
import type { CoatRow, PieceRow, ResinRow } from '../../types/page'
import { Portions } from './Portions'
import { Fields } from './Fields'
import type { CoatChoices } from './sizes'
import type { CoatDraft } from './useCoatDraft'
import * as words from '@words/coat'

// what is seldom set comes when somebody asks
const MoreFields = lazy(async () => ({ default: (await import('./MoreFields')).MoreFields }))
const StepsPanel = lazy(async () => ({ default: (await import('./StepsPanel')).StepsPanel }))
const RoomFields = lazy(async () => ({ default: (await import('./RoomFields')).RoomFields }))

interface Props {
    draft: CoatDraft
    piece: PieceRow
    coat: CoatRow
    choices: CoatChoices
    resins: ResinRow[]
    last_took: number | null
    /** Drawn as it will hang. */
    hangs: boolean
    onHangs: (hangs: boolean) => void
}

/** All that can be set of a coat: the coat itself, more of it, its steps, and the room. */
export function WhatToSet({
    draft,
    piece,
    coat,
    choices,
    resins,
    last_took: lastTookMl,
    hangs,
    onHangs,
}: Props): ReactNode {
    const units = useUnits()
    const { answer } = draft
    const { spec } = piece
    const open = answer?.steps.filter((step) => !step.after && step.state === 'open').length ?? 0
    return (
        <Tabs.Root defaultValue="coat">
            <Tabs.List aria-label={words.whatToSet} className="-mx-2 mb-2 flex border-b ruled">
                <Tab value="coat">{words.coat}</Tab>
                <Tab value="more">{words.more}</Tab>
                <Tab value="steps">
                    {words.steps} <span className="text-sm text-soft">{open}</span>
                </Tab>
                <Tab value="room">{words.room}</Tab>
            </Tabs.List>
            <Tabs.Content value="coat">
                <p className="pb-2 text-sm text-soft">
                    {words.onSurface(surfaceWord(spec.surface).toLowerCase(), sizeOf(piece.drawing, units))}
                    {(spec.quantity ?? 1) > 1 && words.alike(spec.quantity ?? 1)}
                </p>
                <Fields draft={draft} choices={choices} resins={resins} answer={answer} lastTookMl={lastTookMl} />
                {answer?.face_down === true && (
                    <Switch
                        label={words.drawn}
                        value={hangs ? 'hangs' : 'lies'}
                        options={[
                            { value: 'lies', label: words.asItLies },
                            { value: 'hangs', label: words.asItWillHang },
                        ]}
                        onChange={(value) => onHangs(value === 'hangs')}
                    />
                )}
                {answer !== null && (
                    <div className="pt-3">
                        <Portions lifts={answer.coat.lifts} parts={answer.coat.parts} />
                    </div>
                )}
            </Tabs.Content>
            <Tabs.Content value="more">
                <Suspense fallback={null}>
                    <MoreFields draft={draft} isNext={(answer?.stack[0]?.id ?? coat.id) !== coat.id} />
                </Suspense>
            </Tabs.Content>
            <Tabs.Content value="steps">
                <Suspense fallback={null}>
                    <StepsPanel draft={draft} steps={answer?.steps ?? []} />
                </Suspense>
            </Tabs.Content>
            <Tabs.Content value="room">
                <Suspense fallback={null}>
                    <RoomFields draft={draft} inForce={answer?.in_force} dewPointC={answer?.dew_point_c} />
                </Suspense>
            </Tabs.Content>
        </Tabs.Root>
    )
}

function Tab({ value, children }: { value: string; children: ReactNode }): ReactNode {
    return (
        <Tabs.Trigger
            value={value}
            className="min-h-11 flex-1 border-b-3 border-transparent px-1 whitespace-nowrap data-[state=active]:border-act data-[state=active]:font-semibold"
        >
            {children}
        </Tabs.Trigger>
    )
}
