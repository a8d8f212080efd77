<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/**
 * The straight edges of closed chains, each by the number of the point where it begins.
 *
 * Coordinates lie in plain lists, since comparing edges is the one hot loop of an outline.
 */
final class Edges
{
    /** @var list<float> */
    public array $x = [];

    /** @var list<float> */
    public array $y = [];

    /** @var list<int> the point that each point's edge leads to */
    public array $next = [];

    /** @var list<int> the point whose edge leads to each point */
    public array $before = [];

    /** @var list<int> */
    public array $loop = [];

    /** @var list<int> the end of each edge that lies further left, or higher where both lie as far */
    public array $left = [];

    /** @var list<int> its other end */
    public array $right = [];

    /** @var list<float> the least y of each edge */
    private array $roof = [];

    /** @var list<float> its most */
    private array $floor = [];

    /** @param  list<non-empty-list<Point>>  $loops each closed from its last point to its first; a point said twice counts once */
    public function __construct(array $loops)
    {
        foreach ($loops as $loop => $points) {
            $first = count($this->x);
            $last = $points[count($points) - 1];
            foreach ($points as $point) {
                if ($point->x !== $last->x || $point->y !== $last->y) {
                    $this->x[] = $point->x;
                    $this->y[] = $point->y;
                    $this->loop[] = $loop;
                    $last = $point;
                }
            }
            $count = count($this->x) - $first;
            for ($index = 0; $index < $count; $index++) {
                $this->next[] = $first + ($index + 1) % $count;
                $this->before[] = $first + ($index + $count - 1) % $count;
            }
        }
        foreach ($this->next as $edge => $end) {
            [$x, $y, $endX, $endY] = [$this->x[$edge], $this->y[$edge], $this->x[$end], $this->y[$end]];
            $isForward = $x < $endX || ($x === $endX && $y < $endY);
            $this->left[] = $isForward ? $edge : $end;
            $this->right[] = $isForward ? $end : $edge;
            $this->roof[] = $y < $endY ? $y : $endY;
            $this->floor[] = $y < $endY ? $endY : $y;
        }
    }

    /** Whether an edge passes above another one's left end; where it passes through it, above the right end. */
    public function isAbove(int $edge, int $other): bool
    {
        $left = $this->left[$edge];
        $alongX = $this->x[$this->right[$edge]] - $this->x[$left];
        $alongY = $this->y[$this->right[$edge]] - $this->y[$left];
        $point = $this->left[$other];
        $side = $alongX * ($this->y[$point] - $this->y[$left]) - $alongY * ($this->x[$point] - $this->x[$left]);
        if ($side === 0.0) {
            $point = $this->right[$other];
            $side = $alongX * ($this->y[$point] - $this->y[$left]) - $alongY * ($this->x[$point] - $this->x[$left]);
        }

        return $side > 0;
    }

    /** Where two edges cross or touch other than at a corner that both share, or null. */
    public function crossing(int $one, int $other): ?Point
    {
        $oneEnd = $this->next[$one];
        $otherEnd = $this->next[$other];
        if ($oneEnd === $other || $otherEnd === $one) {
            return $this->turnsBack($one, $other) ? $this->point($other) : null;
        }
        if ($this->floor[$one] < $this->roof[$other] || $this->floor[$other] < $this->roof[$one]) {
            return null;
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
            return abs($aside) <= 1e-9 * hypot($abX, $abY) && $this->overlap($one, $other) ? $this->point($other) : null;
        }
        $t = ($gapX * $cdY - $gapY * $cdX) / $across;
        $u = $aside / $across;

        return $t >= 0 && $t <= 1 && $u >= 0 && $u <= 1 ? new Point($this->x[$one] + $t * $abX, $this->y[$one] + $t * $abY) : null;
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

    public function point(int $index): Point
    {
        return new Point($this->x[$index], $this->y[$index]);
    }
}
