<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Measuring;

/** Two lines to be drawn on a cup with a pen: one for the part that is poured first, one for both. Heights in mm from the inside floor. */
final readonly class FillLines
{
    private function __construct(
        public float $firstMm,
        public float $bothMm,
        public RatioError $error,
    ) {
    }

    /**
     * @param  float  $firstMl  above 0
     * @param  float  $secondMl  above 0
     *
     * @throws VesselException when the cup is too small
     */
    public static function of(Markable $cup, float $firstMl, float $secondMl): self
    {
        $first = $cup->heightOfMm($firstMl);
        $both = $cup->heightOfMm($firstMl + $secondMl);
        $step = static fn (float $height): float => RatioError::PEN_LINE_MM * $cup->sectionMm2($height) / 1000;

        return new self($first, $both, RatioError::of($firstMl, $secondMl, $step($first), MeasuredBy::PenLines, $step($both)));
    }
}
