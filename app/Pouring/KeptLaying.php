<?php

declare(strict_types=1);

namespace App\Pouring;

use Illuminate\Support\Facades\Cache;
use OpenGlaze\Core\Round\RoundAct;
use OpenGlaze\Core\Round\Rounds;
use OpenGlaze\Core\Run\Gloves;

/** The last laying of the evening, on a clock that stands still: it holds as long as nothing changed and none of it has begun. */
final class KeptLaying
{
    private const NAME = 'laying';

    /**
     * @param  list<RoundAct>  $acts  on a clock that does not begin anew with every call
     * @param  float  $nowMin  on that clock
     */
    public static function of(array $acts, float $nowMin, Gloves $gloves): Rounds
    {
        $print = hash('xxh128', $gloves->value.implode("\n", array_map(static fn (RoundAct $act): string => implode(' ', [$act->film, $act->act, $act->gloves->value, round($act->dueMin, 4), $act->untilMin === null ? '' : round($act->untilMin, 4), $act->lastsMin, $act->turn, $act->pieces]), $acts)));
        $kept = Cache::get(self::NAME);
        if (is_array($kept) && ($kept[0] ?? null) === $print && ($kept[1] ?? null) instanceof Rounds && $kept[1]->holdsAt($nowMin)) {
            return $kept[1]->from($nowMin);
        }
        $rounds = Rounds::lay($acts, $nowMin, $gloves);
        Cache::put(self::NAME, [$print, $rounds], 24 * 3600);

        return $rounds;
    }
}
