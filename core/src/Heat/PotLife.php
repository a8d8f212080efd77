<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Measuring\UnknownCup;

/** How long resin may stand in its cup, and the heat of reaction that a label's pot life means. */
final class PotLife
{
    public const LEAST_KJ_KG = 100.0;

    public const MOST_KJ_KG = 600.0;

    private const NEAR_MIN = 1e-3;

    private const MOST_STEPS = 40;

    /** Minutes until the age in the cup reaches the open time. */
    public static function minutes(Curing $curing, ResinInCup $resin): float
    {
        $open = $curing->kinetics->openMin;
        $run = Heating::inCupUntilAge($curing, $open, $resin);

        return $run->minutesToAge($open) ?? INF;
    }

    /**
     * The heat in kJ/kg with which a mass has the label's pot life, at the label's temperature, in a cup
     * as deep as it is wide; null when none from 100 to 600 does.
     *
     * @param  float  $potLifeMin  on the label
     * @param  float  $massG  that it is given for
     */
    public static function fittedHeatKjKg(Curing $curing, float $potLifeMin, float $massG, float $densityKgM3): ?float
    {
        $reference = $curing->kinetics->referenceC;
        $volumeMl = $massG / $densityKgM3 * 1000;
        $lasts = static fn (float $heat): float => self::minutes($curing->withHeat($heat), new ResinInCup($volumeMl, $densityKgM3, new UnknownCup, Temperatures::steady($reference), $reference));
        [$low, $high] = [self::LEAST_KJ_KG, self::MOST_KJ_KG];
        [$longest, $shortest] = [$lasts($low), $lasts($high)];
        if ($potLifeMin > $longest || $potLifeMin < $shortest) {
            return null;
        }
        for ($i = 0; $i < self::MOST_STEPS; $i++) {
            // between the secant and the middle: sure to close in from both sides
            $share = $longest === $shortest ? 0.5 : ($longest - $potLifeMin) / ($longest - $shortest);
            $heat = $low + ($high - $low) * min(0.95, max(0.05, $share));
            $here = $lasts($heat);
            if (abs($here - $potLifeMin) < self::NEAR_MIN) {
                return $heat;
            }
            $here > $potLifeMin ? [$low, $longest] = [$heat, $here] : [$high, $shortest] = [$heat, $here];
        }

        return ($low + $high) / 2;
    }
}
