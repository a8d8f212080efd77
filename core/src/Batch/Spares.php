<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Message\Message;

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
            return ['turn' => $turn, 'each_ml' => $turn->eachMl, 'count' => (int) floor($surplusMl / $turn->eachMl + 1e-9)];
        }, $result->turns);
    }

    /**
     * As "2 more of Tiles"; those of which it is enough for one.
     *
     * @return list<Message>
     */
    public static function named(BatchResult $result, float $surplusMl): array
    {
        $enough = array_filter(self::of($result, $surplusMl), static fn (array $one): bool => $one['count'] > 0);

        return array_values(array_map(static fn (array $one): Message => Message::of('batches.spare', count: $one['count'], piece: $one['turn']->coat->case->piece->name), $enough));
    }
}
