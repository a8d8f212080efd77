<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Heat\Heating;
use OpenGlaze\Core\Heat\ResinInCup;
use OpenGlaze\Core\Measuring\Container;
use OpenGlaze\Core\Measuring\Residue;
use OpenGlaze\Core\Measuring\UnknownCup;
use OpenGlaze\Core\Measuring\Vessel;
use OpenGlaze\Core\Plan\Studio;

/**
 * How long one resin may stand in a cup until its last piece is spread: to four fifths of its open time at
 * the cup's own age, and never to 60 °C. More in a cup never lasts longer.
 */
final class Allowance
{
    /** What is worked out once serves for amounts so near. */
    private const NEAR = 1.03;

    /** @var array<int, float> minutes by step of amount */
    private array $known = [];

    /** @param  list<Vessel>  $vessels  those at hand; none for a cup as deep as it is wide, as large as needed */
    public function __construct(
        private readonly Studio $studio,
        private readonly CoatCase $case,
        private readonly array $vessels,
    ) {
    }

    /** Whether so much may be poured for so many minutes out of one of the vessels, ml without what the cup keeps. */
    public function lasts(float $pouredMl, float $minutes): bool
    {
        $step = (int) floor(log(max($pouredMl, 1e-6)) / log(self::NEAR));
        if ($minutes <= $this->about($step + 1)) {
            return true;
        }

        return $minutes <= $this->about($step) && $minutes <= $this->longest($pouredMl);
    }

    /** The smallest of the vessels that takes it with room to stir, and lasts; null when there are none. */
    public function vesselFor(float $pouredMl, float $minutes): ?Vessel
    {
        $fitting = array_filter($this->vessels, fn (Vessel $vessel): bool => $minutes <= $this->minutesIn($vessel, $pouredMl));
        usort($fitting, static fn (Vessel $a, Vessel $b): int => $a->capacityMl() <=> $b->capacityMl());

        return $fitting[0] ?? null;
    }

    /** Where none lasts, the smallest that takes it at all with room to stir; null when there is none. */
    public function takesIt(float $pouredMl): ?Vessel
    {
        $fitting = array_filter($this->vessels, fn (Vessel $vessel): bool => $this->minutesIn($vessel, $pouredMl) >= 0);
        usort($fitting, static fn (Vessel $a, Vessel $b): int => $a->capacityMl() <=> $b->capacityMl());

        return $fitting[0] ?? null;
    }

    private function about(int $step): float
    {
        return $this->known[$step] ??= $this->longest(self::NEAR ** $step);
    }

    private function longest(float $pouredMl): float
    {
        return max(array_map(fn (Container $cup): float => $this->minutesIn($cup, $pouredMl), $this->vessels === [] ? [new UnknownCup] : $this->vessels));
    }

    /** Minutes that an amount may stand there; −1 where it does not go in with room to stir. */
    private function minutesIn(Container $cup, float $pouredMl): float
    {
        $most = $cup instanceof Vessel ? $cup->stirrableMl() : INF;
        if ($pouredMl > $most) {
            return -1.0;
        }
        $total = ($pouredMl + Residue::ml($cup, $pouredMl, $this->studio->hands->residueFilmMm->value)) * (1 + $this->studio->hands->marginPct->value / 100);
        if ($total > $most) {
            return -1.0;
        }
        $until = Hands::SPREAD_BY * $this->case->resin->times->openMin->value;
        $curing = $this->case->selfHeating?->inCup();
        if ($curing === null) {
            return $this->case->clock->minutesToAge($until);
        }
        $room = $this->studio->room->temperatures;
        $run = Heating::inCupUntilAge($curing, $until, new ResinInCup($total, $this->case->liquid->densityKgM3, $cup, $room, $room->at(0.0), $this->studio->pace->heatLossWM2K->value));

        return min($run->minutesToAge($until) ?? INF, $run->minutesToC(Heating::HOT_C) ?? INF);
    }
}
