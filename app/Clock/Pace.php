<?php

declare(strict_types=1);

namespace App\Clock;

use Carbon\CarbonImmutable;

/** A clock that goes faster than the studio's own, from a moment on, and stands still at an end. */
final readonly class Pace
{
    /**
     * @param  int  $realMs  when by the studio's own clock
     * @param  int  $atMs  it was this by the fast one
     * @param  float  $pace  0 or more
     * @param  int  $endMs  past which it does not go
     */
    public function __construct(
        public int $realMs,
        public int $atMs,
        public float $pace,
        public int $endMs,
    ) {
    }

    public function at(CarbonImmutable $real): CarbonImmutable
    {
        return CarbonImmutable::createFromTimestampMs($this->ms((int) $real->valueOf()));
    }

    public function ms(int $realMs): int
    {
        return min($this->endMs, $this->atMs + (int) round(max(0, $realMs - $this->realMs) * $this->pace));
    }
}
