<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/**
 * Finds what keeps closed chains of straight edges from being an outline with holes, in n log n whatever their shape.
 *
 * A line sweeps over them from left to right. The edges that it meets are kept from top to bottom, and only
 * edges that become neighbours there are compared, since two that cross are neighbours before they do. What
 * lies above the leftmost corner of a hole tells where that hole is. Source: the sweep of Shamos and Hoey, 1976.
 */
final class Sweep
{
    /** The edges met lie in blocks of at most so many, so that putting one in does not move them all. */
    private const BLOCK = 128;

    private readonly Edges $edges;

    /** @var array<int, bool> whether the inside of each loop lies below its edges that run from left to right */
    private array $insideBelow = [];

    /** @var array<int, true> the loops that the line has met */
    private array $seen = [];

    /** @var array<int, array<int, int>> the edges that the line meets, from top to bottom, in blocks by their number */
    private array $met = [[]];

    /** @var list<int> the numbers of the blocks, from top to bottom */
    private array $order = [0];

    /** The highest number given to a block. */
    private int $blocks = 0;

    /** @var array<int, int> the number of the block that holds each edge met */
    private array $blockOf = [];

    /** @param  list<non-empty-list<Point>>  $loops each closed from its last point to its first */
    private function __construct(array $loops)
    {
        foreach ($loops as $points) {
            $this->insideBelow[] = LoopCheck::turn($points) > 0;
        }
        $this->edges = new Edges($loops);
    }

    /**
     * The first thing found that is wrong, from the left, or null.
     *
     * @param  list<non-empty-list<Point>>  $loops  the edge, then its holes
     */
    public static function clash(array $loops): ?Clash
    {
        return (new self($loops))->sweep();
    }

    private function sweep(): ?Clash
    {
        $left = $this->edges->left;
        $before = $this->edges->before;
        foreach ($this->corners() as $corner) {
            $edge = $before[$corner];
            $meets = $left[$edge] === $corner;
            $clash = match (true) {
                $meets !== ($left[$corner] === $corner) => $this->follow($meets ? $corner : $edge, $meets ? $edge : $corner),
                $meets => $this->meet($edge) ?? $this->misplaced($corner) ?? $this->meet($corner),
                default => $this->leave($edge) ?? $this->leave($corner),
            };
            if ($clash !== null) {
                return $clash;
            }
        }

        return null;
    }

    /**
     * The corners from left to right. Where several lie at one place, those with an edge to meet come
     * first, so that edges which only touch are neighbours too.
     *
     * @return list<int>
     */
    private function corners(): array
    {
        $x = $this->edges->x;
        $y = $this->edges->y;
        $corners = array_keys($x);
        $isEnd = array_map(fn (int $corner): int => $this->edges->left[$corner] !== $corner && $this->edges->left[$this->edges->before[$corner]] !== $corner ? 1 : 0, $corners);
        array_multisort($x, $y, $isEnd, $corners);

        return $corners;
    }

    private function meet(int $edge): ?Clash
    {
        $block = $this->order[max(0, $this->countAbove($edge, count($this->order), fn (int $place): ?int => $this->met[$this->order[$place]][0] ?? null) - 1)];
        $edges = $this->met[$block];
        $at = $this->countAbove($edge, count($edges), static fn (int $place): int => $edges[$place]);
        $clash = $this->compare($this->neighbour($block, $at - 1), $edge) ?? $this->compare($edge, $this->neighbour($block, $at));
        if ($clash === null) {
            array_splice($this->met[$block], $at, 0, $edge);
            $this->blockOf[$edge] = $block;
            if (count($this->met[$block]) > self::BLOCK) {
                $this->split($block);
            }
        }

        return $clash;
    }

    /** The line passes a corner: one edge ends there, and the next one takes its place. */
    private function follow(int $edge, int $next): ?Clash
    {
        $block = $this->blockOf[$edge];
        $at = (int) array_search($edge, $this->met[$block], true);
        $this->met[$block][$at] = $next;
        $this->blockOf[$next] = $block;

        return $this->compare($this->met[$block][$at - 1] ?? $this->neighbour($block, $at - 1), $next)
            ?? $this->compare($next, $this->met[$block][$at + 1] ?? $this->neighbour($block, $at + 1));
    }

    private function leave(int $edge): ?Clash
    {
        $block = $this->blockOf[$edge];
        $at = (int) array_search($edge, $this->met[$block], true);
        $clash = $this->compare($this->neighbour($block, $at - 1), $this->neighbour($block, $at + 1));
        array_splice($this->met[$block], $at, 1);
        if ($this->met[$block] === [] && count($this->order) > 1) {
            unset($this->met[$block]);
            array_splice($this->order, (int) array_search($block, $this->order, true), 1);
        }

        return $clash;
    }

    /** A hole met first at a corner whose edge above does not have the inside of the outline below it. */
    private function misplaced(int $corner): ?Clash
    {
        $loop = $this->edges->loop[$corner];
        $isFirst = ! isset($this->seen[$loop]);
        $this->seen[$loop] = true;
        if ($loop === 0 || ! $isFirst) {
            return null;
        }
        $edge = $this->edges->before[$corner];
        $block = $this->blockOf[$edge];
        $above = $this->neighbour($block, (int) array_search($edge, $this->met[$block], true) - 1);
        if ($above === null) {
            return new Clash($this->edges->point($corner), $loop, 0);
        }
        $other = $this->edges->loop[$above];
        $isInside = ($this->edges->left[$above] === $above) === $this->insideBelow[$other];

        return ($other === 0) === $isInside ? null : new Clash($this->edges->point($corner), $loop, $other);
    }

    /** The edge at a place of a block, or at the near end of the block beside it where the place lies beyond this one. */
    private function neighbour(int $block, int $at): ?int
    {
        if (isset($this->met[$block][$at]) || count($this->order) === 1) {
            return $this->met[$block][$at] ?? null;
        }
        $position = (int) array_search($block, $this->order, true) + ($at < 0 ? -1 : 1);
        $beside = isset($this->order[$position]) ? $this->met[$this->order[$position]] : [];

        return $beside[$at < 0 ? count($beside) - 1 : 0] ?? null;
    }

    private function split(int $block): void
    {
        $number = ++$this->blocks;
        $this->met[$number] = array_splice($this->met[$block], self::BLOCK >> 1);
        foreach ($this->met[$number] as $edge) {
            $this->blockOf[$edge] = $number;
        }
        array_splice($this->order, (int) array_search($block, $this->order, true) + 1, 0, [$number]);
    }

    /**
     * How many of so many edges, which lie from top to bottom, lie above an edge where the line meets it.
     *
     * @param  callable(int): ?int  $edgeAt
     */
    private function countAbove(int $edge, int $count, callable $edgeAt): int
    {
        $from = 0;
        while ($from < $count) {
            $middle = ($from + $count) >> 1;
            $other = $edgeAt($middle);
            if ($other !== null && $this->edges->isAbove($other, $edge)) {
                $from = $middle + 1;
            } else {
                $count = $middle;
            }
        }

        return $from;
    }

    private function compare(?int $one, ?int $other): ?Clash
    {
        $at = $one === null || $other === null ? null : $this->edges->crossing(min($one, $other), max($one, $other));

        return $at === null ? null : new Clash($at, $this->edges->loop[$one], $this->edges->loop[$other]);
    }
}
