<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Heat\Heating;
use OpenGlaze\Core\Heat\HeatRun;
use OpenGlaze\Core\Heat\ResinInCup;
use OpenGlaze\Core\Measuring\Container;
use OpenGlaze\Core\Measuring\Residue;
use OpenGlaze\Core\Measuring\UnknownCup;
use OpenGlaze\Core\Measuring\Vessel;
use OpenGlaze\Core\Plan\Studio;

/**
 * Whether one resin may be poured out of one cup: no piece is older than four fifths of its open time when it is
 * spread, and the cup is empty before its pot life is over and before it is at 60 °C. More in a cup never lasts longer.
 */
final class Allowance
{
    /** What is worked out once serves for amounts so near. */
    private const NEAR = 1.03;

    /** @var array<int, array<int, HeatRun|null>> by step of amount and cup, as far as it was asked for */
    private array $known = [];

    /** @var list<Container> the widest first, which lasts longest */
    private readonly array $cups;

    /** @param  list<Vessel>  $vessels  those at hand; none for a cup as deep as it is wide, as large as needed */
    public function __construct(
        private readonly Studio $studio,
        private readonly CoatCase $case,
        private readonly array $vessels,
    ) {
        usort($vessels, static fn (Vessel $a, Vessel $b): int => $b->capacityMl() <=> $a->capacityMl());
        $this->cups = $vessels === [] ? [new UnknownCup] : $vessels;
    }

    /** Whether so much may be poured so out of one of the vessels, ml without what the cup keeps. */
    public function lasts(float $pouredMl, Timing $timing): bool
    {
        // no cup ages it less than the room does
        if (! $this->fits(null, $timing)) {
            return false;
        }
        $step = (int) floor(log(max($pouredMl, 1e-6)) / log(self::NEAR));
        if ($this->any(self::NEAR ** ($step + 1), $timing, $step + 1)) {
            return true;
        }

        return $this->any(self::NEAR ** $step, $timing, $step) && $this->any($pouredMl, $timing);
    }

    /** The smallest of the vessels that takes it with room to stir, and lasts; null when there are none. */
    public function vesselFor(float $pouredMl, Timing $timing): ?Vessel
    {
        return $this->smallest($pouredMl, fn (Vessel $vessel): bool => $this->fits($this->run($vessel, $pouredMl), $timing));
    }

    /** Where none lasts, the smallest that takes it at all with room to stir; null when there is none. */
    public function takesIt(float $pouredMl): ?Vessel
    {
        return $this->smallest($pouredMl, static fn (Vessel $vessel): bool => true);
    }

    /** @param  callable(Vessel): bool  $which */
    private function smallest(float $pouredMl, callable $which): ?Vessel
    {
        $fitting = array_filter($this->vessels, fn (Vessel $vessel): bool => $this->goesIn($vessel, $pouredMl) && $which($vessel));
        usort($fitting, static fn (Vessel $a, Vessel $b): int => $a->capacityMl() <=> $b->capacityMl());

        return $fitting[0] ?? null;
    }

    /**
     * Whether so much lasts in any of the cups that it goes into.
     *
     * @param  int|null  $step  of amounts, where what is found is to serve again
     */
    private function any(float $pouredMl, Timing $timing, ?int $step = null): bool
    {
        foreach ($this->cups as $number => $cup) {
            if (! $this->goesIn($cup, $pouredMl)) {
                continue;
            }
            if ($step === null) {
                $run = $this->run($cup, $pouredMl);
            } else {
                $this->known[$step] ??= [];
                if (! array_key_exists($number, $this->known[$step])) {
                    $this->known[$step][$number] = $this->run($cup, $pouredMl);
                }
                $run = $this->known[$step][$number];
            }
            if ($this->fits($run, $timing)) {
                return true;
            }
        }

        return false;
    }

    private function fits(?HeatRun $run, Timing $timing): bool
    {
        $open = $this->case->resin->times->openMin->value;
        $emptied = $timing->emptiedMin();
        $clock = new PourClock($this->case, $run);
        if ($clock->ageInCupMin($emptied) > $open || ($run?->minutesToC(Heating::HOT_C) ?? INF) < $emptied) {
            return false;
        }

        return $clock->isSpreadBy(Hands::SPREAD_BY * $open, $timing);
    }

    private function run(Container $cup, float $pouredMl): ?HeatRun
    {
        $curing = $this->case->selfHeating?->inCup();
        if ($curing === null) {
            return null;
        }
        $room = $this->studio->room->temperatures;

        return Heating::inCupUntilAge($curing, $this->case->resin->times->openMin->value, new ResinInCup($this->mixedMl($cup, $pouredMl), $this->case->liquid->densityKgM3, $cup, $room, $room->at(0.0), $this->studio->pace->heatLossWM2K->value));
    }

    /** With room to stir. */
    private function goesIn(Container $cup, float $pouredMl): bool
    {
        return ! $cup instanceof Vessel || $pouredMl <= $cup->stirrableMl() && $this->mixedMl($cup, $pouredMl) <= $cup->stirrableMl();
    }

    private function mixedMl(Container $cup, float $pouredMl): float
    {
        return ($pouredMl + Residue::ml($cup, $pouredMl, $this->studio->hands->residueFilmMm->value)) * (1 + $this->studio->hands->marginPct->value / 100);
    }
}
