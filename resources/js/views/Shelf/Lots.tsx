import { router } from '@inertiajs/react'
import { useState, type ReactNode } from 'react'
import { Button } from '../../controls/Button'
import { Remove } from '../../controls/Remove'
import { Sheet } from '../../controls/Sheet'
import { joined, shortDay, volume } from '../../lib/format'
import { useUnits } from '../../lib/pages'
import type { LotRow, ShelfResin } from './types'
import { LotForm } from './LotForm'
import { Sentence } from '../../controls/Sentence'
import * as words from '@words/shelf'

/** The bottles of one resin that came together: the opened ones are finished first. */
export function Lots({ resin }: { resin: ShelfResin }): ReactNode {
    const units = useUnits()
    const [lot, setLot] = useState<Partial<LotRow> | null>(null)
    const amount = (ml: number | null): string => (ml === null ? 'unknown' : joined(volume(ml, units)))
    return (
        <div className="mt-4">
            <div className="flex items-end justify-between border-b ruled">
                <h3 className="font-bold">{words.bottles}</h3>
                <Button look="quiet" onClick={() => setLot({})}>
                    {words.addALot}
                </Button>
            </div>
            <Need resin={resin} />
            {resin.lots.length === 0 ? (
                <p className="py-2 text-soft">{words.noneWrittenDownThenNobodyIsToldWhenIt}</p>
            ) : (
                <div className="relative overflow-x-auto">
                    <table className="w-full min-w-[36rem]">
                        <thead>
                            <tr className="text-left text-sm text-soft">
                                {[
                                    words.lot,
                                    words.opened,
                                    words.goodUntil,
                                    words.leftOfA,
                                    words.leftOfB,
                                    words.paid,
                                    words.takeAway,
                                ].map((word) => (
                                    <th key={word} className="font-normal">
                                        <span className={word === words.takeAway ? 'sr-only' : ''}>{word}</span>
                                    </th>
                                ))}
                            </tr>
                        </thead>
                        <tbody>
                            {resin.lots.map((one) => (
                                <tr key={one.id} className="border-b ruled">
                                    <th scope="row" className="py-1 text-left font-semibold">
                                        <button
                                            type="button"
                                            className="min-h-9 underline underline-offset-4"
                                            onClick={() => setLot(one)}
                                        >
                                            {one.name}
                                        </button>
                                    </th>
                                    <td>
                                        {one.opened_on === null ? words.notYet : shortDay(Date.parse(one.opened_on))}
                                    </td>
                                    <td className={one.past ? 'font-semibold text-danger' : ''}>
                                        {one.best_before === null
                                            ? words.notSaid
                                            : shortDay(Date.parse(one.best_before))}
                                        {one.past && ', past'}
                                    </td>
                                    <td>{amount(one.left_a_ml)}</td>
                                    <td>{amount(one.left_b_ml)}</td>
                                    <td>{one.price ?? ''}</td>
                                    <td className="text-right">
                                        <Remove
                                            label={words.takeLotAway(one.name)}
                                            onPress={() => router.delete(`/shelf/lots/${one.id}`)}
                                        />
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </div>
            )}
            <Sheet
                open={lot !== null}
                onClose={() => setLot(null)}
                title={lot?.id === undefined ? words.aLotOfBottles : words.lotNamed(lot.name ?? '')}
            >
                {lot !== null && <LotForm key={lot.id ?? 'new'} resin={resin} lot={lot} onDone={() => setLot(null)} />}
            </Sheet>
        </div>
    )
}

/** What is planned with it, what there is, and what to buy. */
function Need({ resin }: { resin: ShelfResin }): ReactNode {
    const units = useUnits()
    const packs = Object.entries(resin.to_buy)
    if (resin.needed_ml === 0) return null
    return (
        <p className="py-1">
            <Sentence of={words.plannedAndLeft}>
                <strong>{joined(volume(resin.needed_ml, units))}</strong>
                {joined(volume(resin.left_ml, units))}
            </Sentence>
            {resin.needed_ml > resin.left_ml &&
                (packs.length === 0
                    ? words.areMissing(joined(volume(resin.needed_ml - resin.left_ml, units)))
                    : words.buy(packs.map(([ml, count]) => `${count} × ${joined(volume(Number(ml), units))}`)))}
        </p>
    )
}
