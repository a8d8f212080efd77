<?php

declare(strict_types=1);

namespace App\Scale;

/** What a scale said just now, or why it said nothing. */
final readonly class ScaleReading
{
    private function __construct(
        /** grams on the display; negative when what was zeroed was lifted off; null when it said nothing */
        public ?float $grams,
        public bool $isSteady,
        public float $resolutionG,
        public ?ScaleFault $fault,
        /** whether it is the stand-in, which has hands of its own */
        public bool $isStandIn,
    ) {
    }

    public static function of(float $grams, bool $isSteady, float $resolutionG, bool $isStandIn): self
    {
        return new self($grams, $isSteady, $resolutionG, null, $isStandIn);
    }

    public static function fault(ScaleFault $fault, bool $isStandIn = false): self
    {
        return new self(null, false, 0.1, $fault, $isStandIn);
    }
}
