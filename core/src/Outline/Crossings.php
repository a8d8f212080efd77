<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/**
 * Finds where closed chains of straight edges cross themselves or each other.
 *
 * Edges are put into the cells of a grid that they pass, so that only neighbours are compared: near
 * to linear in their number.
 */
final class Crossings
{
    /** @var list<array{Point, Point, int, int, int}> from, to, loop, index in the loop, edges of the loop */
    private array $edges = [];

    private readonly Box $box;

    /** @param  non-empty-list<non-empty-list<Point>>  $loops each closed from its last point to its first */
    private function __construct(array $loops)
    {
        $this->box = Box::round(array_merge(...$loops));
        foreach ($loops as $loop => $points) {
            $count = count($points);
            foreach ($points as $index => $point) {
                $this->edges[] = [$point, $points[($index + 1) % $count], $loop, $index, $count];
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
        $box = $this->box;
        $cells = max(1, (int) sqrt(count($this->edges)));
        $across = max(1e-9, $box->widthMm()) / $cells;
        $down = max(1e-9, $box->heightMm()) / $cells;
        $grid = [];
        foreach ($this->edges as $number => [$from, $to]) {
            foreach ($this->cellsOf($from, $to, $box, $across, $down, $cells) as $cell) {
                foreach ($grid[$cell] ?? [] as $other) {
                    $crossing = $this->cross($other, $number);
                    if ($crossing !== null) {
                        return $crossing;
                    }
                }
                $grid[$cell][] = $number;
            }
        }

        return null;
    }

    /** @return iterable<int> */
    private function cellsOf(Point $from, Point $to, Box $box, float $across, float $down, int $cells): iterable
    {
        $column = static fn (float $x): int => max(0, min($cells - 1, (int) floor(($x - $box->left) / $across)));
        $row = static fn (float $y): int => max(0, min($cells - 1, (int) floor(($y - $box->top) / $down)));
        [$firstRow, $lastRow] = [$row(min($from->y, $to->y)), $row(max($from->y, $to->y))];
        for ($r = $firstRow; $r <= $lastRow; $r++) {
            [$near, $far] = self::within($from, $to, $box->top + $r * $down, $box->top + ($r + 1) * $down);
            for ($c = $column($near - 1e-9); $c <= $column($far + 1e-9); $c++) {
                yield $r * $cells + $c;
            }
        }
    }

    /**
     * The least and greatest x of the part of an edge between two heights.
     *
     * @return array{float, float}
     */
    private static function within(Point $from, Point $to, float $top, float $bottom): array
    {
        [$upper, $lower] = $from->y <= $to->y ? [$from, $to] : [$to, $from];
        $rise = $lower->y - $upper->y;
        if ($rise <= 0) {
            return [min($from->x, $to->x), max($from->x, $to->x)];
        }
        $at = static fn (float $y): float => $upper->x + ($lower->x - $upper->x) * (min($lower->y, max($upper->y, $y)) - $upper->y) / $rise;
        [$one, $other] = [$at($top), $at($bottom)];

        return [min($one, $other), max($one, $other)];
    }

    private function cross(int $one, int $other): ?Crossing
    {
        [$a, $b, $loopA, $indexA, $count] = $this->edges[$one];
        [$c, $d, $loopB, $indexB] = $this->edges[$other];
        $neighbours = $loopA === $loopB && (($indexA + 1) % $count === $indexB || ($indexB + 1) % $count === $indexA);
        if ($neighbours) {
            return $this->turnsBack($a, $b, $c, $d) ? new Crossing($b, $loopA, $loopB) : null;
        }
        $ab = $b->minus($a);
        $cd = $d->minus($c);
        $across = $ab->cross($cd);
        $between = $c->minus($a);
        if (abs($across) < 1e-12 * ($ab->length() * $cd->length() + 1e-12)) {
            return abs($between->cross($ab)) <= 1e-9 * $ab->length() && $this->overlap($a, $b, $c, $d) ? new Crossing($c, $loopA, $loopB) : null;
        }
        $t = $between->cross($cd) / $across;
        $u = $between->cross($ab) / $across;

        return $t >= 0 && $t <= 1 && $u >= 0 && $u <= 1 ? new Crossing($a->plus($ab->times($t)), $loopA, $loopB) : null;
    }

    /** Whether one of two edges that meet lies back on the other. */
    private function turnsBack(Point $a, Point $b, Point $c, Point $d): bool
    {
        [$first, $second] = $b == $c ? [$a->minus($b), $d->minus($c)] : [$b->minus($a), $c->minus($d)];
        $along = $first->x * $second->x + $first->y * $second->y;

        return $along > 0 && abs($first->cross($second)) <= 1e-12 * $along;
    }

    private function overlap(Point $a, Point $b, Point $c, Point $d): bool
    {
        $axis = abs($b->x - $a->x) >= abs($b->y - $a->y)
            ? static fn (Point $p): float => $p->x
            : static fn (Point $p): float => $p->y;

        return max(min($axis($a), $axis($b)), min($axis($c), $axis($d))) <= min(max($axis($a), $axis($b)), max($axis($c), $axis($d)));
    }
}
