import type { ReactNode } from 'react'
import { Choice } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { fieldLength } from '../../lib/format'
import { SURFACES } from '../../lib/words'
import type { Units } from '../../types/page'
import type { ZoneSpec } from '../../types/plan'
import type { CoatDraft } from './useCoatDraft'
import * as words from '@words/coat'

type Loose = Record<string, unknown>

/** The part of the face that the coat covers. */
export function ZoneFields(props: { draft: CoatDraft; zone: ZoneSpec | null; units: Units; small: string }): ReactNode {
    const { draft, units } = props
    const zone = props.zone as Loose | null
    const kind =
        zone === null ? 'whole' : zone.share_pct !== undefined && zone.share_pct !== null ? 'share' : String(zone.shape)
    const set = (change: Loose, done = false): void =>
        done
            ? draft.keep({ coat: { zone: { ...zone, ...change } } })
            : draft.change({ coat: { zone: { ...zone, ...change } } })
    const choose = (to: string): void =>
        draft.keep({
            coat: {
                zone:
                    to === 'whole'
                        ? null
                        : to === 'share'
                          ? {
                                share_pct: 50,
                                shape: null,
                                width_mm: null,
                                height_mm: null,
                                diameter_mm: null,
                                x_mm: null,
                                y_mm: null,
                            }
                          : {
                                share_pct: null,
                                shape: to,
                                x_mm: 0,
                                y_mm: 0,
                                ...(to === 'circle'
                                    ? { diameter_mm: 50, width_mm: null, height_mm: null }
                                    : { width_mm: 50, height_mm: 50, diameter_mm: null }),
                            },
            },
        })
    const lengthOf = (field: string, label: string): ReactNode => (
        <Field
            key={field}
            label={label}
            unit={props.small}
            value={
                typeof zone?.[field] === 'string'
                    ? String(zone[field])
                    : fieldLength(zone?.[field] as number | undefined, units)
            }
            sentence={draft.sentences[`coat.zone.${field}`]}
            onChange={(value) => set({ [field]: value })}
            onDone={() => draft.keep()}
        />
    )
    return (
        <fieldset className="space-y-2">
            <Choice
                label={words.covers}
                value={kind}
                options={[
                    { value: 'whole', label: words.theWholeFace },
                    { value: 'share', label: words.aShareOfIt },
                    { value: 'rectangle', label: words.aBandOrRectangle },
                    { value: 'circle', label: words.aRound },
                    { value: 'ellipse', label: words.anOval },
                    ...(kind === 'path' || kind === 'polygon' || kind === 'ring'
                        ? [{ value: kind, label: words.itsOwnOutline }]
                        : []),
                ]}
                sentence={draft.sentences['coat.zone']}
                onChange={choose}
            />
            {kind === 'share' && (
                <Field
                    label={words.shareOfTheFace}
                    unit="%"
                    value={String(zone?.share_pct ?? '')}
                    sentence={draft.sentences['coat.zone.share_pct']}
                    onChange={(value) => set({ share_pct: value })}
                    onDone={() => draft.keep()}
                />
            )}
            {(kind === 'rectangle' || kind === 'circle' || kind === 'ellipse') && (
                <div className="grid grid-cols-2 gap-3">
                    {kind === 'circle'
                        ? lengthOf('diameter_mm', words.diameter)
                        : [lengthOf('width_mm', words.width), lengthOf('height_mm', words.height)]}
                    {lengthOf('x_mm', words.fromTheLeft)}
                    {lengthOf('y_mm', words.fromTheTop)}
                </div>
            )}
            {zone !== null && (
                <div className="grid grid-cols-2 gap-3">
                    <Field
                        label={words.itsName}
                        value={String(zone.name ?? '')}
                        placeholder={words.suchAsSea}
                        onChange={(name) => set({ name: name === '' ? null : name })}
                        onDone={() => draft.keep()}
                    />
                    <Choice
                        label={words.surfaceBelow}
                        value={String(zone.surface ?? '')}
                        options={[{ value: '', label: words.asThePiece }, ...SURFACES]}
                        onChange={(surface) => set({ surface: surface === '' ? null : surface }, true)}
                    />
                </div>
            )}
        </fieldset>
    )
}
