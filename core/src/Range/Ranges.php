<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Range;

use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Coating\Lift;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Reading\PlanReader;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * How sure the figures of a plan are: its own computation, drawn anew with each of its assumptions somewhere in its spread.
 *
 * Source: Latin hypercube sampling (McKay, Beckman and Conover 1979); causes by rank correlation (Spearman).
 */
final class Ranges
{
    public const DRAWS = 64;

    private const SEED = 20_261;

    /** Causes that are named: those with at least this share of the variance. */
    private const LEAST_SHARE = 0.1;

    /** Below this a rank correlation of so many draws is chance. */
    private const CHANCE = 0.35;

    /**
     * @param  PlanDocument  $document  a plan that was read before, and is known to be sound
     * @return array{coats: array<string, array<string, Range>>, batches: array<string, array<string, Range>>} by id and figure
     *
     * @throws PlanException when the plan itself cannot be computed
     */
    public static function of(PlanDocument $document): array
    {
        $plan = (new PlanReader)->read($document);
        $assumptions = Assumptions::of($document, $plan, (new BatchPlanner)->plan($plan, (new Planner)->plan($plan)));
        $deviations = self::deviations(count($assumptions));
        $figures = [];
        for ($draw = 0; $draw < self::DRAWS; $draw++) {
            $drawn = $document;
            foreach ($assumptions as $index => $assumption) {
                $drawn = $assumption->put($drawn, $deviations[$index][$draw]);
            }
            foreach (self::figures(self::windowsStayOpen($drawn)) as [$of, $id, $figure, $value]) {
                $figures[$of][$id][$figure][$draw] = $value;
            }
        }
        $ranges = ['coats' => [], 'batches' => []];
        foreach ($figures as $of => $byId) {
            foreach ($byId as $id => $byFigure) {
                foreach ($byFigure as $figure => $values) {
                    $ranges[$of][$id][$figure] = self::range($values, $assumptions, $deviations);
                }
            }
        }

        return $ranges;
    }

    /**
     * For each assumption its draws in standard deviations, one in each 64th of its spread, in an order of its own.
     *
     * @return list<list<float>>
     */
    private static function deviations(int $count): array
    {
        $random = new Randomizer(new Mt19937(self::SEED));
        $evenly = array_map(static fn (int $draw): float => Normal::quantile(($draw + 0.5) / self::DRAWS), range(0, self::DRAWS - 1));
        $all = [];
        for ($i = 0; $i < $count; $i++) {
            $all[] = $random->shuffleArray($evenly);
        }

        return $all;
    }

    /** Both ends of a window are drawn by themselves; it never shuts before it opens. */
    private static function windowsStayOpen(PlanDocument $document): PlanDocument
    {
        foreach ($document->resins() as $at => $resin) {
            [$from, $to] = [$resin->value('recoat_from_h'), $resin->value('recoat_to_h')];
            if (is_float($from) && is_float($to) && $to <= $from) {
                $document = $document->with("resins.$at.recoat_to_h", min(10_000, $from * 1.001));
            }
        }

        return $document;
    }

    /**
     * The figures of one draw; none where it cannot be computed.
     *
     * @return iterable<array{'coats'|'batches', string, string, float}>
     */
    private static function figures(PlanDocument $document): iterable
    {
        try {
            $plan = (new PlanReader)->read($document);
            $coats = (new Planner)->plan($plan);
            $batches = (new BatchPlanner)->plan($plan, $coats);
        } catch (PlanException) {
            return;
        }
        foreach ($coats as $coat) {
            foreach (self::ofCoat($coat) as $figure => $value) {
                if ($value !== null) {
                    yield ['coats', $coat->case->coat->id, $figure, $value];
                }
            }
        }
        foreach ($batches as $batch) {
            foreach (self::ofBatch($batch) as $figure => $value) {
                if ($value !== null) {
                    yield ['batches', $batch->batch->id, $figure, $value];
                }
            }
        }
    }

    /** @return array<string, float|null> */
    private static function ofCoat(CoatResult $coat): array
    {
        $peaks = array_filter(array_map(static fn (Lift $lift): ?float => $lift->peakC, $coat->lifts), static fn (?float $peak): bool => $peak !== null);

        return [
            'total_ml' => $coat->volume->totalMl(), 'total_g' => $coat->mix->totalG(), 'a_ml' => $coat->mix->aMl, 'b_ml' => $coat->mix->bMl, 'a_g' => $coat->mix->aG, 'b_g' => $coat->mix->bG,
            'open_min' => $coat->film->flowing->openMin, 'recoat_from_h' => $coat->windows->recoatFromH, 'recoat_to_h' => $coat->windows->recoatToH, 'sand_from_h' => $coat->windows->sandFromH,
            'handle_h' => $coat->windows->handleH, 'full_cure_h' => $coat->windows->fullCureH, 'peak_c' => $peaks === [] ? null : max($peaks),
            'stays_mm' => $coat->edge?->staysMm, 'runs_off_ml' => $coat->edge?->runsOffMl, 'dripped_ml' => $coat->edge?->drippedMl,
        ];
    }

    /** @return array<string, float|null> */
    private static function ofBatch(BatchResult $batch): array
    {
        return [
            'total_ml' => $batch->mixed->portions->totalMl(), 'total_g' => $batch->mixed->portions->totalG(), 'a_ml' => $batch->mixed->portions->aMl, 'b_ml' => $batch->mixed->portions->bMl, 'a_g' => $batch->mixed->portions->aG, 'b_g' => $batch->mixed->portions->bG,
            'emptied_min' => $batch->standing->emptiedMin, 'pot_life_min' => $batch->standing->potLifeMin, 'peak_c' => $batch->standing->run?->peakC,
        ];
    }

    /**
     * @param  non-empty-array<int, float>  $values  by draw
     * @param  list<Assumption>  $assumptions
     * @param  list<list<float>>  $deviations
     */
    private static function range(array $values, array $assumptions, array $deviations): Range
    {
        $sorted = array_values($values);
        sort($sorted);
        $ranks = self::ranks($values);
        $shares = [];
        foreach ($assumptions as $index => $assumption) {
            $correlation = self::correlation($ranks, self::ranks(array_intersect_key($deviations[$index], $values)));
            if (abs($correlation) > self::CHANCE) {
                $shares[$assumption->cause] = ($shares[$assumption->cause] ?? 0.0) + $correlation ** 2;
            }
        }
        $all = array_sum($shares);
        $shares = array_filter(array_map(static fn (float $share): float => $share / $all, $shares), static fn (float $share): bool => $share >= self::LEAST_SHARE);
        arsort($shares);

        return new Range(self::percentile($sorted, 0.1), self::percentile($sorted, 0.9), $shares);
    }

    /** @param  non-empty-list<float>  $sorted */
    private static function percentile(array $sorted, float $share): float
    {
        $at = $share * (count($sorted) - 1);
        $below = (int) floor($at);

        return $sorted[$below] + ($at - $below) * ($sorted[min($below + 1, count($sorted) - 1)] - $sorted[$below]);
    }

    /**
     * Places in order, equal values sharing theirs.
     *
     * @param  array<int, float>  $values
     * @return array<int, float>
     */
    private static function ranks(array $values): array
    {
        asort($values);
        [$keys, $sorted] = [array_keys($values), array_values($values)];
        $ranks = [];
        for ($from = 0; $from < count($keys); $from = $to) {
            for ($to = $from; $to < count($keys) && abs($sorted[$to] - $sorted[$from]) <= 1e-9 * max(1.0, abs($sorted[$from])); $to++) {
            }
            for ($at = $from; $at < $to; $at++) {
                $ranks[$keys[$at]] = ($from + $to - 1) / 2;
            }
        }

        return $ranks;
    }

    /**
     * @param  array<int, float>  $ones
     * @param  array<int, float>  $others  by the same keys
     */
    private static function correlation(array $ones, array $others): float
    {
        $count = count($ones);
        [$one, $other] = [array_sum($ones) / $count, array_sum($others) / $count];
        [$both, $first, $second] = [0.0, 0.0, 0.0];
        foreach ($ones as $key => $value) {
            $both += ($value - $one) * ($others[$key] - $other);
            $first += ($value - $one) ** 2;
            $second += ($others[$key] - $other) ** 2;
        }

        return $first * $second > 0 ? $both / sqrt($first * $second) : 0.0;
    }
}
