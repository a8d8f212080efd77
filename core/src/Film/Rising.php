<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/** How bubbles come out of a film by themselves; null where they never do, or the depth is not known. */
final readonly class Rising
{
    /**
     * @param  float|null  $smallestUm  that escapes at all, µm across
     */
    public function __construct(
        public ?float $smallestUm,
        public ?float $rise100Min,
        public ?float $rise50Min,
        public ?float $rise30Min,
    ) {
    }

    public static function of(FilmCase $case): self
    {
        $bubbles = new Bubbles($case->fluid->liquid, $case->fluid->clock);
        $film = $case->filmMm;
        $rise = static fn (float $um): ?float => $film === null ? null : $bubbles->riseMin($film, $um);

        return new self($film === null ? null : $bubbles->smallestThatEscapesUm($film), $rise(100), $rise(50), $rise(30));
    }
}
