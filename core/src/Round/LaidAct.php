<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Round;

/** An act with the moment at which the hands come to it, min on the clock of the evening. */
final readonly class LaidAct
{
    private const ROUNDING_MIN = 1e-6;

    /** Those that are done before it makes no sense any more. */
    public int $pieces;

    public function __construct(
        public RoundAct $act,
        public float $beginMin,
    ) {
        $this->pieces = $act->piecesFrom($beginMin);
    }

    public function endMin(): float
    {
        return $this->beginMin + $this->act->lastsMin * $this->pieces / $this->act->pieces;
    }

    /** Whether some of its pieces are too late for it. */
    public function isParted(): bool
    {
        return $this->pieces < $this->act->pieces;
    }

    /** How much after its last moment, min; 0 where it is in time. */
    public function lateMin(): float
    {
        $late = $this->beginMin - $this->act->latestMin;

        return $late > self::ROUNDING_MIN ? $late : 0.0;
    }
}
