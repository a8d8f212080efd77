<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Measuring;

/** What there is to measure with, each with how finely it is read. */
final readonly class MeasuringTools
{
    /** The usual division of a marked cup, ml. */
    public const GRADUATION_ML = 5.0;

    /** The usual resolution of a bench scale, g. */
    public const RESOLUTION_G = 0.1;

    /**
     * @param  float  $fillMl  that a small cup takes up to its line, for equal fills
     * @param  float  $fillStepMl  how finely that line is met
     */
    public function __construct(
        public float $graduationMl = self::GRADUATION_ML,
        public float $resolutionG = self::RESOLUTION_G,
        public float $fillMl = EqualFills::USUAL_ML,
        public float $fillStepMl = EqualFills::USUAL_STEP_ML,
    ) {
    }
}
