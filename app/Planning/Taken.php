<?php

declare(strict_types=1);

namespace App\Planning;

use OpenGlaze\Core\Coating\CoatResult;

/** What one coat takes, and what its choice for an evening hangs on. */
final readonly class Taken
{
    private function __construct(
        /** of all its pieces and lifts, ml */
        public float $wholeMl,
        /** of all its pieces, the next lift alone, ml */
        public float $nextMl,
        public int $lifts,
        public int $quantity,
        public bool $isAfterOil,
    ) {
    }

    public static function of(CoatResult $result): self
    {
        $whole = $result->volume->totalMl();

        return new self($whole, $result->lifts === [] ? $whole : $result->lifts[0]->volume->totalMl(), count($result->lifts), $result->case->piece->quantity, $result->case->isAfterOil());
    }

    /** @return array{float, float, int, int, bool} */
    public function toKeep(): array
    {
        return [$this->wholeMl, $this->nextMl, $this->lifts, $this->quantity, $this->isAfterOil];
    }

    /** @param  array<mixed>  $kept */
    public static function kept(array $kept): self
    {
        [$whole, $next, $lifts, $quantity, $oil] = [...array_values($kept), 0.0, 0.0, 0, 1, false];

        return new self(is_float($whole) ? $whole : 0.0, is_float($next) ? $next : 0.0, is_int($lifts) ? $lifts : 0, is_int($quantity) ? $quantity : 1, $oil === true);
    }
}
