<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/**
 * An edge moved inwards by a little, as a backing paper is cut a little smaller than what it lies in.
 *
 * Each point moves along the bisector of its corner; sound for distances that are small beside the
 * curves and nooks of the edge, and refused where it would cross itself.
 */
final class Inset
{
    /** How near to the true edge it is cut. */
    private const TOLERANCE_MM = 0.01;

    /** A corner sharper than this is cut short, as the ratio of its way to the distance. */
    private const SHARPEST = 4.0;

    /**
     * Path data in mm in the outline's own coordinates, holes grown by as much.
     *
     * @param  float  $byMm  0 or more
     *
     * @throws OutlineException when nothing is left, or the edge would cross itself
     */
    public static function pathData(Outline $outline, float $byMm): string
    {
        $loops = [self::moved($outline->edge(), $byMm)];
        foreach ($outline->holes() as $hole) {
            $loops[] = self::moved($hole, -$byMm);
        }
        LoopCheck::encloses($loops);

        return implode(' ', array_map(static fn (array $points): string => Loop::through($points)->data(), $loops));
    }

    /** @return non-empty-list<Point> */
    private static function moved(Loop $loop, float $by): array
    {
        $points = $loop->points(self::TOLERANCE_MM);
        $count = count($points);
        $inward = LoopCheck::turn($points) > 0 ? $by : -$by;
        $moved = [];
        foreach ($points as $index => $point) {
            $in = self::unit($point->minus($points[($index + $count - 1) % $count]));
            $out = self::unit($points[($index + 1) % $count]->minus($point));
            $normal = self::unit(new Point(-$in->y - $out->y, $in->x + $out->x));
            $lean = max(1 / self::SHARPEST, -$in->y * $normal->x + $in->x * $normal->y);
            $moved[] = $point->plus($normal->times($inward / $lean));
        }
        $box = Box::round($moved);
        if ($by > 0 && 2 * $by >= min($loop->box()->widthMm(), $loop->box()->heightMm()) || $box->widthMm() <= 0) {
            throw OutlineException::enclosesNothing();
        }

        return $moved;
    }

    private static function unit(Point $point): Point
    {
        $length = $point->length();

        return $length > 0 ? $point->times(1 / $length) : new Point(0, 0);
    }
}
