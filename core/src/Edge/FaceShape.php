<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Edge;

/** How a face drains: between two straight edges, or to a round one all about it. */
enum FaceShape
{
    case Straight;
    case Round;

    /** How fast what is left to run over dies away at last, for each unit of the law's own time. */
    public function diesAway(): float
    {
        return match ($this) {
            self::Straight => M_PI ** 2 / 4,
            // the square of the first zero of the Bessel function J0, over 4
            self::Round => 2.404825557695773 ** 2 / 4,
        };
    }

    /** @return list<array{list<float>, list<float>}> the table's columns */
    public function columns(): array
    {
        return match ($this) {
            self::Straight => FlowTableValues::STRAIGHT,
            self::Round => FlowTableValues::ROUND,
        };
    }

    /**
     * Mean of a film that was endlessly thick, times the cube root of the time: by the solver, of films a million
     * times as thick as the edge keeps.
     */
    public function thick(): float
    {
        return match ($this) {
            self::Straight => 0.745886,
            self::Round => 0.84362,
        };
    }

    /** Share of the face within a place, from the middle (0) to the edge (1). */
    public function shareWithin(float $place): float
    {
        return $this === self::Straight ? $place : $place ** 2;
    }

    /** What flows across a line at a place, for a slope of the flow's potential of 1. */
    public function flowAcross(float $place): float
    {
        return $this === self::Straight ? 1.0 : $place / 2;
    }
}
