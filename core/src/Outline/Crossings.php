<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/**
 * Finds where closed chains of straight edges cross themselves or each other.
 *
 * Edges are put into the cells of a grid that they pass, so that only neighbours are compared: near
 * to linear in their number. Coordinates lie in plain lists, since this is the one hot loop of an outline.
 */
final class Crossings
{
    /** Cells along each side of the grid for each root of the number of edges: fine enough that few share one. */
    private const CELLS_PER_ROOT = 1.5;

    /** @var list<float> */
    private array $x = [];

    /** @var list<float> */
    private array $y = [];

    /** @var list<int> the point that each point's edge leads to */
    private array $next = [];

    /** @var list<int> */
    private array $loop = [];

    private readonly Box $box;

    /** @param  non-empty-list<non-empty-list<Point>>  $loops each closed from its last point to its first */
    private function __construct(array $loops)
    {
        $this->box = Box::round(array_merge(...$loops));
        foreach ($loops as $loop => $points) {
            $first = count($this->x);
            $count = count($points);
            foreach ($points as $index => $point) {
                $this->x[] = $point->x;
                $this->y[] = $point->y;
                $this->next[] = $first + ($index + 1) % $count;
                $this->loop[] = $loop;
            }
        }
    }

    /**
     * The first crossing found, or null.
     *
     * @param  non-empty-list<non-empty-list<Point>>  $loops
     */
    public static function first(array $loops): ?Crossing
    {
        return (new self($loops))->search();
    }

    private function search(): ?Crossing
    {
        $count = count($this->x);
        $cells = max(1, (int) (self::CELLS_PER_ROOT * sqrt($count)));
        $across = $cells / max(1e-9, $this->box->widthMm());
        $down = $cells / max(1e-9, $this->box->heightMm());
        $grid = $lefts = $rights = $roofs = $floors = [];
        for ($edge = 0; $edge < $count; $edge++) {
            $end = $this->next[$edge];
            [$upper, $lower] = $this->y[$edge] <= $this->y[$end] ? [$edge, $end] : [$end, $edge];
            [$left, $right] = $this->x[$edge] <= $this->x[$end] ? [$this->x[$edge], $this->x[$end]] : [$this->x[$end], $this->x[$edge]];
            $lefts[] = $left;
            $rights[] = $right;
            $roofs[] = $this->y[$upper];
            $floors[] = $this->y[$lower];
            foreach ($this->cells($upper, $lower, $across, $down, $cells) as $cell) {
                foreach ($grid[$cell] ?? [] as $other) {
                    if ($rights[$other] < $left || $lefts[$other] > $right || $floors[$other] < $this->y[$upper] || $this->y[$lower] < $roofs[$other]) {
                        continue;
                    }
                    $crossing = $this->cross($other, $edge);
                    if ($crossing !== null) {
                        return $crossing;
                    }
                }
                $grid[$cell][] = $edge;
            }
        }

        return null;
    }

    /**
     * The cells of the grid that an edge passes; of a short one all that its box touches.
     *
     * @return list<int>
     */
    private function cells(int $upper, int $lower, float $across, float $down, int $cells): array
    {
        $last = $cells - 1;
        $top = ($this->y[$upper] - $this->box->top) * $down;
        $bottom = ($this->y[$lower] - $this->box->top) * $down;
        $from = ($this->x[$upper] - $this->box->left) * $across;
        $to = ($this->x[$lower] - $this->box->left) * $across;
        $firstRow = min($last, (int) $top);
        $lastRow = min($last, (int) $bottom);
        $firstColumn = max(0, min($last, (int) (min($from, $to) - 1e-9)));
        $lastColumn = min($last, (int) (max($from, $to) + 1e-9));
        if ($firstRow === $lastRow && $firstColumn === $lastColumn) {
            return [$firstRow * $cells + $firstColumn];
        }
        $passed = [];
        $isShort = $lastRow - $firstRow < 2 && $lastColumn - $firstColumn < 2;
        $slope = $bottom > $top ? ($to - $from) / ($bottom - $top) : 0.0;
        for ($row = $firstRow; $row <= $lastRow; $row++) {
            if (! $isShort) {
                // the part of the edge within this row of cells
                $a = $bottom > $top ? $from + $slope * (max($top, $row) - $top) : $from;
                $b = $bottom > $top ? $from + $slope * (min($bottom, $row + 1) - $top) : $to;
                $firstColumn = max(0, min($last, (int) (min($a, $b) - 1e-9)));
                $lastColumn = min($last, (int) (max($a, $b) + 1e-9));
            }
            for ($column = $firstColumn; $column <= $lastColumn; $column++) {
                $passed[] = $row * $cells + $column;
            }
        }

        return $passed;
    }

    private function cross(int $one, int $other): ?Crossing
    {
        $oneEnd = $this->next[$one];
        $otherEnd = $this->next[$other];
        if ($oneEnd === $other || $otherEnd === $one) {
            return $this->turnsBack($one, $other) ? new Crossing($this->point($other), $this->loop[$one], $this->loop[$other]) : null;
        }
        $abX = $this->x[$oneEnd] - $this->x[$one];
        $abY = $this->y[$oneEnd] - $this->y[$one];
        $cdX = $this->x[$otherEnd] - $this->x[$other];
        $cdY = $this->y[$otherEnd] - $this->y[$other];
        $gapX = $this->x[$other] - $this->x[$one];
        $gapY = $this->y[$other] - $this->y[$one];
        $across = $abX * $cdY - $abY * $cdX;
        $aside = $gapX * $abY - $gapY * $abX;
        if (abs($across) < 1e-12 * (hypot($abX, $abY) * hypot($cdX, $cdY) + 1e-12)) {
            return abs($aside) <= 1e-9 * hypot($abX, $abY) && $this->overlap($one, $other)
                ? new Crossing($this->point($other), $this->loop[$one], $this->loop[$other])
                : null;
        }
        $t = ($gapX * $cdY - $gapY * $cdX) / $across;
        $u = $aside / $across;

        return $t >= 0 && $t <= 1 && $u >= 0 && $u <= 1
            ? new Crossing(new Point($this->x[$one] + $t * $abX, $this->y[$one] + $t * $abY), $this->loop[$one], $this->loop[$other])
            : null;
    }

    /** Whether one of two edges that meet lies back on the other. */
    private function turnsBack(int $one, int $other): bool
    {
        [$before, $corner] = $this->next[$one] === $other ? [$one, $other] : [$other, $one];
        $after = $this->next[$corner];
        $backX = $this->x[$before] - $this->x[$corner];
        $backY = $this->y[$before] - $this->y[$corner];
        $onX = $this->x[$after] - $this->x[$corner];
        $onY = $this->y[$after] - $this->y[$corner];
        $along = $backX * $onX + $backY * $onY;

        return $along > 0 && abs($backX * $onY - $backY * $onX) <= 1e-12 * $along;
    }

    /** Whether two edges on one line share a stretch of it. */
    private function overlap(int $one, int $other): bool
    {
        $oneEnd = $this->next[$one];
        $otherEnd = $this->next[$other];
        $axis = abs($this->x[$oneEnd] - $this->x[$one]) >= abs($this->y[$oneEnd] - $this->y[$one]) ? $this->x : $this->y;

        return max(min($axis[$one], $axis[$oneEnd]), min($axis[$other], $axis[$otherEnd]))
            <= min(max($axis[$one], $axis[$oneEnd]), max($axis[$other], $axis[$otherEnd]));
    }

    private function point(int $index): Point
    {
        return new Point($this->x[$index], $this->y[$index]);
    }
}
