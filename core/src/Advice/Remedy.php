<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Advice;

/** A change of the plan that takes the reason of an advice away, with its figure: what a press does. */
final readonly class Remedy
{
    private function __construct(
        public RemedyKind $kind,
        /** mm of a film; how many lifts or coats; per cent of the film; which share of it */
        public float $value,
    ) {
    }

    public static function film(float $mm): self
    {
        return new self(RemedyKind::Film, $mm);
    }

    public static function lifts(int $count): self
    {
        return new self(RemedyKind::Lifts, $count);
    }

    public static function coats(int $count): self
    {
        return new self(RemedyKind::Coats, $count);
    }

    public static function runoff(float $percent): self
    {
        return new self(RemedyKind::Runoff, $percent);
    }

    public static function halve(): self
    {
        return new self(RemedyKind::Halve, 0.5);
    }

    public static function together(): self
    {
        return new self(RemedyKind::Together, 1.0);
    }
}
