<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/** What of marks and slopes goes out of a film by itself; null where it never does, or the depth is not known. */
final readonly class LevelsOut
{
    /**
     * @param  float|null  $upToMm  the widest marks
     * @param  float|null  $thinnestMm  film that levels the marks that are asked for
     * @param  float|null  $driftMm  what it gathers at the lower side
     * @param  float|null  $withinMmPerM  the slope that it stands
     */
    public function __construct(
        public ?float $upToMm,
        public ?float $thinnestMm,
        public ?float $settleMin,
        public ?float $driftMm,
        public ?float $withinMmPerM,
    ) {
    }

    public static function of(FilmCase $case): self
    {
        $levelling = new Levelling($case->fluid->liquid, $case->fluid->clock);
        $drift = new Drift($case->fluid->liquid, $case->fluid->clock);
        [$film, $longest] = [$case->filmMm, $case->longestMm];

        return new self(
            $film === null ? null : $levelling->longestWavelengthMm($film),
            $levelling->thinnestMm($case->markMm),
            $film === null ? null : $levelling->settleMin($film),
            $film === null || $longest === null ? null : $drift->driftMm($film, $case->slopeMmPerM, $longest),
            $film === null || $longest === null ? null : $drift->levelWithinMmPerM($film, $longest),
        );
    }
}
