<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Numeric\Root;

/**
 * What a poured layer of one resin loses. A label's greatest depth is evidence: where such a layer is
 * predicted to get hot on a warm day, it loses more than is assumed.
 *
 * Source: the loss at which a layer of the label's depth, 5 °C above the reference temperature, peaks at 60 °C.
 */
final class LayerLoss
{
    /** No layer loses more, W/(m² K). */
    private const MOST_W_M2_K = 200.0;

    /** A warm day: so much above the temperature that the label is for, K. */
    private const WARMER_K = 5.0;

    private const NEAR_W_M2_K = 1e-3;

    private const NEAR_K = 1e-3;

    /** In W/(m² K), from 15 to 200. @param  float  $deepestMm  the label's, above 0 */
    public static function wM2K(Curing $curing, float $deepestMm, float $densityKgM3): float
    {
        $room = Temperatures::steady($curing->kinetics->referenceC + self::WARMER_K);
        // by the logarithm: the peak falls steeply at first; how far it runs away does not matter
        $over = static fn (float $log): float => Heating::asLayer($curing, $deepestMm, $densityKgM3, $room, 0.0, exp($log), Heating::RUNAWAY_C)->peakC - Heating::HOT_C;
        $least = [$log = log(Heating::LAYER_LOSS_W_M2_K), $over($log)];
        if ($least[1] <= 0) {
            return Heating::LAYER_LOSS_W_M2_K;
        }
        $most = [$log = log(self::MOST_W_M2_K), $over($log)];

        return $most[1] >= 0 ? self::MOST_W_M2_K : exp(Root::between($over, $least, $most, self::NEAR_W_M2_K / self::MOST_W_M2_K, self::NEAR_K));
    }
}
