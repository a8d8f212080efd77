<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

/** What a label says from which its resin's heat follows; null where it does not. */
final readonly class LabelEvidence
{
    /**
     * @param  float|null  $potLifeMin  null where the label gives the heat itself
     * @param  float|null  $potLifeMassG  that it is given for
     * @param  float|null  $deepestMm  layer that it allows
     * @param  float|null  $layerHeatKjKg  of its layers, where somebody knows it
     */
    public function __construct(
        public ?float $potLifeMin,
        public ?float $potLifeMassG,
        public ?float $deepestMm,
        public ?float $layerHeatKjKg = null,
    ) {
    }
}
