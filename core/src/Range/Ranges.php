<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Range;

use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Mix\Portions;
use OpenGlaze\Core\Plan\Plan;
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

    /** A figure that fewer of the draws have, as a share of them, has no range. */
    private const MOST_OF_DRAWS = 0.9;

    /** Below this a rank correlation of so many draws is chance. */
    private const CHANCE = 0.35;

    /**
     * @param  PlanDocument  $document  a plan that was read before, and is known to be sound
     * @return array{coats: array<string, array<string, Range>>, batches: array<string, array<string, Range>>} by id, and by where the figure stands in the result file
     *
     * @throws PlanException when the plan itself cannot be computed
     */
    public static function of(PlanDocument $document): array
    {
        $plan = (new PlanReader)->read($document);
        $coats = (new Planner)->plan($plan);
        $decided = self::decided($document, $plan, $coats);
        $plan = (new PlanReader)->read($decided);
        $assumptions = Assumptions::of($decided, $plan, (new BatchPlanner)->plan($plan, $coats));
        $deviations = self::deviations(count($assumptions));
        $figures = [];
        for ($draw = 0; $draw < self::DRAWS; $draw++) {
            $drawn = $decided;
            foreach ($assumptions as $index => $assumption) {
                $drawn = $assumption->put($drawn, $deviations[$index][$draw]);
            }
            foreach (self::figures(self::windowsStayOpen($drawn)) as [$of, $id, $figure, $value]) {
                $figures[$of][$id][$figure][$draw] = $value;
            }
        }
        $moves = new Moves($decided, self::flat(...));
        $ranges = ['coats' => [], 'batches' => []];
        foreach ($figures as $of => $byId) {
            foreach ($byId as $id => $byFigure) {
                foreach ($byFigure as $figure => $values) {
                    // what is not there in most draws has no range, as a wipe that comes in some of them
                    if (count($values) >= self::MOST_OF_DRAWS * self::DRAWS) {
                        $ranges[$of][$id][$figure] = self::range($values, $assumptions, $deviations, static fn (Assumption $one): bool => $moves->does($one, "$of $id $figure"));
                    }
                }
            }
        }

        return $ranges;
    }

    /**
     * What was decided stays in every draw: a draw that would need another lift says so by its peak; and the heat that
     * follows from a label's depth is worked out once.
     *
     * @param  list<CoatResult>  $coats
     */
    private static function decided(PlanDocument $document, Plan $plan, array $coats): PlanDocument
    {
        $resins = array_keys($plan->resins);
        foreach ($coats as $at => $coat) {
            if ($coat->lifts !== []) {
                $document = $document->with("coats.$at.lifts", count($coat->lifts));
            }
            $heat = $coat->case->heat->peaksC() === [] || $coat->case->isLump() ? null : $coat->case->selfHeating?->asLayer()->heatKjKg;
            if ($heat !== null && $coat->case->resin->limits->maxPourMm !== null) {
                $document = $document->with('resins.'.array_search($coat->case->resin->id, $resins, true).'.layer_heat_kj_kg', $heat);
            }
        }

        return $document;
    }

    /** @return array<string, float> all figures of a plan */
    private static function flat(PlanDocument $document): array
    {
        $all = [];
        foreach (self::figures(self::windowsStayOpen($document)) as [$of, $id, $figure, $value]) {
            $all["$of $id $figure"] = $value;
        }

        return $all;
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

    /** @return array<string, float|null> by where it stands in the result */
    private static function ofCoat(CoatResult $coat): array
    {
        $windows = $coat->windows;
        $figures = [
            'volume_ml/total' => $coat->volume->totalMl(), ...self::mix('mix/', $coat->mix),
            'film/open_min' => $coat->film->flowing->openMin, 'film/peak_c' => $coat->case->heat->peakC(),
            'windows/recoat_from_h' => $windows->recoatFromH, 'windows/recoat_to_h' => $windows->recoatToH, 'windows/sand_from_h' => $windows->sandFromH,
            'windows/handle_h' => $windows->handleH, 'windows/full_cure_h' => $windows->fullCureH,
            'edge/stays_mm' => $coat->edge?->staysMm, 'edge/runs_off_ml' => $coat->edge?->runsOffMl,
            'drips/dripped_ml' => $coat->edge?->drippedMl, 'drips/last_wipe_min' => $coat->edge?->lastWipeMin(),
        ];
        foreach ($coat->edge->wipesMin ?? [] as $at => $min) {
            $figures["drips/wipes_min/$at"] = $min;
        }
        foreach ($coat->lifts as $at => $lift) {
            $figures["lifts/$at/total_ml"] = $lift->volume->totalMl();
            $figures["lifts/$at/peak_c"] = $lift->peakC;
        }

        return $figures;
    }

    /** @return array<string, float|null> by where it stands in the result */
    private static function ofBatch(BatchResult $batch): array
    {
        return [
            ...self::mix('', $batch->mixed->portions),
            'emptied_min' => $batch->standing->emptiedMin, 'pot_life_min' => $batch->standing->potLifeMin, 'peak_c' => $batch->standing->run?->peakC,
        ];
    }

    /** @return array<string, float|null> */
    private static function mix(string $at, Portions $mix): array
    {
        return [$at.'total_ml' => $mix->totalMl(), $at.'total_g' => $mix->totalG(), $at.'a_ml' => $mix->aMl, $at.'b_ml' => $mix->bMl, $at.'a_g' => $mix->aG, $at.'b_g' => $mix->bG];
    }

    /**
     * @param  non-empty-array<int, float>  $values  by draw
     * @param  list<Assumption>  $assumptions
     * @param  list<list<float>>  $deviations
     * @param  callable(Assumption): bool  $moves  whether one of them moves it when it is shifted alone
     */
    private static function range(array $values, array $assumptions, array $deviations, callable $moves): Range
    {
        $sorted = array_values($values);
        sort($sorted);
        $ranks = self::ranks($values);
        $shares = [];
        foreach ($assumptions as $index => $assumption) {
            $correlation = self::correlation($ranks, self::ranks(array_intersect_key($deviations[$index], $values)));
            if (abs($correlation) > self::CHANCE && $moves($assumption)) {
                $shares[$assumption->field] = ($shares[$assumption->field] ?? 0.0) + $correlation ** 2;
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
