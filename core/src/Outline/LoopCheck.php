<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/** Whether loops can be an outline with holes: the first the edge, the others inside it and apart. */
final class LoopCheck
{
    /**
     * @param  non-empty-list<non-empty-list<Point>>  $loops
     *
     * @throws OutlineException naming what is wrong, and where
     */
    public static function encloses(array $loops): void
    {
        foreach ($loops as $points) {
            if (count($points) < 3) {
                throw OutlineException::enclosesNothing();
            }
        }
        $clash = Sweep::clash($loops);
        if ($clash === null) {
            return;
        }
        throw match (true) {
            $clash->loop === $clash->otherLoop => OutlineException::crossesItself($clash->at),
            min($clash->loop, $clash->otherLoop) === 0 => OutlineException::holeOutside($clash->at),
            default => OutlineException::holesOverlap($clash->at),
        };
    }

    /**
     * Twice the area that a loop goes round, mm²: above 0 where it turns from x to y, below 0 the other way.
     *
     * @param  non-empty-list<Point>  $loop
     */
    public static function turn(array $loop): float
    {
        $sum = 0.0;
        $before = $loop[count($loop) - 1];
        foreach ($loop as $here) {
            $sum += $before->cross($here);
            $before = $here;
        }

        return $sum;
    }

    /**
     * Whether a point lies inside, by the even-odd rule.
     *
     * @param  non-empty-list<Point>  $loop
     */
    public static function holds(array $loop, Point $point): bool
    {
        $inside = false;
        $before = $loop[count($loop) - 1];
        foreach ($loop as $here) {
            if (($here->y > $point->y) !== ($before->y > $point->y)
                && $point->x < $here->x + ($before->x - $here->x) * ($point->y - $here->y) / ($before->y - $here->y)) {
                $inside = ! $inside;
            }
            $before = $here;
        }

        return $inside;
    }
}
