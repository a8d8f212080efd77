<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Message\Message;

/** A part of a mixed batch that is coloured by itself. */
final readonly class ColourCup
{
    /** What smooths the cups of one colour over: kept back to lace or fill with, per cent of it. */
    public const MOST_RESERVE_PCT = 90.0;

    /**
     * @param  Message|string  $name  a person's own, or what it is called without one
     * @param  float|null  $sharePct  of the mixed resin, per cent; null where it is given in ml
     * @param  float|null  $ml  of mixed resin
     * @param  list<string>|null  $coatIds  that it is poured on; null for all of the batch
     * @param  int  $smallCups  that it is split into, 0 to be poured as it is
     * @param  float  $reservePct  of it that is kept back
     */
    public function __construct(
        public Message|string $name,
        public ?float $sharePct,
        public ?float $ml,
        public CupColour $colour,
        public ?array $coatIds,
        public int $smallCups,
        public float $reservePct,
    ) {
    }

    public function isFor(string $coatId): bool
    {
        return $this->coatIds === null || in_array($coatId, $this->coatIds, true);
    }
}
