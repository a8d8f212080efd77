<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Edge;

/** Wipes of several pieces laid together into rounds: as few as keep each within its tolerance. */
final class WipeRounds
{
    /** How much sooner or later than it is due a wipe may be, min. */
    public const TOLERANCE_MIN = 5.0;

    /**
     * Source: the fewest points that stab all intervals, taken by their ends.
     *
     * @param  array<array-key, list<float>>  $due  minutes, rising, by piece
     * @return list<array{min: float, pieces: list<array-key>}> in time; a piece that is due twice within one round is wiped once
     */
    public static function of(array $due): array
    {
        $all = [];
        foreach ($due as $piece => $minutes) {
            foreach ($minutes as $min) {
                $all[] = [$min, $piece];
            }
        }
        usort($all, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $rounds = [];
        for ($at = 0; $at < count($all);) {
            $first = $last = $all[$at][0];
            $pieces = [];
            for (; $at < count($all) && $all[$at][0] <= $first + 2 * self::TOLERANCE_MIN; $at++) {
                [$last, $piece] = $all[$at];
                $pieces[$piece] = $piece;
            }
            $rounds[] = ['min' => ($first + $last) / 2, 'pieces' => array_values($pieces)];
        }

        return $rounds;
    }
}
