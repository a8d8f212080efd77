<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Numeric;

/**
 * Integrals over smooth curves.
 *
 * Source: Gauss–Legendre rules (Abramowitz and Stegun, table 25.4), halved until two halves agree with the whole.
 */
final class Quadrature
{
    private const TOLERANCE = 1e-10;

    private const DEEPEST = 24;

    /** Nodes and weights of the five-point rule on −1 to 1. */
    private const FIVE = [
        [0.0, 0.5688888888888889],
        [0.5384693101056831, 0.47862867049936647],
        [-0.5384693101056831, 0.47862867049936647],
        [0.906179845938664, 0.23692688505618908],
        [-0.906179845938664, 0.23692688505618908],
    ];

    /**
     * To about 1e-10 of the whole.
     *
     * @param  callable(float): float  $f
     */
    public static function adaptive(callable $f, float $from, float $to): float
    {
        return self::refine($f, $from, $to, self::fivePoints($f, $from, $to), 0);
    }

    /** @param  callable(float): float  $f */
    private static function refine(callable $f, float $from, float $to, float $whole, int $depth): float
    {
        $middle = ($from + $to) / 2;
        $left = self::fivePoints($f, $from, $middle);
        $right = self::fivePoints($f, $middle, $to);
        if ($depth >= self::DEEPEST || abs($left + $right - $whole) <= self::TOLERANCE * abs($left + $right)) {
            return $left + $right;
        }

        return self::refine($f, $from, $middle, $left, $depth + 1) + self::refine($f, $middle, $to, $right, $depth + 1);
    }

    /** @param  callable(float): float  $f */
    private static function fivePoints(callable $f, float $from, float $to): float
    {
        $middle = ($from + $to) / 2;
        $half = ($to - $from) / 2;
        $sum = 0.0;
        foreach (self::FIVE as [$node, $weight]) {
            $sum += $weight * $f($middle + $half * $node);
        }

        return $half * $sum;
    }
}
