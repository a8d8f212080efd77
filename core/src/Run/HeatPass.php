<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Film\HeatTool;

/** How long one pass takes. Source: the studio's practice; an estimate. */
final class HeatPass
{
    private const SHORTEST_S = 3.0;

    private const GUN_S_PER_1000_CM2 = 40.0;

    private const BREATH_S_A_PIECE = 5.0;

    /**
     * Seconds for one pass over all pieces of a film; 0 where nothing is passed with.
     *
     * @param  float  $areaCm2  of each piece, 0 or more
     * @param  int  $pieces  1 or more
     */
    public static function seconds(HeatTool $tool, float $areaCm2, int $pieces = 1, ?Burner $burner = null): float
    {
        $each = match ($tool) {
            HeatTool::None => 0.0,
            HeatTool::Breath => self::BREATH_S_A_PIECE,
            HeatTool::HeatGun, HeatTool::Flame => max(self::SHORTEST_S, $areaCm2 / 1000 * self::secondsPer1000Cm2($tool, $areaCm2, $burner)),
        };

        return $pieces * $each;
    }

    /** Seconds over 1,000 cm², which is how long each place is under it; 0 for what warms nothing. */
    public static function secondsPer1000Cm2(HeatTool $tool, float $areaCm2, ?Burner $burner = null): float
    {
        return match ($tool) {
            HeatTool::HeatGun => self::GUN_S_PER_1000_CM2,
            HeatTool::Flame => ($burner ?? Burner::forArea($areaCm2))->secondsPer1000Cm2(),
            HeatTool::Breath, HeatTool::None => 0.0,
        };
    }
}
