<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Colour;

/** What a colourant does to the mix. */
final readonly class Stuff
{
    /**
     * @param  float|null  $limitPct  the most of it in mixed resin, by its own label, per cent by volume
     */
    public function __construct(
        public bool $isWatery,
        public Flammable $flammable,
        public bool $isOil,
        public bool $isFiller,
        public ?float $limitPct,
    ) {
    }
}
