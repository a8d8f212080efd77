<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Mixing;
use App\Models\Plan;
use App\Planning\CoatKeys;
use App\Planning\PlanAssembler;
use App\Typed\FieldException;
use Carbon\CarbonImmutable;
use OpenGlaze\Core\Batch\ColourProposal;
use OpenGlaze\Core\Batch\Proposal;
use OpenGlaze\Core\Batch\Turn;
use OpenGlaze\Core\Batch\VesselChoice;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Document\BatchEntry;
use OpenGlaze\Core\Measuring\Container;
use OpenGlaze\Core\Measuring\Vessel;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Batch;
use OpenGlaze\Core\Plan\VesselSheet;

/** Who shares a cup, and out of which vessel: proposed for an evening, and chosen anew where a cup does not do any more. */
final readonly class CupChooser
{
    public function __construct(
        private PlanAssembler $assembler,
        private EveningPlanner $planner,
    ) {
    }

    /**
     * Who shares a cup, in which order, out of which vessel, and in which colours.
     *
     * @param  list<string>  $keys  of the coats to be poured
     * @return array{list<BatchEntry>, list<string>} batches as the plan file writes them, and the names of what fits in none
     *
     * @throws FieldException when nothing is chosen, or a coat cannot be computed
     */
    public function propose(Plan $plan, array $keys, CarbonImmutable $now): array
    {
        if ($keys === []) {
            throw FieldException::at(['coats' => Message::of('refused.no_coats')]);
        }
        $evening = $this->planner->computed($this->assembler->evening($plan, [], $keys));
        $chosen = array_values(array_filter($evening->coats, static fn (CoatResult $coat): bool => in_array($coat->case->coat->id, $keys, true)));
        $atHand = VesselsAtHand::of($evening->plan->vessels, $now);
        $cups = self::cups($evening, $atHand, []);
        $proposal = Proposal::of($evening->plan->studio, $chosen, self::shapes($cups), ...self::still($chosen));
        $others = [];
        $specs = [];
        $taken = self::mixed($plan);
        foreach ($proposal->batches as $batch) {
            $own = array_map(static fn (string $id): CoatResult => array_values(array_filter($chosen, static fn (CoatResult $coat): bool => $coat->case->coat->id === $id))[0], $batch->coatIds);
            $vessel = self::vessel($evening, $batch, $own, $cups, $atHand, $others);
            if ($vessel !== null) {
                $others[$vessel] = ($others[$vessel] ?? 0) + $batch->in->cups;
            }
            $taken[] = $id = BatchMove::freeId($taken);
            $specs[] = BatchSpec::of($id, $batch, $own, $vessel, ColourProposal::of($batch, $own, $evening->plan->recipes), $evening->plan->studio->hands->measuredBy);
        }

        return [$specs, array_map(static fn (CoatResult $coat): string => $coat->case->piece->name, $proposal->apart)];
    }

    /**
     * @param  list<BatchEntry>  $batches
     * @return list<BatchEntry> the same, those whose cup does not take them in another
     */
    public function refitted(Plan $plan, array $batches, CarbonImmutable $now): array
    {
        $evening = $this->planner->compute($plan, array_map(static fn (BatchEntry $batch): BatchEntry => $batch->without('vessel', 'measure'), $batches));
        $cups = self::cups($evening, VesselsAtHand::of($evening->plan->vessels, $now), []);
        foreach ($evening->batches as $index => $result) {
            $own = $evening->plan->vessels[$batches[$index]->vessel() ?? ''] ?? null;
            if ($own !== null && $own->shape->stirrableMl() >= $result->mixed->portions->totalMl()) {
                continue;
            }
            $coats = array_map(static fn (Turn $turn): CoatResult => $turn->coat, $result->turns);
            $batches[$index] = $batches[$index]->in(self::best($evening, $result->batch, $coats, $cups));
        }

        return array_values($batches);
    }

    /**
     * Cups to mix in, as far as there are any of them left.
     *
     * @param  array<string, int>  $others  that tonight takes already, by vessel
     * @return array<string, VesselSheet>
     */
    private static function cups(Evening $evening, VesselsAtHand $atHand, array $others): array
    {
        return array_filter($evening->plan->vessels, static fn (VesselSheet $sheet): bool => ! $sheet->isDish() && $atHand->has($sheet->id, 1, $others[$sheet->id] ?? 0));
    }

    /**
     * The vessel that a batch was proposed in; where none of it is left, the one that does best of those that are.
     *
     * @param  non-empty-list<CoatResult>  $coats  of the batch
     * @param  array<string, VesselSheet>  $cups
     * @param  array<string, int>  $others  that tonight takes already, by vessel
     */
    private static function vessel(Evening $evening, Batch $batch, array $coats, array $cups, VesselsAtHand $atHand, array $others): ?string
    {
        $proposed = self::idOf($batch->in->cup, $cups);
        if ($proposed === null || $atHand->has($proposed, $batch->in->cups, $others[$proposed] ?? 0)) {
            return $proposed;
        }
        $left = self::cups($evening, $atHand, $others);

        return $left === [] ? $proposed : self::best($evening, $batch, $coats, $left) ?? $proposed;
    }

    /**
     * The one of these cups that does best for a batch; null where none does.
     *
     * @param  non-empty-list<CoatResult>  $coats  of the batch
     * @param  array<string, VesselSheet>  $cups
     */
    private static function best(Evening $evening, Batch $batch, array $coats, array $cups): ?string
    {
        return self::idOf(VesselChoice::of($evening->plan->studio, $batch, $coats, self::shapes($cups)), $cups);
    }

    /** @param  array<string, VesselSheet>  $cups */
    private static function idOf(?Container $shape, array $cups): ?string
    {
        foreach ($cups as $sheet) {
            if ($sheet->shape === $shape) {
                return $sheet->id;
            }
        }

        return null;
    }

    /**
     * @param  array<string, VesselSheet>  $cups
     * @return list<Vessel>
     */
    private static function shapes(array $cups): array
    {
        return array_map(static fn (VesselSheet $sheet): Vessel => $sheet->shape, array_values($cups));
    }

    /**
     * How many pieces of each coat are still to be poured, and which lift is next.
     *
     * @param  list<CoatResult>  $coats
     * @return array{array<string, int>, array<string, int>} by the coat's key
     */
    private static function still(array $coats): array
    {
        $still = StillToPour::read();
        $rows = CoatKeys::find(array_map(static fn (CoatResult $result): string => $result->case->coat->id, $coats))->keyBy(CoatKeys::of(...));
        $counts = $lifts = [];
        foreach ($coats as $result) {
            $coat = $rows->get($result->case->coat->id);
            $count = $coat === null ? 0 : $still->of($coat, count($result->lifts), $result->case->piece->quantity);
            if ($coat !== null && $count > 0) {
                $counts[$result->case->coat->id] = $count;
                $lifts[$result->case->coat->id] = $still->nextLift($coat, count($result->lifts));
            }
        }

        return [$counts, $lifts];
    }

    /** @return list<string> ids of batches that were mixed before: they stay theirs */
    public static function mixed(Plan $plan): array
    {
        return array_values(Mixing::query()->where('plan_id', $plan->id)->get(['id', 'batch_key'])->map(fn (Mixing $mixing): string => $mixing->batch_key)->all());
    }
}
