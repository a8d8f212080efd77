<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/** When to wipe the lower edge, and what drips off. Times in minutes from the end of the pour. */
final readonly class DripPlan
{
    /** Age at the first wipe, minutes at the reference temperature. */
    public const FIRST_WIPE_AGE_MIN = 10.0;

    /** What gathers between two wipes, ml per metre of edge. */
    public const BETWEEN_WIPES_ML_PER_M = 0.4;

    /** What the last wipe leaves to drip, ml per metre of edge. */
    public const LEFT_AT_LAST_ML_PER_M = 0.2;

    /** @param  non-empty-list<float>  $wipesMin */
    private function __construct(
        public array $wipesMin,
        public float $edgeFilmLeftMm,
        public float $drippedMl,
    ) {
    }

    /** The drips of a coated edge of so many metres, all pieces together. */
    public static function of(EdgeDrain $drain, FilmClock $clock, float $coatedEdgeM): self
    {
        $first = $clock->minutesToAge($clock->ageAtPourMin() + self::FIRST_WIPE_AGE_MIN);
        $wipes = [$first];
        $left = $drain->stillToDripMlPerM($first);
        while (($left -= self::BETWEEN_WIPES_ML_PER_M) > self::LEFT_AT_LAST_ML_PER_M) {
            $wipes[] = $drain->minutesUntilLeft($left);
        }
        if ($left + self::BETWEEN_WIPES_ML_PER_M > self::LEFT_AT_LAST_ML_PER_M) {
            $wipes[] = $drain->minutesUntilLeft(self::LEFT_AT_LAST_ML_PER_M);
        }

        return new self($wipes, $drain->filmLeftMm(), $drain->drippedMlPerM() * $coatedEdgeM);
    }

    public function lastWipeMin(): float
    {
        return $this->wipesMin[count($this->wipesMin) - 1];
    }
}
