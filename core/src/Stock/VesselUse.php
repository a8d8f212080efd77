<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Stock;

/** Cups of one kind that something was mixed in. */
final readonly class VesselUse
{
    /** After which anything that cures has hardened, where its label does not say, min. */
    public const USUAL_HARD_MIN = 24.0 * 60;

    public function __construct(
        public int $cups,
        /** when, ms since 1970 */
        public int $mixedMs,
        /** what stays in them has hardened after so many minutes; null where the label is silent */
        public ?float $hardensMin,
    ) {
    }

    public function hardMs(): int
    {
        return $this->mixedMs + (int) round(60_000 * ($this->hardensMin ?? self::USUAL_HARD_MIN));
    }
}
