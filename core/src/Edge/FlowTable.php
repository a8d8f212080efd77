<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Edge;

use Closure;

/**
 * The mean of a film that runs over its edge, and its flow, without solving: looked up in what the solver worked
 * out once, within 0.1 % of it.
 *
 * Columns by the thickness laid, equal in its logarithm, from 1 (where the law is that of heat) to 64; rows by
 * the root of ln(1 + laid³·T), so that the first flow, which goes with √T, is a straight line, and the last, which
 * dies away exponentially, a smooth one. Past the last row it dies away just so.
 *
 * Above 64 times what the edge keeps, which nobody pours on purpose, the mean lies between bounds that meet: at
 * first that of a film of 64 over an edge as much higher, at last that of one of 64, between them a constant times
 * T^(−1/3), to which all very thick films come. There it is within 5 % of the solver.
 */
final readonly class FlowTable
{
    public const COLUMNS = 28;

    public const ROWS = 48;

    /** The thickest film that is looked up, in films that the edge keeps. */
    public const MOST = 64.0;

    /** The last time that is looked up. */
    private const LAST = 2.0;

    /** Thickness laid of a column. */
    public static function laidAt(int $column): float
    {
        return self::MOST ** ($column / self::COLUMNS);
    }

    /** Time at a place between the first row (0) and the last (1). */
    public static function timeAt(float $laid, float $place): float
    {
        return expm1($place ** 2 * self::reach($laid)) / $laid ** 3;
    }

    /** How much time passes for each step of a place. */
    public static function timePerPlace(float $laid, float $place): float
    {
        $reach = self::reach($laid);

        return 2 * $place * $reach * exp($place ** 2 * $reach) / $laid ** 3;
    }

    /** Farthest that ln(1 + laid³·T) goes. */
    private float $reach;

    /** @var list<float> logarithm of the share that is still to run over, by row */
    private array $values;

    /** @var list<float> its slope, by place */
    private array $slopes;

    /**
     * The column of one film.
     *
     * @param  float  $laid  from 1 to 64, in films that the edge keeps
     */
    private function __construct(private float $laid, private FaceShape $shape)
    {
        $this->reach = self::reach($laid);
        $column = log($laid) / log(self::MOST) * self::COLUMNS;
        $first = max(0, min(self::COLUMNS - 3, (int) floor($column) - 1));
        $x = $column - $first;
        // Lagrange's cubic through four columns
        $w = [
            ($x - 1) * ($x - 2) * ($x - 3) / -6,
            $x * ($x - 2) * ($x - 3) / 2,
            $x * ($x - 1) * ($x - 3) / -2,
            $x * ($x - 1) * ($x - 2) / 6,
        ];
        [$a, $b, $c, $d] = array_slice($shape->columns(), $first, 4);
        $mixed = static fn (int $of): array => array_map(static fn (float $p, float $q, float $r, float $s): float => $w[0] * $p + $w[1] * $q + $w[2] * $r + $w[3] * $s, $a[$of], $b[$of], $c[$of], $d[$of]);
        [$this->values, $this->slopes] = [$mixed(0), $mixed(1)];
    }

    /**
     * Mean thickness and flow of a film by time: a function of the time, 0 or more.
     *
     * @param  float  $laid  above 0, in films that the edge keeps; up to 1 it all stays
     * @param  float  $roundShare  of the face, from 0, straight, to 1, round
     * @return Closure(float): array{float, float} mean, and what flows over the edge per time: 0 where nothing runs, endless at time 0
     */
    public static function of(float $laid, float $roundShare = 0.0): Closure
    {
        if ($laid <= 1) {
            return static fn (float $time): array => [$laid, 0.0];
        }
        if ($roundShare <= 0 || $roundShare >= 1) {
            return self::shaped($laid, $roundShare <= 0 ? FaceShape::Straight : FaceShape::Round);
        }
        [$straight, $round] = [self::shaped($laid, FaceShape::Straight), self::shaped($laid, FaceShape::Round)];

        return static function (float $time) use ($straight, $round, $roundShare): array {
            [[$mean, $flow], [$roundMean, $roundFlow]] = [$straight($time), $round($time)];

            return [(1 - $roundShare) * $mean + $roundShare * $roundMean, (1 - $roundShare) * $flow + $roundShare * $roundFlow];
        };
    }

    /** Mean thickness at a time. */
    public static function mean(float $laid, float $time, float $roundShare = 0.0): float
    {
        return self::of($laid, $roundShare)($time)[0];
    }

    /** What flows over the edge per time. */
    public static function flow(float $laid, float $time, float $roundShare = 0.0): float
    {
        return self::of($laid, $roundShare)($time)[1];
    }

    /** @return Closure(float): array{float, float} */
    private static function shaped(float $laid, FaceShape $shape): Closure
    {
        if ($laid > self::MOST) {
            return self::far($laid, $shape);
        }
        $table = new self($laid, $shape);

        return static fn (float $time): array => $time <= 0 ? [$laid, INF] : $table->at($time);
    }

    /** @return Closure(float): array{float, float} of a film above 64 */
    private static function far(float $laid, FaceShape $shape): Closure
    {
        $table = new self(self::MOST, $shape);
        $times = $laid / self::MOST;
        [$constant, $begins] = [$shape->thick(), ($shape->thick() / $laid) ** 3];

        return static function (float $time) use ($laid, $table, $times, $constant, $begins): array {
            if ($time <= 0) {
                return [$laid, INF];
            }
            [$mean, $flow] = $table->at($time * $times ** 3);
            $high = [$times * $mean, $times ** 4 * $flow];
            $since = $time + $begins;
            $thick = [$constant / $since ** (1 / 3), $constant / 3 / $since ** (4 / 3)];
            $low = $table->at($time);
            $first = $high[0] < $thick[0] ? $high : $thick;

            return $first[0] > $low[0] ? $first : $low;
        };
    }

    /**
     * @param  float  $time  above 0
     * @return array{float, float} mean and flow
     */
    private function at(float $time): array
    {
        $at = min($time, self::LAST);
        $reached = log1p($this->laid ** 3 * $at);
        $place = sqrt($reached / $this->reach);
        $row = min(self::ROWS - 1, (int) ($place * self::ROWS));
        // Hermite's cubic between two rows
        $y = $place * self::ROWS - $row;
        $z = 1 - $y;
        [$from, $to] = [$this->values[$row], $this->values[$row + 1]];
        [$leaves, $comes] = [$this->slopes[$row] / self::ROWS, $this->slopes[$row + 1] / self::ROWS];
        $left = $z * $z * ((1 + 2 * $y) * $from + $y * $leaves) + $y * $y * ((3 - 2 * $y) * $to - $z * $comes);
        if ($time > self::LAST) {
            $fades = $this->shape->diesAway();
            $over = ($this->laid - 1) * exp($left - $fades * ($time - self::LAST));

            return [1 + $over, $fades * $over];
        }
        $slope = self::ROWS * (6 * $y * $z * ($to - $from) + $z * ($z - 2 * $y) * $leaves + $y * ($y - 2 * $z) * $comes);
        $over = ($this->laid - 1) * exp($left);

        return [1 + $over, -$over * $slope / self::timePerPlace($this->laid, $place)];
    }

    private static function reach(float $laid): float
    {
        return log1p($laid ** 3 * self::LAST);
    }
}
