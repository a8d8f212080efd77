<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\CoatCase;

/** How long it takes to look along pieces, and to cover them. Source: the studio's practice; estimates. */
final class LookOver
{
    /** To the bench and back, min. */
    private const LEAST_MIN = 0.25;

    private const LOOK_S_A_PIECE = 3.0;

    private const LOOK_MIN_PER_M2 = 1.0;

    private const COVER_S_A_PIECE = 5.0;

    /** Down to eye level and along the film of every piece, min. */
    public static function lookMin(CoatCase $case): float
    {
        $pieces = $case->piece->quantity;

        return max(self::LEAST_MIN, $pieces * self::LOOK_S_A_PIECE / 60 + $pieces * $case->volume->coveredMm2 / 1e6 * self::LOOK_MIN_PER_M2);
    }

    /** A cover over each, min. */
    public static function coverMin(int $pieces): float
    {
        return max(self::LEAST_MIN, $pieces * self::COVER_S_A_PIECE / 60);
    }
}
