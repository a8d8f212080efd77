<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Message\SaidException;

/** An outline that cannot be, or cannot answer. */
final class OutlineException extends SaidException
{
    public static function notPositive(string $side, float $mm): self
    {
        return new self(Message::of('outlines.not_positive', what: Message::of('outlines.sides.'.$side), mm: (string) $mm));
    }

    public static function hasNoSides(): self
    {
        return new self(Message::of('outlines.no_sides'));
    }

    public static function enclosesNothing(): self
    {
        return new self(Message::of('outlines.encloses_nothing'));
    }

    public static function tooFewPoints(int $count): self
    {
        return new self(Message::of('outlines.too_few_points', count: $count));
    }

    public static function crossesItself(Point $at): self
    {
        return new self(Message::of('outlines.crosses_itself', place: self::place($at)));
    }

    public static function holeOutside(Point $at): self
    {
        return new self(Message::of('outlines.hole_outside', place: self::place($at)));
    }

    public static function holesOverlap(Point $at): self
    {
        return new self(Message::of('outlines.holes_overlap', place: self::place($at)));
    }

    public static function radiusTooLarge(float $mostMm): self
    {
        return new self(Message::of('outlines.radius_too_large', most: (string) $mostMm));
    }

    public static function ringClosed(): self
    {
        return new self(Message::of('outlines.ring_closed'));
    }

    public static function notPathData(int $at): self
    {
        return new self(Message::of('outlines.no_path_data', at: $at + 1));
    }

    private static function place(Point $point): Message
    {
        return Message::of('outlines.place', x: (int) round($point->x), y: (int) round($point->y));
    }
}
