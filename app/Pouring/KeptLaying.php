<?php

declare(strict_types=1);

namespace App\Pouring;

use Illuminate\Support\Facades\Cache;
use OpenGlaze\Core\Round\RoundAct;
use OpenGlaze\Core\Round\Rounds;
use OpenGlaze\Core\Round\SecondPair;
use OpenGlaze\Core\Run\Gloves;

/** The last laying of the evening, on a clock that stands still: it holds as long as nothing changed and none of it has begun. */
final readonly class KeptLaying
{
    private const NAME = 'laying';

    /** Of more acts two pairs of hands are not enough, and it takes long to say by how many. */
    private const MOST_FOR_TWO = 160;

    /** @param  int|null  $secondLeaves  acts that a second pair of hands does not come to in time either; null where nobody asks for one */
    private function __construct(
        public Rounds $rounds,
        public ?int $secondLeaves,
    ) {
    }

    /**
     * @param  list<RoundAct>  $acts  on a clock that does not begin anew with every call
     * @param  float  $nowMin  on that clock
     */
    public static function of(array $acts, float $nowMin, Gloves $gloves): self
    {
        $print = hash('xxh128', $gloves->value.implode("\n", array_map(static fn (RoundAct $act): string => implode(' ', [$act->film, $act->act, $act->gloves->value, round($act->dueMin, 4), $act->untilMin === null ? '' : round($act->untilMin, 4), $act->lastsMin, $act->turn, $act->pieces]), $acts)));
        $kept = Cache::get(self::NAME);
        if (is_array($kept) && ($kept[0] ?? null) === $print && ($kept[1] ?? null) instanceof self && $kept[1]->rounds->holdsAt($nowMin)) {
            return new self($kept[1]->rounds->from($nowMin), $kept[1]->secondLeaves);
        }
        $rounds = Rounds::lay($acts, $nowMin, $gloves);
        $laying = new self($rounds, $rounds->isInTime() || count($acts) > self::MOST_FOR_TWO ? null : SecondPair::beside($rounds, $gloves)->troubled());
        Cache::put(self::NAME, [$print, $laying], 24 * 3600);

        return $laying;
    }
}
