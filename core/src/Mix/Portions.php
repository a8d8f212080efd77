<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Mix;

/** What to measure out of part A and part B, in ml and in g; g of part B is null where its density is not known. */
final readonly class Portions
{
    public function __construct(
        public float $aMl,
        public float $bMl,
        public float $aG,
        public ?float $bG,
    ) {
    }

    public function totalMl(): float
    {
        return $this->aMl + $this->bMl;
    }

    public function totalG(): ?float
    {
        return $this->bG === null ? null : $this->aG + $this->bG;
    }
}
