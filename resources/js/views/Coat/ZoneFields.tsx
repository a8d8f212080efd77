import type { ReactNode } from 'react'
import { Choice } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { fieldLength } from '../../lib/format'
import { SURFACES } from '../../lib/words'
import type { Units } from '../../types/page'
import type { ZoneSpec } from '../../types/plan'
import type { useCoatDraft } from './useCoatDraft'

type Loose = Record<string, unknown>

/** The part of the face that the coat covers. */
export function ZoneFields(props: {
    draft: ReturnType<typeof useCoatDraft>
    zone: ZoneSpec | null
    units: Units
    small: string
}): ReactNode {
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
                label="Covers"
                value={kind}
                options={[
                    { value: 'whole', label: 'The whole face' },
                    { value: 'share', label: 'A share of it' },
                    { value: 'rectangle', label: 'A band or rectangle' },
                    { value: 'circle', label: 'A round' },
                    { value: 'ellipse', label: 'An oval' },
                    ...(kind === 'path' || kind === 'polygon' || kind === 'ring'
                        ? [{ value: kind, label: 'Its own outline' }]
                        : []),
                ]}
                sentence={draft.sentences['coat.zone']}
                onChange={choose}
            />
            {kind === 'share' && (
                <Field
                    label="Share of the face"
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
                        ? lengthOf('diameter_mm', 'Diameter')
                        : [lengthOf('width_mm', 'Width'), lengthOf('height_mm', 'Height')]}
                    {lengthOf('x_mm', 'From the left')}
                    {lengthOf('y_mm', 'From the top')}
                </div>
            )}
            {zone !== null && (
                <div className="grid grid-cols-2 gap-3">
                    <Field
                        label="Its name"
                        value={String(zone.name ?? '')}
                        placeholder="such as sea"
                        onChange={(name) => set({ name: name === '' ? null : name })}
                        onDone={() => draft.keep()}
                    />
                    <Choice
                        label="Surface below"
                        value={String(zone.surface ?? '')}
                        options={[{ value: '', label: 'As the piece' }, ...SURFACES]}
                        onChange={(surface) => set({ surface: surface === '' ? null : surface }, true)}
                    />
                </div>
            )}
        </fieldset>
    )
}
