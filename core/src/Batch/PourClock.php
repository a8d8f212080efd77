<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Heat\HeatRun;
use OpenGlaze\Core\Plan\Pouring;

/** Lays the turns of a batch one after the other, and tells how old the mix is at each. */
final readonly class PourClock
{
    /** @param  HeatRun|null  $run  how it fares in its cup; without that it ages by the room alone */
    public function __construct(private CoatCase $case, private ?HeatRun $run)
    {
    }

    /** Age of the mix in its cup after so many minutes. */
    public function ageInCupMin(float $min): float
    {
        $byRoom = $this->case->roomClock->ageAt($min) - $this->case->roomClock->ageAtPourMin();

        return $this->run === null ? $byRoom : $this->run->ageAt($min) ?? $this->case->resin->kinetics($this->case->studio)->stiffAgeMin();
    }

    /** Age of what was poured after so many minutes, and lay in the room until it was spread. */
    private function ageAfterWaitingMin(float $pouredMin, float $spreadMin): float
    {
        return $this->ageInCupMin($pouredMin) + $this->case->roomClock->ageAt($spreadMin) - $this->case->roomClock->ageAt($pouredMin);
    }

    /**
     * @param  float  $emptiedMin  the pours keep their shares of the time, and end then
     * @return non-empty-list<Turn>
     */
    public function turns(Timing $timing, float $emptiedMin): array
    {
        return array_map(
            fn (Share $share, array $times): Turn => new Turn($share->coat, $share->count, $share->eachMl, new TurnTimes(...$times, ageMin: $this->ageInCupMin($times[1]), spreadAgeMin: $this->ageAfterWaitingMin($times[1], $times[2]))),
            $timing->shares,
            self::times($timing, $emptiedMin),
        );
    }

    /** Whether none is older than an age when it is spread. */
    public function isSpreadBy(float $ageMin, Timing $timing): bool
    {
        $times = self::times($timing, $timing->emptiedMin());
        // together the last of them is the oldest
        foreach ($timing->pouring === Pouring::Together ? array_slice($times, -1) : $times as [, $poured, $spread]) {
            if ($this->ageAfterWaitingMin($poured, $spread) > $ageMin) {
                return false;
            }
        }

        return true;
    }

    /** @return non-empty-list<array{float, float, float}> when the first of each share is begun, its last poured, its last spread */
    private static function times(Timing $timing, float $emptiedMin): array
    {
        $usual = $timing->emptiedMin();
        $pace = $usual > 0 ? $emptiedMin / $usual : 1.0;
        $isTogether = $timing->pouring === Pouring::Together;
        [$from, $spread] = [$pace * $timing->colouringMin, $emptiedMin];
        $times = [];
        foreach ($timing->shares as $share) {
            if ($isTogether) {
                $poured = $from + $pace * $share->count * $share->pourEachMin;
                $spread += $share->count * $share->spreadEachMin;
            } else {
                $spread = $from + $pace * $share->count * ($share->pourEachMin + $share->spreadEachMin);
                $poured = $spread - $pace * $share->spreadEachMin;
            }
            $times[] = [$from, $poured, $spread];
            $from = $isTogether ? $poured : $spread;
        }

        return $times;
    }
}
