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

    /**
     * The one of such a name, however it is written; null where there is none.
     *
     * @param  array<self>  $recipes
     */
    public static function called(string $name, array $recipes): ?self
    {
        foreach ($recipes as $recipe) {
            if (self::key($recipe->name) === self::key($name)) {
                return $recipe;
            }
        }

        return null;
    }

    /** A colour's name as it is compared. */
    public static function key(string $name): string
    {
        return mb_strtolower(trim($name));
    }

    /** @return list<Dose> for so much mixed resin, ml */
    public function scaledTo(float $resinMl): array
    {
        return array_map(fn (Dose $dose): Dose => $dose->times($resinMl / $this->perMl), $this->doses);
    }
}
