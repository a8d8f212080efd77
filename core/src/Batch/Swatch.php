<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Colour\Spectrum;

/** How one colour of a batch looks on one coat, as thick as planned, over what lies below. */
final readonly class Swatch
{
    /** What a film without a face is taken for, mm. */
    public const USUAL_MM = 1.5;

    public function __construct(
        public ColourShare $share,
        public CoatResult $coat,
        public Spectrum $ground,
        public Spectrum $seen,
    ) {
    }
}
