<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Amount;

/** What one coat is by every school of sizing, for one piece, so that each can be read beside the others. */
final readonly class Schools
{
    /**
     * @param  float|null  $thicknessMm  mean film; null without a face
     * @param  float|null  $mlPerCm2  spread rate; null without a face
     * @param  float  $laidMl  what is laid on one piece
     * @param  float  $mixedMl  what comes out of the bottles for one piece
     */
    private function __construct(
        public ?float $thicknessMm,
        public ?float $mlPerCm2,
        public float $laidMl,
        public float $mixedMl,
    ) {
    }

    /** @param  float|null  $coveredMm2  of one piece, 0 or null without a face */
    public static function of(Volume $volume, int $quantity, ?float $coveredMm2): self
    {
        $laid = $volume->filmMl / $quantity;
        $hasFace = $coveredMm2 !== null && $coveredMm2 > 0;

        return new self(
            $hasFace ? $laid * 1000 / $coveredMm2 : null,
            $hasFace ? $laid * 100 / $coveredMm2 : null,
            $laid,
            $volume->totalMl() / $quantity,
        );
    }
}
