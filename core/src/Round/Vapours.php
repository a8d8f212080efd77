<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Round;

/** Vapours that burn, of a film that is not tack-free or of an open cup: until then no flame and no heat gun over anything in the room. */
final readonly class Vapours
{
    /** @param  float  $untilMin  on the clock of the acts that wait for it */
    public function __construct(
        public string $film,
        public float $untilMin,
    ) {
    }

    /** @param  list<self>  $all */
    public static function last(array $all): ?self
    {
        usort($all, static fn (self $a, self $b): int => $b->untilMin <=> $a->untilMin);

        return $all[0] ?? null;
    }

    /**
     * When what was due may be done with a flame or a heat gun, min on the same clock.
     *
     * @param  float|null  $untilMin  after which it makes no sense any more; null where that never comes
     * @return float|null null where that comes before it may
     */
    public function mayLightAt(float $dueMin, ?float $untilMin, float $lastsMin): ?float
    {
        $at = max($dueMin, $this->untilMin);

        return $untilMin !== null && $at + $lastsMin > $untilMin ? null : $at;
    }
}
