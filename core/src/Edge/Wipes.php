<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Edge;

/** When to wipe the lower edge, minutes from the end of the pour. */
final class Wipes
{
    /** Age at the first wipe, and from one to the next at the least, minutes at the reference temperature. */
    public const APART_AGE_MIN = 10.0;

    /** What gathers between two wipes at the least, ml per metre of edge. */
    public const BETWEEN_ML_PER_M = 1.0;

    /** What the last wipe leaves to drip, ml per metre of edge. */
    public const LEFT_AT_LAST_ML_PER_M = 0.2;

    /** So near before the last, one is left out; age in minutes. */
    private const NEAR_LAST_AGE_MIN = 5.0;

    /** No more than these: who wipes so often stands by. */
    private const MOST = 500;

    /** @return non-empty-list<float> */
    public static function min(WetEdge $edge): array
    {
        $clock = $edge->clock;
        $first = $clock->minutesToAge($clock->ageAtPourMin() + self::APART_AGE_MIN);
        $wipes = [$first];
        $left = $edge->stillToDripMlPerM($clock->mobilityAfter($first));
        if ($left <= self::LEFT_AT_LAST_ML_PER_M) {
            return $wipes;
        }
        $last = $edge->minutesUntilLeft(self::LEFT_AT_LAST_ML_PER_M, $first);
        $apart = self::APART_AGE_MIN / $clock->rate();
        while (count($wipes) < self::MOST) {
            $at = $wipes[count($wipes) - 1];
            $wanted = $left - self::BETWEEN_ML_PER_M;
            if ($wanted <= self::LEFT_AT_LAST_ML_PER_M) {
                break;
            }
            $left = $edge->stillToDripMlPerM($clock->mobilityAfter($at + $apart));
            $next = $left <= $wanted ? $at + $apart : $edge->minutesUntilLeft($wanted, $at + $apart);
            if ($next >= $last) {
                break;
            }
            $wipes[] = $next;
            $left = min($left, $wanted);
        }
        if (count($wipes) > 1 && $last - $wipes[count($wipes) - 1] < self::NEAR_LAST_AGE_MIN / $clock->rate()) {
            array_pop($wipes);
        }

        return [...$wipes, $last];
    }
}
