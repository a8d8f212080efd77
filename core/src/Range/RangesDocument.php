<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Range;

use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Message\Speaker;

/** Writes ranges beside the figures of the open result file, by their names and in their units. */
final class RangesDocument
{
    /**
     * @param  array{coats: array<string, array<string, Range>>, batches: array<string, array<string, Range>>}  $ranges
     * @return array{coats: list<array<string, mixed>>, batches: list<array<string, mixed>>}
     */
    public static function of(array $ranges, Speaker $say): array
    {
        return ['coats' => self::listed($ranges['coats'], $say), 'batches' => self::listed($ranges['batches'], $say)];
    }

    /**
     * @param  array<string, array<string, Range>>  $byId
     * @return list<array<string, mixed>>
     */
    private static function listed(array $byId, Speaker $say): array
    {
        return array_map(static fn (string $id, array $ranges): array => ['id' => $id, ...array_map(static fn (Range $range): array => self::range($range, $say), $ranges)], array_map(strval(...), array_keys($byId)), $byId);
    }

    /** @return array{low: float, high: float, mostly: list<array{what: string, share_pct: float}>} */
    public static function range(Range $range, Speaker $say): array
    {
        return [
            'low' => $range->low,
            'high' => $range->high,
            'mostly' => array_map(static fn (string $cause, float $share): array => ['what' => $say->say(Message::of('causes.'.$cause)), 'share_pct' => round(100 * $share)], array_keys($range->causes), $range->causes),
        ];
    }
}
