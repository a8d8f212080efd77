<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Colour;

use OpenGlaze\Core\Quantity\Sourced;

/** Something that is stirred into mixed resin, as its label has it. */
final readonly class Colourant
{
    /** That of water: of what does not say. */
    public const DENSITY_G_ML = 1.0;

    /** @param  Sourced  $densityGMl  true density, of powders that of the grains */
    public function __construct(
        public string $id,
        public string $name,
        public Form $form,
        public Sourced $densityGMl,
        public Stuff $stuff,
        public DoseSizes $sizes,
        public Look $look,
    ) {
    }

    /** Colour, not filler: what counts against the resin's limit for colour. */
    public function isColour(): bool
    {
        return ! $this->stuff->isFiller;
    }

    /** Ml of it in one of these; null for a scoop of unknown size. */
    public function mlPer(DoseUnit $unit): ?float
    {
        return match ($unit) {
            DoseUnit::Ml => 1.0,
            DoseUnit::G => 1 / $this->densityGMl->value,
            DoseUnit::Drops => $this->sizes->dropMl->value,
            DoseUnit::Dips => $this->sizes->dipMl->value,
            DoseUnit::Scoops => $this->sizes->scoopMl,
        };
    }
}
