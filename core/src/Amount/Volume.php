<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Amount;

/** Where the resin of one coat goes, for all its pieces, in ml. The parts add up to the total. */
final readonly class Volume
{
    /** @param  float  $displacedMl  0 or less: what inclusions take the place of */
    public function __construct(
        public float $filmMl,
        public float $edgesMl,
        public float $runoffMl,
        public float $soakMl,
        public float $climbMl,
        public float $displacedMl,
        public float $residueMl,
        public float $marginMl,
    ) {
    }

    /** @param  non-empty-list<self>  $volumes */
    public static function sum(array $volumes): self
    {
        $sum = static fn (string $part): float => array_sum(array_column($volumes, $part));

        return new self($sum('filmMl'), $sum('edgesMl'), $sum('runoffMl'), $sum('soakMl'), $sum('climbMl'), $sum('displacedMl'), $sum('residueMl'), $sum('marginMl'));
    }

    /** @return array{film: float, edges: float, runoff: float, soak: float, climb: float, displaced: float} what leaves the cup, by the result file's names */
    public function parts(): array
    {
        return [
            'film' => $this->filmMl,
            'edges' => $this->edgesMl,
            'runoff' => $this->runoffMl,
            'soak' => $this->soakMl,
            'climb' => $this->climbMl,
            'displaced' => $this->displacedMl,
        ];
    }

    public function totalMl(): float
    {
        return $this->poured() + $this->residueMl + $this->marginMl;
    }

    /** What leaves the cup: all but residue and margin. */
    public function poured(): float
    {
        return array_sum($this->parts());
    }
}
