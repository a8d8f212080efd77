<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Colour;

use OpenGlaze\Core\Quantity\Sourced;

/** Something that is stirred into mixed resin, as its label has it. */
final readonly class Colourant
{
    /**
     * @param  Sourced  $densityGMl  true density, of powders that of the grains
     * @param  float|null  $limitPct  the most of it in mixed resin, by its own label, per cent by volume
     * @param  float|null  $scoopMl  true volume of one scoop of its own
     * @param  string|null  $colour  as it is seen by itself, #rrggbb; null where it has none
     */
    public function __construct(
        public string $id,
        public string $name,
        public Form $form,
        public Sourced $densityGMl,
        public bool $isWatery,
        public Flammable $flammable,
        public bool $isOil,
        public bool $isFiller,
        public ?float $limitPct,
        public Sourced $dropMl,
        public Sourced $dipMl,
        public ?float $scoopMl,
        public ?string $colour,
        public Finish $finish,
    ) {
    }

    /** Colour, not filler: what counts against the resin's limit for colour. */
    public function isColour(): bool
    {
        return ! $this->isFiller;
    }

    /** Ml of it in one of these; null for a scoop of unknown size. */
    public function mlPer(DoseUnit $unit): ?float
    {
        return match ($unit) {
            DoseUnit::Ml => 1.0,
            DoseUnit::G => 1 / $this->densityGMl->value,
            DoseUnit::Drops => $this->dropMl->value,
            DoseUnit::Dips => $this->dipMl->value,
            DoseUnit::Scoops => $this->scoopMl,
        };
    }
}
