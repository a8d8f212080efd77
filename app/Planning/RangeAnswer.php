<?php

declare(strict_types=1);

namespace App\Planning;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Message\Speaker;
use OpenGlaze\Core\Range\Range;

/** How sure the figures of a page are, by the names that its explanations go by. */
final class RangeAnswer
{
    /** @param  array<string, Range>  $ranges  by where the figure stands in the result */
    public static function of(array $ranges, Speaker $say): Entry
    {
        $answer = [];
        foreach ($ranges as $figure => $range) {
            $answer[self::explainedAs($figure)] = [
                'low' => $range->low,
                'high' => $range->high,
                'mostly' => array_map(static fn (string $field, float $share): array => ['what' => $say->say(Message::of('causes.'.$field)), 'share_pct' => round(100 * $share)], array_keys($range->causes), $range->causes),
            ];
        }

        return Entry::from($answer);
    }

    /** The name of its explanation: "total" of an amount, "wipe_2_min" of the second wipe, "lift_1_total" of the first lift. */
    private static function explainedAs(string $figure): string
    {
        $parts = explode('/', $figure);
        $last = $parts[count($parts) - 1];

        return match (true) {
            $parts[0] === 'lifts' => 'lift_'.((int) $parts[1] + 1).'_'.($last === 'total_ml' ? 'total' : $last),
            is_numeric($last) => 'wipe_'.((int) $last + 1).'_min',
            $last === 'total_ml' => 'total',
            default => $last,
        };
    }
}
