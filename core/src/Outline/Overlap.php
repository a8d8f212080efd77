<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/**
 * How much of the face two outlines share, and how much of an edge lies within one.
 *
 * Areas by level lines across both, the middle of each strip: within about 0.2 % for shapes larger
 * than a few strips.
 */
final class Overlap
{
    private const STRIPS = 1000;

    /** How far inside the edge a point is asked for, so that edges that lie on each other count, mm. */
    private const INWARD_MM = 0.2;

    private const EDGE_TOLERANCE_MM = 0.5;

    /**
     * Area in mm² that lies in both, each at its place.
     */
    public static function areaMm2(Outline $one, Point $at, Outline $other, Point $otherAt): float
    {
        $top = max($at->y, $otherAt->y);
        $bottom = min($at->y + $one->boxHeightMm(), $otherAt->y + $other->boxHeightMm());
        if ($bottom <= $top || min($at->x + $one->boxWidthMm(), $otherAt->x + $other->boxWidthMm()) <= max($at->x, $otherAt->x)) {
            return 0.0;
        }
        if ($one instanceof Rectangle && $other instanceof Rectangle) {
            return ($bottom - $top) * (min($at->x + $one->widthMm, $otherAt->x + $other->widthMm) - max($at->x, $otherAt->x));
        }
        $strip = ($bottom - $top) / self::STRIPS;
        $ofOne = self::stretches($one, $at, $top, $strip);
        $ofOther = self::stretches($other, $otherAt, $top, $strip);
        $length = 0.0;
        foreach ($ofOne as $row => $stretches) {
            $length += self::shared($stretches, $ofOther[$row] ?? []);
        }

        return $length * $strip;
    }

    /** Share of an outline's outer edge, from 0 to 1, that runs within a zone at its place. */
    public static function shareOfEdge(Outline $piece, Outline $zone, Point $zoneAt): float
    {
        if ($piece instanceof Rectangle && $zone instanceof Rectangle) {
            return self::shareOfSides($piece, $zone, $zoneAt);
        }
        $points = $piece->edge()->points(max(self::EDGE_TOLERANCE_MM, max($piece->boxWidthMm(), $piece->boxHeightMm()) / self::STRIPS));
        $loop = array_map(static fn (Point $point): Point => $point->plus($zoneAt), $zone->edge()->points(self::EDGE_TOLERANCE_MM));
        $clockwise = LoopCheck::turn($points) > 0 ? 1.0 : -1.0;
        [$within, $all] = [0.0, 0.0];
        foreach ($points as $index => $from) {
            $along = $points[($index + 1) % count($points)]->minus($from);
            $length = $along->length();
            $pieces = max(1, (int) ceil($length * 200 / max($piece->boxWidthMm(), $piece->boxHeightMm())));
            if ($length <= 0) {
                continue;
            }
            $inward = new Point(-$along->y * $clockwise / $length * self::INWARD_MM, $along->x * $clockwise / $length * self::INWARD_MM);
            for ($i = 0; $i < $pieces; $i++) {
                $middle = $from->plus($along->times(($i + 0.5) / $pieces))->plus($inward);
                $within += LoopCheck::holds($loop, $middle) ? $length / $pieces : 0.0;
            }
            $all += $length;
        }

        return $all > 0 ? $within / $all : 0.0;
    }

    /**
     * Where the middle line of each strip runs inside the outline: from, to, from, to … along x.
     *
     * @return array<int, list<float>> by row
     */
    private static function stretches(Outline $outline, Point $at, float $top, float $strip): array
    {
        $rows = [];
        foreach ([$outline->edge(), ...$outline->holes()] as $loop) {
            $points = $loop->points($loop->box()->toleranceMm());
            $before = $points[count($points) - 1];
            foreach ($points as $here) {
                [$upper, $lower] = $before->y < $here->y ? [$before, $here] : [$here, $before];
                $first = max(0, (int) ceil(($upper->y + $at->y - $top) / $strip - 0.5));
                $last = min(self::STRIPS - 1, (int) ceil(($lower->y + $at->y - $top) / $strip - 0.5) - 1);
                for ($row = $first; $row <= $last; $row++) {
                    $y = $top + ($row + 0.5) * $strip - $at->y;
                    $rows[$row][] = $at->x + $upper->x + ($lower->x - $upper->x) * ($y - $upper->y) / ($lower->y - $upper->y);
                }
                $before = $here;
            }
        }
        foreach ($rows as $row => $crossings) {
            sort($crossings);
            $rows[$row] = $crossings;
        }

        return $rows;
    }

    /**
     * @param  list<float>  $one
     * @param  list<float>  $other
     */
    private static function shared(array $one, array $other): float
    {
        $length = 0.0;
        for ($i = 0; $i + 1 < count($one); $i += 2) {
            for ($j = 0; $j + 1 < count($other); $j += 2) {
                $length += max(0.0, min($one[$i + 1], $other[$j + 1]) - max($one[$i], $other[$j]));
            }
        }

        return $length;
    }

    /** The same of two rectangles, side by side. */
    private static function shareOfSides(Rectangle $piece, Rectangle $zone, Point $at): float
    {
        [$w, $h] = [$piece->widthMm, $piece->heightMm];
        $across = max(0.0, min($w, $at->x + $zone->widthMm) - max(0.0, $at->x));
        $down = max(0.0, min($h, $at->y + $zone->heightMm) - max(0.0, $at->y));
        $within = 0.0;
        foreach ([self::INWARD_MM, $h - self::INWARD_MM] as $y) {
            $within += $at->y <= $y && $y <= $at->y + $zone->heightMm ? $across : 0.0;
        }
        foreach ([self::INWARD_MM, $w - self::INWARD_MM] as $x) {
            $within += $at->x <= $x && $x <= $at->x + $zone->widthMm ? $down : 0.0;
        }

        return $within / (2 * ($w + $h));
    }
}
