<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Answer;

use OpenGlaze\Core\Measuring\RoundedParts;
use OpenGlaze\Core\Mix\Portions;
use OpenGlaze\Core\Quantity\VolumeUnit;

/** What to measure out, as every screen and sheet shows it: in whole steps of its unit, and in the ratio. */
final class ShownMix
{
    /**
     * @param  float|null  $resolutionG  of the scale that it is weighed on; null for the screen's own step
     * @return array{g: array{a: float, b: float, total: float}|null, ml: array{a: float, b: float, total: float}, fl_oz: array{a: float, b: float, total: float}} g is null where B's density is not known
     */
    public static function of(Portions $mix, ?float $resolutionG = null): array
    {
        $ounce = VolumeUnit::UsFluidOunce->ml();
        $smaller = min($mix->aMl, $mix->bMl);

        return [
            'g' => $mix->bG === null ? null : self::parts(RoundedParts::of($mix->aG, $mix->bG, $resolutionG ?? RoundedParts::STEP_G)),
            'ml' => self::parts(RoundedParts::of($mix->aMl, $mix->bMl, RoundedParts::stepMl($smaller))),
            'fl_oz' => self::parts(RoundedParts::of($mix->aMl / $ounce, $mix->bMl / $ounce, RoundedParts::stepFlOz($smaller / $ounce))),
        ];
    }

    /** @return array{a: float, b: float, total: float} */
    private static function parts(RoundedParts $parts): array
    {
        return ['a' => round($parts->a, 6), 'b' => round($parts->b, 6), 'total' => round($parts->total(), 6)];
    }
}
