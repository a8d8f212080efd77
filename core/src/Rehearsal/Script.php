<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Rehearsal;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** The accidents of one rehearsal: the same seed draws the same. */
final class Script
{
    /** Min after the first film is on its piece: while there is most to do. */
    private const FROM_MIN = 2.0;

    private const TO_MIN = 12.0;

    private const STEPS = 10_000;

    /**
     * @param  list<Accident>  $accidents
     * @return list<Cue> in the order of the accidents' names, each drawn by itself: another beside it changes nothing
     */
    public static function drawn(int $seed, array $accidents): array
    {
        $cues = [];
        foreach (Accident::cases() as $at => $accident) {
            if (in_array($accident, $accidents, true)) {
                $random = new Randomizer(new Mt19937($seed * 31 + $at));
                $between = static fn (float $from, float $to): float => $from + ($to - $from) * $random->getInt(0, self::STEPS) / self::STEPS;
                $cues[] = new Cue($accident, $between(self::FROM_MIN, self::TO_MIN), $between(0.35, 0.95), $between(0.3, 0.8));
            }
        }

        return $cues;
    }
}
