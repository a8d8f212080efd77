<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\CoatResult;

/** The acts of one pour in the order of their times. */
final class Acts
{
    /** @return list<Act> */
    public static function of(CoatResult $result): array
    {
        $acts = [];
        foreach (self::rules() as $rule) {
            array_push($acts, ...$rule->acts($result));
        }
        usort($acts, static fn (Act $a, Act $b): int => $a->dueMin <=> $b->dueMin);

        return $acts;
    }

    /** @return list<ActRule> */
    private static function rules(): array
    {
        return [new HeatPasses, new DripWipes, new Embedded, new Looks, new Cover];
    }
}
