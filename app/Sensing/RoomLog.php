<?php

declare(strict_types=1);

namespace App\Sensing;

use App\Models\RoomRow;
use Carbon\CarbonImmutable;
use OpenGlaze\Core\Document\Entry;

/** What the room was like, minute by minute of the last day, and every ten minutes of the days before. */
final class RoomLog
{
    /** A sensor that has said nothing for so long is quiet; its last word holds. */
    public const QUIET_AFTER_MIN = 3.0;

    /** Past this its last word says nothing of the room any more. */
    public const HOLDS_MIN = 12 * 60.0;

    private const THINNED_AFTER_H = 24;

    private const THINNED_UNTIL_H = 7 * 24;

    private const KEPT_EVERY_MS = 600_000;

    public static function write(RoomReading $reading, CarbonImmutable $at): void
    {
        RoomRow::query()->insertOrIgnore([
            'at_ms' => (int) $at->valueOf(), 'celsius' => $reading->celsius, 'humidity_pct' => $reading->humidityPct, 'battery_pct' => $reading->batteryPct, 'by_hand' => $reading->isByHand,
        ]);
    }

    /**
     * What was measured from the last word before a moment until another.
     *
     * @return list<array{int, float}> ms since 1970, and °C
     */
    public static function between(CarbonImmutable $from, CarbonImmutable $to): array
    {
        $zero = (int) $from->valueOf();
        $before = RoomRow::query()->where('at_ms', '<=', $zero)->where('at_ms', '>=', $zero - (int) (self::HOLDS_MIN * 60_000))->max('at_ms');

        return array_values(RoomRow::query()->whereBetween('at_ms', [is_numeric($before) ? (int) $before : $zero, (int) $to->valueOf()])->orderBy('at_ms')->get()
            ->map(static fn (RoomRow $row): array => [$row->at_ms, $row->celsius])->all());
    }

    /** Of what is older than a day the first of every ten minutes is kept. */
    public static function thin(CarbonImmutable $now): void
    {
        $before = (int) $now->subHours(self::THINNED_AFTER_H)->valueOf();
        // what is older yet was thinned while it was read
        $since = (int) $now->subHours(self::THINNED_UNTIL_H)->valueOf();
        $kept = RoomRow::query()->whereBetween('at_ms', [$since, $before - 1])->groupByRaw('at_ms / '.self::KEPT_EVERY_MS)->selectRaw('min(at_ms)');
        RoomRow::query()->whereBetween('at_ms', [$since, $before - 1])->whereNotIn('at_ms', $kept)->delete();
    }

    /** A studio's room as it was entered, with what was measured of it last. */
    public static function over(Entry $studio, CarbonImmutable $now): Entry
    {
        return self::last($now)?->over($studio) ?? $studio;
    }

    /** The last that was said, where it still says something of the room. */
    public static function last(CarbonImmutable $now): ?RoomNow
    {
        $row = RoomRow::query()->where('at_ms', '<=', (int) $now->valueOf())->where('at_ms', '>=', (int) $now->valueOf() - (int) (self::HOLDS_MIN * 60_000))->orderByDesc('at_ms')->first();

        return $row === null ? null : RoomNow::said(new RoomReading($row->celsius, $row->humidity_pct, $row->battery_pct, $row->by_hand), $row->at_ms, $now);
    }
}
