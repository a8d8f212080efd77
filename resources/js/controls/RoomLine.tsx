import { ThermometerSimpleIcon } from '@phosphor-icons/react'
import type { ReactNode } from 'react'
import { joined, moment, temperature } from '../lib/format'
import { useUnits } from '../lib/pages'
import type { RoomNow } from '../types/page'
import * as words from '@words/controls'

/** The room as it is measured; what is not said any more is said to be so. */
export function RoomLine({ room, now }: { room: RoomNow; now: number }): ReactNode {
    const units = useUnits()
    return (
        <p className="flex items-baseline gap-2 text-soft" data-testid="room">
            <ThermometerSimpleIcon size={18} className="shrink-0 self-center" />
            <span>
                {words.theRoomIs(
                    joined(temperature(room.celsius, units)),
                    Math.round(room.humidity_pct),
                    joined(temperature(room.dew_point_c, units)),
                )}
                {room.by_hand && <> {words.readByHandAt(moment(room.at, now))}</>}
                {room.quiet && <strong> {words.theSensorIsQuiet(moment(room.at, now))}</strong>}
                {room.battery_low && <strong> {words.itsBatteryIsNearlyFlat}</strong>}
            </span>
        </p>
    )
}
