<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Measuring;

use OpenGlaze\Core\Mix\Portions;

/** One way to measure a batch's two parts, and how far the ratio can be off by it. */
final readonly class WayToMeasure
{
    private function __construct(
        public MeasuredBy $by,
        /** division in ml or resolution in g; of pen lines the ml between two that are 1 mm apart */
        public float $step,
        public RatioError $error,
        /** how far the ratio can be off besides, by the densities that are weighed by, per cent */
        public float $densitiesPct = 0.0,
        /** how much A comes to be more against B, by what clings to the two cups that they are measured in, per cent */
        public float $clingsPct = 0.0,
        /** how often the small cup is filled, where it is measured so */
        public ?EqualFills $fills = null,
    ) {
    }

    /**
     * Every way that this batch can be measured, the finest first; by volume before any scale where weighing would go by typical densities.
     *
     * @param  Container  $cup  that it is mixed in
     * @param  float  $residueFilmMm  that clings to the cups that the parts are measured in
     * @param  float  $weighedOffPct  how far the ratio can be off by the densities alone, 0 where they are the label's own
     * @return list<self>
     */
    public static function all(Portions $mix, Container $cup, MeasuringTools $tools, float $residueFilmMm, float $weighedOffPct = 0.0): array
    {
        $ways = [];
        $byVolume = RoundedParts::of($mix->aMl, $mix->bMl, RoundedParts::stepMl(min($mix->aMl, $mix->bMl)));
        foreach ([MeasuredBy::Cups, MeasuredBy::OneCup] as $by) {
            $ways[] = new self($by, $tools->graduationMl, RatioError::ofRounded($byVolume, $tools->graduationMl, $by), clingsPct: $by === MeasuredBy::Cups ? self::clings($mix, $residueFilmMm) : 0.0);
        }
        if ($cup instanceof Markable) {
            try {
                $ways[] = new self(MeasuredBy::PenLines, RatioError::PEN_LINE_MM * $cup->sectionMm2($cup->heightOfMm($mix->totalMl())) / 1000, FillLines::of($cup, $mix->aMl, $mix->bMl)->error);
            } catch (VesselException) {
                // no lines where it does not go in
            }
        }
        $fills = EqualFills::of($mix, $tools->fillMl);
        if ($fills !== null) {
            $ways[] = new self(MeasuredBy::Fills, $tools->fillStepMl, $fills->error($tools->fillStepMl, true), fills: $fills);
        }
        if ($mix->bG !== null) {
            foreach ([MeasuredBy::Scale, MeasuredBy::ScaleUntared] as $by) {
                $ways[] = new self($by, $tools->resolutionG, RatioError::ofRounded(RoundedParts::of($mix->aG, $mix->bG, $tools->resolutionG), $tools->resolutionG, $by), $weighedOffPct);
            }
        }
        $rank = static fn (self $way): array => [$way->densitiesPct > 0, $way->error->likelyPct ?? INF];
        usort($ways, static fn (self $one, self $other): int => $rank($one) <=> $rank($other));

        return $ways;
    }

    /** The smaller part leaves the larger share of itself behind, in a cup as deep as it is wide. */
    private static function clings(Portions $mix, float $filmMm): float
    {
        $left = static fn (float $ml): float => max(0.0, $ml - Residue::ml(new UnknownCup, $ml, $filmMm));

        return $left($mix->bMl) > 0 ? 100 * ($left($mix->aMl) / $left($mix->bMl) * $mix->bMl / $mix->aMl - 1) : 0.0;
    }
}
