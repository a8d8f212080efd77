<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

use DomainException;

/** An outline that cannot be, or cannot answer; the message is a sentence for the person. */
final class OutlineException extends DomainException
{
    public static function notPositive(string $what, float $mm): self
    {
        return new self(sprintf('The %s must be more than 0 mm; it is %s mm.', $what, (string) $mm));
    }

    public static function hasNoSides(): self
    {
        return new self('Only a rectangle has single sides: coat all of the edge, none, or give its length.');
    }

    public static function enclosesNothing(): self
    {
        return new self('This outline encloses nothing: draw it round some area.');
    }

    public static function tooFewPoints(int $count): self
    {
        return new self(sprintf('An outline needs three points or more; this one has %d.', $count));
    }

    public static function crossesItself(Point $at): self
    {
        return new self(sprintf('The outline crosses itself near %s: move its points apart there.', self::place($at)));
    }

    public static function holeOutside(Point $at): self
    {
        return new self(sprintf('A hole lies outside the piece near %s: keep it inside the edge.', self::place($at)));
    }

    public static function holesOverlap(Point $at): self
    {
        return new self(sprintf('Two holes overlap near %s: move them apart, or make one of them.', self::place($at)));
    }

    public static function radiusTooLarge(float $mostMm): self
    {
        return new self(sprintf('The corner\'s radius can be at most half of the shorter side, %s mm.', (string) $mostMm));
    }

    public static function ringClosed(): self
    {
        return new self('The inner diameter of a ring must be smaller than the outer one.');
    }

    public static function notPathData(int $at): self
    {
        return new self(sprintf('This is not path data from its character %d on.', $at + 1));
    }

    private static function place(Point $point): string
    {
        return sprintf('%d, %d mm', (int) round($point->x), (int) round($point->y));
    }
}
