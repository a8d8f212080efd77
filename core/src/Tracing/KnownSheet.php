<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tracing;

use OpenGlaze\Core\Outline\LoopCheck;
use OpenGlaze\Core\Outline\Point;

/**
 * A photo taken at a slant: the four corners of a sheet of known size, lying in the plane of the piece,
 * take the perspective out.
 *
 * Source: the plane homography through four points (Hartley and Zisserman, Multiple View Geometry, 4.1).
 */
final readonly class KnownSheet implements PhotoScale
{
    /** The sheet must cover a part of the photo that can be measured, px². */
    private const LEAST_PX2 = 400.0;

    /** @param  non-empty-list<float>  $h  the nine numbers of the homography, row by row, the last one 1 */
    private function __construct(private array $h)
    {
    }

    /**
     * @param  array{Point, Point, Point, Point}  $corners  going round either way; the first two are the ends of the side whose length is the width
     * @param  float  $widthMm  above 0
     * @param  float  $heightMm  above 0
     *
     * @throws TracingException when the corners do not make a four-sided sheet
     */
    public static function at(array $corners, float $widthMm, float $heightMm): self
    {
        if (LoopCheck::turn($corners) < 0) {
            // the other way round: what is on the left must stay on the left
            $corners = [$corners[1], $corners[0], $corners[3], $corners[2]];
        }
        self::refuseDented($corners);
        $sheet = [new Point(0, 0), new Point($widthMm, 0), new Point($widthMm, $heightMm), new Point(0, $heightMm)];
        $rows = [];
        foreach ($corners as $index => $pixel) {
            $mm = $sheet[$index];
            $rows[] = [$pixel->x, $pixel->y, 1, 0, 0, 0, -$mm->x * $pixel->x, -$mm->x * $pixel->y, $mm->x];
            $rows[] = [0, 0, 0, $pixel->x, $pixel->y, 1, -$mm->y * $pixel->x, -$mm->y * $pixel->y, $mm->y];
        }

        return new self([...self::solved($rows), 1.0]);
    }

    public function onPiece(Point $pixel): Point
    {
        $h = $this->h;
        $depth = $h[6] * $pixel->x + $h[7] * $pixel->y + $h[8];
        if ($depth <= 1e-9) {
            throw TracingException::beyondTheHorizon();
        }

        return new Point(
            ($h[0] * $pixel->x + $h[1] * $pixel->y + $h[2]) / $depth,
            ($h[3] * $pixel->x + $h[4] * $pixel->y + $h[5]) / $depth,
        );
    }

    /** @param  array{Point, Point, Point, Point}  $corners */
    private static function refuseDented(array $corners): void
    {
        foreach ([0, 1, 2, 3] as $index) {
            $here = $corners[($index + 1) % 4];
            if ($here->minus($corners[$index])->cross($corners[($index + 2) % 4]->minus($here)) <= self::LEAST_PX2 / 4) {
                throw TracingException::noSheet();
            }
        }
    }

    /**
     * Gauss's elimination with pivots.
     *
     * @param  list<list<float>>  $rows  eight equations, the right side last
     * @return list<float>
     */
    private static function solved(array $rows): array
    {
        $count = count($rows);
        for ($column = 0; $column < $count; $column++) {
            $pivot = $column;
            for ($row = $column + 1; $row < $count; $row++) {
                $pivot = abs($rows[$row][$column]) > abs($rows[$pivot][$column]) ? $row : $pivot;
            }
            [$rows[$column], $rows[$pivot]] = [$rows[$pivot], $rows[$column]];
            if (abs($rows[$column][$column]) < 1e-12) {
                throw TracingException::noSheet();
            }
            for ($row = 0; $row < $count; $row++) {
                if ($row === $column) {
                    continue;
                }
                $share = $rows[$row][$column] / $rows[$column][$column];
                for ($i = $column; $i <= $count; $i++) {
                    $rows[$row][$i] -= $share * $rows[$column][$i];
                }
            }
        }
        $solution = [];
        foreach ($rows as $index => $row) {
            $solution[] = $row[$count] / $row[$index];
        }

        return $solution;
    }
}
