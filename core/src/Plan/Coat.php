<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/** One coat of one piece, flooded over the edge or held at it, with its mean thickness. */
final readonly class Coat
{
    public function __construct(
        public string $id,
        public string $pieceId,
        public string $resinId,
        public CoatKind $kind,
        public Containment $containment,
        public Sourced $thicknessMm,
        public Sourced $texture,
        public Sourced $coveragePct,
        public Sourced $edgeFilmMm,
        public Sourced $runoffPct,
        public int $cups,
        public ?Sourced $residueMlPerCup,
        public Sourced $ageMin,
        public Sourced $markMm,
    ) {
    }

    public function isHeld(): bool
    {
        return $this->containment === Containment::Held;
    }
}
