<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Numeric\Root;

/**
 * The heat that layers of one resin set free. A label's greatest depth is evidence: where such a layer is predicted
 * to get hot on a warm day, the resin makes less heat than is assumed.
 *
 * Source: the heat at which a layer of the label's depth on wood, 5 °C above the reference temperature, peaks at 60 °C.
 */
final class LayerHeat
{
    /** No resin makes less, kJ/kg. */
    public const LEAST_KJ_KG = 20.0;

    /** A warm day: so much above the temperature that the label is for, K. */
    public const WARMER_K = 5.0;

    /** Past this it does not matter how far it runs away, °C. */
    private const FOLLOWED_TO_C = 75.0;

    private const NEAR_KJ_KG = 0.1;

    /** Of the rise. */
    private const NEAR_SHARE = 0.002;

    private const LEAST_RISE_K = 0.01;

    /**
     * In kJ/kg, from 20 to what is assumed.
     *
     * @param  Curing  $curing  with the heat that is assumed
     * @param  float  $deepestMm  the label's, above 0
     */
    public static function kJKg(Curing $curing, float $deepestMm, float $densityKgM3, float $conductivity = PouredLayer::CONDUCTIVITY_W_M_K): float
    {
        $celsius = $curing->kinetics->referenceC + self::WARMER_K;
        $layer = new PouredLayer($deepestMm, $densityKgM3, Base::Wood->slabs(), Temperatures::steady($celsius), conductivity: $conductivity);
        if ($celsius >= Heating::HOT_C) {
            return min(self::LEAST_KJ_KG, $curing->heatKjKg);
        }
        // by the logarithm of the rise, which is nearly straight
        $over = static fn (float $heat): float => log(max(self::LEAST_RISE_K, LayerHeating::peaks($curing->withHeat($heat), $layer, self::FOLLOWED_TO_C)[0]->peakC - $celsius) / (Heating::HOT_C - $celsius));
        $most = [$curing->heatKjKg, $over($curing->heatKjKg)];
        if ($most[1] <= 0) {
            return $curing->heatKjKg;
        }
        $least = [self::LEAST_KJ_KG, $over(self::LEAST_KJ_KG)];

        return $least[1] >= 0 ? min(self::LEAST_KJ_KG, $curing->heatKjKg) : Root::between($over, $least, $most, self::NEAR_KJ_KG, self::NEAR_SHARE);
    }
}
