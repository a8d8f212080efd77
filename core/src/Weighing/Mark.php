<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Weighing;

use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Measuring\EqualFills;
use OpenGlaze\Core\Measuring\Markable;
use OpenGlaze\Core\Measuring\MeasuredBy;
use OpenGlaze\Core\Measuring\VesselException;

/** How a part is met without a scale, where that is not its own ml: a mark that all in the cup comes up to, or fills of a small cup. */
final readonly class Mark
{
    /** How near an amount is to whole fills to be told in them. */
    private const NEAR = 0.02;

    private function __construct(
        /** of all in the cup, with this part, ml */
        public ?float $upToMl,
        /** the same as a height from the inside floor of the cup, mm, where it is met by pen lines */
        public ?float $upToMm,
        /** what stood in the cup before, ml */
        public float $beforeMl,
        /** of a small cup, up to its line */
        public ?int $fills,
        /** of each fill, ml */
        public ?float $fillMl,
    ) {
    }

    /**
     * @param  list<WeighStep>  $steps  of the weighing
     * @return self|null null where it is weighed, counted, or read as an amount of its own
     */
    public static function of(BatchResult $result, array $steps, WeighStep $step): ?self
    {
        $by = $result->batch->measure->by;
        if (! $step->kind->isPart() || $by === null) {
            return null;
        }
        if ($by === MeasuredBy::Fills) {
            return self::inFills($result, $step->targetG / $step->densityGMl);
        }

        return $by->isInTheCup() ? self::inTheCup($result, $steps, $step) : null;
    }

    private static function inFills(BatchResult $result, float $ml): ?self
    {
        $fills = EqualFills::of($result->mixed->portions, $result->batch->measure->fillMl ?? EqualFills::USUAL_ML);
        $count = $fills === null ? 0.0 : $ml / $fills->ml;
        $whole = (int) round($count);

        return $fills === null || $whole < 1 || abs($count - $whole) > self::NEAR ? null : new self(null, null, 0.0, $whole, $fills->ml);
    }

    /** @param  list<WeighStep>  $steps */
    private static function inTheCup(BatchResult $result, array $steps, WeighStep $step): self
    {
        $before = 0.0;
        foreach ($steps as $earlier) {
            if ($earlier->id === $step->id) {
                break;
            }
            $before += ($earlier->gotG ?? $earlier->targetG) / $earlier->densityGMl;
        }
        $upTo = $before + $step->targetG / $step->densityGMl;

        return new self($upTo, $result->batch->measure->by === MeasuredBy::PenLines ? self::heightMm($result, $upTo) : null, $before, null, null);
    }

    /** In one of its cups; null where it does not go in. */
    private static function heightMm(BatchResult $result, float $ml): ?float
    {
        try {
            return $result->batch->in->cup instanceof Markable ? $result->batch->in->cup->heightOfMm($ml / $result->batch->in->cups) : null;
        } catch (VesselException) {
            return null;
        }
    }
}
