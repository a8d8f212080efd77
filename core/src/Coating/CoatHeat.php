<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Coating;

use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Heat\Heating;
use OpenGlaze\Core\Heat\HeatStrip;
use OpenGlaze\Core\Heat\LayerHeating;
use OpenGlaze\Core\Heat\LayerRun;
use OpenGlaze\Core\Heat\Lifts;
use OpenGlaze\Core\Heat\PouredLayer;

/**
 * How one coat warms itself where it lies. It is followed when somebody asks, and only what is thicker than the film
 * that its label's times are for.
 */
final class CoatHeat
{
    private const MOST_LIFTS = 1000;

    /** @var list<float>|null */
    private ?array $peaksC = null;

    /** @var list<float>|null */
    private ?array $ownHeatMin = null;

    public function __construct(private readonly CoatCase $case)
    {
    }

    /** Whether it is thicker than the film that its label's times are for, and heats itself. */
    public function isFollowed(): bool
    {
        $depth = $this->case->deepestMm();

        return $this->case->selfHeating !== null && $depth !== null && $depth > $this->case->resin->labelFilmMm();
    }

    /**
     * How warm each of its pours gets by itself, °C: the hottest place of each lift, until the next is poured.
     *
     * @return list<float> one for each lift, in their order; none where that is not known, or too thin to ask
     */
    public function peaksC(): array
    {
        return $this->peaksC ??= $this->followed();
    }

    /** How warm it gets by itself, °C; null where that is not known, or it is too thin to ask. */
    public function peakC(): ?float
    {
        return $this->peaksC() === [] ? null : max($this->peaksC());
    }

    /** How warm it gets through its depth and over time; null where no place of it passes 40 °C. */
    public function strip(): ?HeatStrip
    {
        $heating = $this->case->selfHeating;
        $layer = $this->case->isLump() || $this->peaksC() === [] ? null : $this->layer();
        if ($heating === null || $layer === null) {
            return null;
        }
        $lifts = $heating->layers($layer);

        return $lifts === [] ? null : HeatStrip::of($heating->asLayer(), $layer, $lifts);
    }

    /** How warm one of its lifts gets, counted from 0. */
    public function peakOfLiftC(int $lift): ?float
    {
        $peaks = $this->peaksC();

        return $peaks === [] ? null : $peaks[min($lift, count($peaks) - 1)];
    }

    /** Minutes until its open time is over where its own heat ends it sooner than the room alone; null where it does not. */
    public function openMin(): ?float
    {
        return $this->ownHeatMin()[0] ?? null;
    }

    /** Hours until its window shuts, likewise. */
    public function recoatToH(): ?float
    {
        $min = $this->ownHeatMin()[1] ?? null;

        return $min === null ? null : $min / 60;
    }

    /**
     * The fewest equal lifts that stay below 60 °C by themselves; 1 where that is not known, or the room is so hot.
     *
     * @param  float  $warmerK  than the room is planned
     */
    public function coolCount(float $totalMm, float $warmerK = 0.0): int
    {
        $room = $this->case->studio->room->temperatures->warmerBy($warmerK);
        if ($room->at(0.0) >= Heating::HOT_C) {
            return 1;
        }
        // one by itself first: all of them take as many times as long to follow
        $alone = self::fewest(0, fn (int $count): bool => $this->staysCool($totalMm / $count, 1, $room));

        return self::fewest($alone - 1, fn (int $count): bool => $this->staysCool($totalMm / $count, $count, $room));
    }

    /**
     * The first count above one of which something is true, true of all that follow.
     *
     * @param  callable(int): bool  $is
     */
    private static function fewest(int $above, callable $is): int
    {
        [$not, $yes, $step] = [$above, $above + 1, 1];
        while ($yes < self::MOST_LIFTS && ! $is($yes)) {
            [$not, $yes, $step] = [$yes, min(self::MOST_LIFTS, $yes + $step), 2 * $step];
        }
        while ($yes - $not > 1) {
            $middle = intdiv($not + $yes, 2);
            $is($middle) ? $yes = $middle : $not = $middle;
        }

        return $yes;
    }

    /** The layer as it is poured, of one lift or of all; null where it has no depth. */
    public function layer(): ?PouredLayer
    {
        $depth = $this->case->deepestMm();

        return $depth === null ? null : $this->poured($depth, $this->lifts($this->case->lifts->count));
    }

    /** @return list<float> */
    private function followed(): array
    {
        $heating = $this->case->selfHeating;
        if ($heating === null) {
            return [];
        }
        if ($this->case->isLump()) {
            return [$heating->lumpPeakC($this->case->sized->filmMl)];
        }
        $layer = $this->case->isInLifts() || $this->isFollowed() ? $this->layer() : null;

        return $layer === null ? [] : array_map(static fn (LayerRun $run): float => $run->peakC, $heating->layers($layer));
    }

    /** @return list<float> min until its open time is over, and its window shuts where the label says when; none where it is not followed */
    private function ownHeatMin(): array
    {
        return $this->ownHeatMin ??= $this->isFollowed() ? $this->ownHeatOf($this->case->deepestMm() ?? 0.0) : [];
    }

    /** @return list<float> */
    private function ownHeatOf(float $depthMm): array
    {
        $resin = $this->case->resin;
        $shuts = $resin->stages->recoatToH;

        return $this->case->selfHeating?->ownHeatMin(
            $this->poured($depthMm, new Lifts),
            $resin->labelFilmMm(),
            [$resin->times->openMin->value, ...$shuts === null ? [] : [60 * $shuts->value]],
            $this->case->roomClock,
        ) ?? [];
    }

    private function staysCool(float $depthMm, int $lifts, Temperatures $room): bool
    {
        $curing = $this->case->selfHeating?->asLayer();
        if ($curing === null) {
            return true;
        }
        foreach (LayerHeating::peaks($curing, $this->poured($depthMm, $this->lifts($lifts), $room), Heating::HOT_C) as $run) {
            if ($run->peakC >= Heating::HOT_C) {
                return false;
            }
        }

        return true;
    }

    private function lifts(int $count): Lifts
    {
        $planned = $this->case->coat->manner->liftIntervalH;

        return new Lifts($count, $planned !== null ? 60 * $planned->value : $this->case->roomClock->minutesToAge(60 * ($this->case->resin->stages->recoatFromH->value ?? 0.0)));
    }

    private function poured(float $depthMm, Lifts $lifts, ?Temperatures $room = null): PouredLayer
    {
        $studio = $this->case->studio;

        return new PouredLayer(
            $depthMm,
            $this->case->liquid->densityKgM3,
            $this->case->piece->face->base->slabs($this->case->piece->face->baseMm?->value),
            $room ?? $studio->room->temperatures,
            $studio->room->surfaceC?->value,
            $this->case->roomClock->ageAtPourMin(),
            $lifts,
            $this->case->resin->setting->conductivityWMK->value,
            $studio->pace->heatLossWM2K->value,
        );
    }
}
