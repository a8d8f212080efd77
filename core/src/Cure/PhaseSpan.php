<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Cure;

/** One phase of a film, in minutes from the end of its pour; no end when it lasts, or when none is known. */
final readonly class PhaseSpan
{
    public function __construct(
        public Phase $phase,
        public float $fromMin,
        public ?float $toMin,
    ) {
    }
}
