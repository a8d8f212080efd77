<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Film\FilmClock;

/** When a film holds what is laid into it: from thick enough to too late, min after the pour. */
final readonly class EffectWindow
{
    /** Drops stay apart from here on. */
    public const HOLDS_A_DROP_PA_S = 6.0;

    private function __construct(
        public Pace $pace,
        public float $fromMin,
        public float $toMin,
    ) {
    }

    /** The same of a window that was worked out. */
    public static function between(Pace $pace, float $fromMin, float $toMin): self
    {
        return new self($pace, $fromMin, $toMin);
    }

    public static function of(Pace $pace, FilmClock $clock): self
    {
        $to = $clock->minutesToViscosity(CoatCase::THREADS_PA_S);

        return new self($pace, min($to, $clock->minutesToViscosity($pace->fromPaS())), $to);
    }

    /** How many one hand lays within it. */
    public function fits(): int
    {
        return (int) floor($this->pace->perMin() * ($this->toMin - $this->fromMin));
    }

    /**
     * When to begin so many so that the last still holds, min after the pour; the start of the window where that is too late for one hand.
     *
     * @param  float  $count  0 or more
     */
    public function beginBy(float $count): float
    {
        return max($this->fromMin, $this->toMin - $count / $this->pace->perMin());
    }

    /** How many hands so many need; 1 or more, null where the window never opens. */
    public function handsFor(float $count): ?int
    {
        $length = $this->toMin - $this->fromMin;

        return $length <= 0 ? null : max(1, (int) ceil($count / ($this->pace->perMin() * $length) - 1e-9));
    }
}
