import { router } from '@inertiajs/react'
import { type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Choice, Switch } from '../../controls/Choice'
import { Field } from '../../controls/Field'
import { StaleStrip } from '../../controls/StaleStrip'
import { fieldLength } from '../../lib/format'
import { type Read } from '../../lib/http'
import { useUnits } from '../../lib/pages'
import { KINDS, SURFACES } from '../../lib/words'
import { beginPiece } from './begin'
import { Details } from './Details'
import { type Typed, type MeasuredAs } from './typed'
import type { SideName } from '../../types/plan'
import { SizeOf } from './SizeOf'
import { NEW } from './begin'
import type { Props } from './index'
import * as words from '@words/takeIn'
const SHAPES: { value: string; label: string }[] = [
    { value: 'rectangle', label: words.rectangle },
    { value: 'circle', label: words.circle },
    { value: 'ellipse', label: words.oval },
    { value: 'ring', label: words.ring },
    { value: 'other', label: words.other },
]

/** Whether its outline is typed as a few lengths. */
export function isSimple(way: MeasuredAs): boolean {
    return SHAPES.some(({ value }) => value === way)
}

export interface PieceFormProps {
    piece: Props['piece']
    usual: Props['usual']
    typed: Typed
    way: MeasuredAs
    edges: 'all' | 'none' | SideName[]
    change: (part: Typed) => void
    sentence: (field: string) => string | undefined
    /** A field was left: what is wrong with it is said from then on. */
    leave: (field: string) => () => void
    send: (read?: Read) => void
    general: string | undefined
    stale: string | undefined
}

/** What is typed of a piece. */
export function PieceForm(props: PieceFormProps): ReactNode {
    const { piece, usual, typed, way, edges, change, sentence, leave, send, general, stale } = props
    const units = useUnits()
    const saved = piece?.spec ?? NEW
    const simple = isSimple(way)
    return (
        <form
            className="space-y-4 p-4 sm:p-6 lg:border-r lg:ruled"
            onSubmit={(event) => {
                event.preventDefault()
                send()
            }}
        >
            <Field
                label={words.name}
                value={typed.name ?? piece?.name ?? ''}
                onChange={(name) => change({ name })}
                sentence={sentence('name')}
                placeholder={words.suchAsAutumnSky}
                autoFocus={piece === null}
                large
            />
            <div className="grid grid-cols-2 gap-5">
                <Choice
                    label={words.kind}
                    value={typed.kind ?? saved.kind ?? 'other'}
                    options={KINDS}
                    onChange={(kind) => change({ kind, ...(usual === null ? {} : beginPiece(usual[kind], typed)) })}
                />
                <Choice
                    label={words.surface}
                    value={typed.surface ?? saved.surface}
                    options={SURFACES}
                    onChange={(value) => change({ surface: value })}
                    sentence={sentence('surface')}
                />
            </div>
            <Switch
                label={words.shape}
                value={simple ? way : 'other'}
                options={SHAPES}
                onChange={(value) => {
                    const to = (value === 'other' ? 'path' : value) as MeasuredAs
                    change({
                        way: to,
                        ...(to !== 'rectangle' && Array.isArray(edges) ? { edges: 'all' } : {}),
                    })
                }}
            />
            <SizeOf {...props} saved={saved} />
            {sentence('outline') !== undefined && <p className="font-semibold text-danger">{sentence('outline')}</p>}
            <div className="grid grid-cols-2 gap-5">
                <Field
                    label={words.edgeDepth}
                    value={typed.depths?.edge_depth_mm ?? fieldLength(saved.edge_depth_mm, units)}
                    unit={units === 'metric' ? 'mm' : 'in'}
                    onChange={(edge_depth_mm) => change({ depths: { ...typed.depths, edge_depth_mm } })}
                    onDone={leave('edge_depth_mm')}
                    sentence={sentence('edge_depth_mm')}
                    placeholder={units === 'metric' ? words.suchAsAnEdge : words.suchAsInches}
                />
                <Field
                    label={words.howManyAlike}
                    value={typed.quantity ?? String(saved.quantity ?? 1)}
                    inputMode="numeric"
                    onChange={(quantity) => change({ quantity })}
                    onDone={leave('quantity')}
                    sentence={sentence('quantity')}
                />
            </div>
            <Switch
                label={words.edgesThatGetCoated}
                value={Array.isArray(edges) ? 'some' : edges}
                options={[
                    { value: 'all', label: words.all },
                    { value: 'none', label: words.none },
                    ...(Array.isArray(edges) ? [{ value: 'some', label: edges.join(', ') }] : []),
                ]}
                onChange={(value) => {
                    if (value === 'all' || value === 'none') change({ edges: value })
                }}
                sentence={sentence('coated_edges')}
            />
            <details className="border-t ruled pt-2">
                <summary className="min-h-9 cursor-pointer py-1">{words.recessLipHolesHowItLies}</summary>
                <Details
                    kind={typed.kind ?? saved.kind ?? 'other'}
                    casts={piece?.casts ?? 0}
                    saved={saved}
                    typed={typed}
                    way={way}
                    change={change}
                    sentence={sentence}
                    leave={leave}
                />
            </details>
            {piece !== null && (
                <Button className="sm:hidden" onClick={() => router.post(`/pieces/${piece.id}/again`)}>
                    {words.theSameAgain}
                </Button>
            )}
            {stale !== undefined ? (
                <StaleStrip sentence={general} onMine={() => send({ piece: Number(stale) })} />
            ) : (
                general !== undefined && <p className="font-semibold text-danger">{general}</p>
            )}
            <button type="submit" className="sr-only" tabIndex={-1}>
                {words.save}
            </button>
        </form>
    )
}
