<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

/** How warm a layer gets by itself, through its depth and over time: what is drawn of its hottest lift and those below. */
final readonly class HeatStrip
{
    /** From here on it is drawn, °C. */
    public const DRAWN_FROM_C = 40.0;

    private const FRAMES = 36;

    /** It is shown for so many times as long as its peak takes, and longer than that for as long as it stays warm. */
    private const TIMES_OF_PEAK = 2.0;

    private const MOST_TIMES_OF_PEAK = 6.0;

    /**
     * @param  int  $lift  the hottest, counted from 1
     * @param  list<float>  $mins  of the frames, after its pour
     * @param  list<list<float>>  $frames  °C from the floor of the resin to its top, evenly through its depth
     * @param  float|null  $warmUntilMin  until when any place is above 40 °C; null where that is not seen
     */
    private function __construct(
        public int $lift,
        public float $depthMm,
        public float $peakC,
        public float $peakMin,
        public float $warmFromMin,
        public ?float $warmUntilMin,
        public array $mins,
        public array $frames,
    ) {
    }

    /**
     * @param  non-empty-list<LayerRun>  $lifts  as they were followed for their peaks
     * @return self|null null where no place of it passes 40 °C
     */
    public static function of(Curing $curing, PouredLayer $layer, array $lifts): ?self
    {
        $peaks = array_map(static fn (LayerRun $run): float => $run->peakC, $lifts);
        $at = (int) array_search(max($peaks), $peaks, true);
        $peak = $lifts[$at];
        if ($peak->peakC <= self::DRAWN_FROM_C) {
            return null;
        }
        $most = self::MOST_TIMES_OF_PEAK * $peak->peakMin;
        if ($at < count($lifts) - 1) {
            // the next lift is poured onto it
            $most = min($most, $layer->lifts->intervalMin);
        }
        $run = LayerHeating::through($curing, $layer, $at + 1, $most);
        $hottest = array_map(static fn (array $celsius): float => max(-INF, ...$celsius), $run->profiles);
        $warm = array_keys(array_filter($hottest, static fn (float $celsius): bool => $celsius > self::DRAWN_FROM_C));
        $cools = end($warm) === count($hottest) - 1 ? null : self::crosses($run->mins, $hottest, (int) end($warm));
        $until = min($most, max(self::TIMES_OF_PEAK * $peak->peakMin, 1.1 * ($cools ?? $most)));
        $mins = array_map(static fn (int $frame): float => $until * $frame / self::FRAMES, range(0, self::FRAMES));
        // the peak itself is one of them
        $mins[(int) round(self::FRAMES * $peak->peakMin / $until)] = $peak->peakMin;
        $mins = array_values($mins);

        return new self(
            $at + 1,
            ($at + 1) * $layer->depthMm,
            $peak->peakC,
            $peak->peakMin,
            ($warm[0] ?? 0) === 0 ? 0.0 : self::crosses($run->mins, $hottest, $warm[0] - 1),
            $cools,
            $mins,
            array_map(static fn (float $min): array => Course::allAt($run->mins, $run->profiles, $min), $mins),
        );
    }

    /**
     * When it passes 40 °C between one step and the next.
     *
     * @param  list<float>  $mins
     * @param  list<float>  $hottest
     */
    private static function crosses(array $mins, array $hottest, int $after): float
    {
        return $mins[$after] + ($mins[$after + 1] - $mins[$after]) * (self::DRAWN_FROM_C - $hottest[$after]) / ($hottest[$after + 1] - $hottest[$after]);
    }
}
