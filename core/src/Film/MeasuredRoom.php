<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/** What a room was like while a film set, as far as somebody measured: the last that was measured holds from then on. */
final readonly class MeasuredRoom
{
    /** Nearer than this to what was planned nothing is said of it, °C. */
    private const NEAR_C = 0.3;

    /** A point between two others on a line with them, to this, says nothing new, °C. */
    private const STRAIGHT_C = 0.15;

    /** @param  list<TemperaturePoint>  $points  hours from the end of the pour, rising; the last before it at 0 */
    private function __construct(public array $points)
    {
    }

    /**
     * @param  list<array{float, float}>  $readings  hours from the end of the pour and °C, in their order; those before the pour are below 0
     */
    public static function of(array $readings): self
    {
        $points = [];
        foreach ($readings as [$hours, $celsius]) {
            $at = max(0.0, $hours);
            if ($points !== [] && $points[count($points) - 1]->atH >= $at) {
                array_pop($points);
            }
            $points[] = new TemperaturePoint($at, $celsius);
        }

        return new self(self::thinned($points));
    }

    /** Whether it was as planned all along. */
    public function isNear(Temperatures $planned): bool
    {
        foreach ($this->points as $point) {
            if (abs($point->celsius - $planned->at(60 * $point->atH)) > self::NEAR_C) {
                return false;
            }
        }

        return true;
    }

    /**
     * Without those that lie on a line between the last that was kept and the next.
     *
     * @param  list<TemperaturePoint>  $points
     * @return list<TemperaturePoint>
     */
    private static function thinned(array $points): array
    {
        $kept = array_slice($points, 0, 1);
        for ($at = 1; $at + 1 < count($points); $at++) {
            [$from, $next] = [$kept[count($kept) - 1], $points[$at + 1]];
            $line = $from->celsius + ($next->celsius - $from->celsius) * ($points[$at]->atH - $from->atH) / max(1e-9, $next->atH - $from->atH);
            if (abs($points[$at]->celsius - $line) > self::STRAIGHT_C) {
                $kept[] = $points[$at];
            }
        }

        return count($points) > 1 ? [...$kept, $points[count($points) - 1]] : $kept;
    }
}
