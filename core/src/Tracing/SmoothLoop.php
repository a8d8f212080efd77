<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tracing;

use OpenGlaze\Core\Outline\Cubic;
use OpenGlaze\Core\Outline\Line;
use OpenGlaze\Core\Outline\Loop;
use OpenGlaze\Core\Outline\OutlineException;
use OpenGlaze\Core\Outline\Point;
use OpenGlaze\Core\Outline\Segment;

/**
 * A closed edge through knots: straight between two corners, else a centripetal Catmull–Rom spline,
 * which neither loops nor overshoots between points of uneven spacing.
 *
 * Source: Yuksel, Schaefer, Keyser, Computer-Aided Design 43 (2011) 747.
 */
final class SmoothLoop
{
    /**
     * @param  list<Knot>  $knots
     *
     * @throws OutlineException when there are fewer than three
     */
    public static function through(array $knots): Loop
    {
        $count = count($knots);
        if ($count < 3) {
            throw OutlineException::tooFewPoints($count);
        }
        $segments = [];
        foreach ($knots as $index => $knot) {
            $next = $knots[($index + 1) % $count];
            if ($next->at->minus($knot->at)->length() > 0) {
                $segments[] = self::segment($knots[($index + $count - 1) % $count], $knot, $next, $knots[($index + 2) % $count]);
            }
        }

        return $segments === [] ? throw OutlineException::enclosesNothing() : new Loop($segments);
    }

    private static function segment(Knot $before, Knot $from, Knot $to, Knot $after): Segment
    {
        if ($from->isCorner && $to->isCorner) {
            return new Line($from->at, $to->at);
        }
        $step = $to->at->minus($from->at);

        return new Cubic(
            $from->at,
            $from->at->plus(($from->isCorner ? $step : self::tangent($before->at, $from->at, $to->at, true))->times(1 / 3)),
            $to->at->minus(($to->isCorner ? $step : self::tangent($from->at, $to->at, $after->at, false))->times(1 / 3)),
            $to->at,
        );
    }

    /** How the edge runs through a point, in the parameter of the segment after it, or of that before. */
    private static function tangent(Point $before, Point $at, Point $after, bool $ofNext): Point
    {
        $in = sqrt($at->minus($before)->length());
        $out = sqrt($after->minus($at)->length());
        if ($in * $out === 0.0) {
            return $after->minus($before)->times(0.5);
        }
        $slope = $at->minus($before)->times(1 / $in)
            ->minus($after->minus($before)->times(1 / ($in + $out)))
            ->plus($after->minus($at)->times(1 / $out));

        return $slope->times($ofNext ? $out : $in);
    }
}
