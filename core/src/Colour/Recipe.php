<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Colour;

/** Colourants for so much mixed resin. */
final readonly class Recipe
{
    /** What recipes are written for where nothing else is said, ml of mixed resin. */
    public const PER_ML = 100.0;

    /** @param  list<Dose>  $doses  for $perMl of mixed resin */
    public function __construct(
        public string $id,
        public string $name,
        public float $perMl,
        public array $doses,
    ) {
    }

    /** @return list<Dose> for so much mixed resin, ml */
    public function scaledTo(float $resinMl): array
    {
        return array_map(fn (Dose $dose): Dose => $dose->times($resinMl / $this->perMl), $this->doses);
    }
}
