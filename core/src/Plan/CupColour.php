<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Colour\Dose;

/** What is stirred into a colour cup. */
final readonly class CupColour
{
    /**
     * @param  list<Dose>  $doses  for $perMl of mixed resin
     * @param  float|null  $perMl  null for doses that are this cup's own, whatever it holds
     */
    public function __construct(
        public array $doses,
        public ?float $perMl,
        public ?string $recipeId,
    ) {
    }

    /** @return list<Dose> for so much mixed resin, ml */
    public function dosesFor(float $resinMl): array
    {
        $perMl = $this->perMl;

        return $perMl === null ? $this->doses : array_map(static fn (Dose $dose): Dose => $dose->times($resinMl / $perMl), $this->doses);
    }
}
