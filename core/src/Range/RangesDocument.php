<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Range;

use OpenGlaze\Core\Plan\Plan;

/** Writes ranges by the pointers of the figures in the open result file, and their causes by the plan file's fields. */
final class RangesDocument
{
    /**
     * @param  array{coats: array<string, array<string, Range>>, batches: array<string, array<string, Range>>}  $ranges
     * @return array<string, array{p10: float, p90: float, causes: list<array{string, float}>}>
     */
    public static function of(array $ranges, Plan $plan): array
    {
        $all = [];
        foreach (['coats' => $plan->coats, 'batches' => $plan->batches] as $list => $entries) {
            foreach ($entries as $at => $entry) {
                foreach ($ranges[$list][$entry->id] ?? [] as $figure => $range) {
                    $all["/$list/$at/$figure"] = ['p10' => $range->low, 'p90' => $range->high, 'causes' => array_map(static fn (string $field, float $share): array => [$field, round($share, 3)], array_keys($range->causes), $range->causes)];
                }
            }
        }

        return $all;
    }
}
