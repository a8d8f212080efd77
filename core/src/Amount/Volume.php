<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Amount;

/** Where the resin of one coat goes, for all its pieces, in ml. The parts add up to the total. */
final readonly class Volume
{
    public function __construct(
        public float $filmMl,
        public float $edgesMl,
        public float $runoffMl,
        public float $soakMl,
        public float $residueMl,
        public float $marginMl,
    ) {
    }

    public function totalMl(): float
    {
        return $this->poured() + $this->residueMl + $this->marginMl;
    }

    /** What leaves the cup: all but residue and margin. */
    public function poured(): float
    {
        return $this->filmMl + $this->edgesMl + $this->runoffMl + $this->soakMl;
    }
}
