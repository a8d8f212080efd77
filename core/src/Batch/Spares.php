<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

/** What is left over of a batch would coat so many more. */
final class Spares
{
    /**
     * Whole pieces of each coat that an amount would coat.
     *
     * @param  float  $surplusMl  0 or more
     * @return list<array{turn: Turn, each_ml: float, count: int}>
     */
    public static function of(BatchResult $result, float $surplusMl): array
    {
        return array_map(static function (Turn $turn) use ($surplusMl): array {
            $each = $turn->pouredMl / $turn->count;

            return ['turn' => $turn, 'each_ml' => $each, 'count' => (int) floor($surplusMl / $each + 1e-9)];
        }, $result->turns);
    }

    /** In words: "2 more of Tiles, or 3 of Trays"; null where it is not enough for one. */
    public static function words(BatchResult $result, float $surplusMl): ?string
    {
        $enough = array_filter(self::of($result, $surplusMl), static fn (array $one): bool => $one['count'] > 0);

        return $enough === [] ? null : implode(', or ', array_map(static fn (array $one): string => sprintf('%d more of %s', $one['count'], $one['turn']->coat->case->piece->name), $enough));
    }
}
