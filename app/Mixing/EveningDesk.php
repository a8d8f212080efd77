<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Editing\Edit;
use App\Editing\Stale;
use App\Editing\Versions;
use App\Models\Mixing;
use App\Models\Plan;
use App\Planning\CoatKeys;
use App\Planning\PlanAssembler;
use App\Typed\FieldException;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Batch\ColourProposal;
use OpenGlaze\Core\Batch\Proposal;
use OpenGlaze\Core\Batch\Turn;
use OpenGlaze\Core\Batch\VesselChoice;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Document\BatchEntry;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Batch;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Plan\VesselSheet;
use OpenGlaze\Core\Range\Excerpt;
use OpenGlaze\Core\Range\Range;
use OpenGlaze\Core\Range\Ranges;
use OpenGlaze\Core\Reading\PlanReader;

/** Tonight's batches: proposes them, computes them as they are being changed, and keeps them with the plan. */
final readonly class EveningDesk
{
    public function __construct(private PlanAssembler $assembler)
    {
    }

    /** @return list<BatchEntry> as the plan file writes them, without coats that were taken away */
    public function kept(Plan $plan): array
    {
        $batches = $plan->document->batches();

        return BatchEntry::allOf($batches, array_values(CoatKeys::find(BatchEntry::coatsOfAll($batches))->map(CoatKeys::of(...))->all()));
    }

    /**
     * @param  list<BatchEntry>  $batches
     * @param  string|null  $only  id of the one batch that is looked at
     *
     * @throws FieldException with a sentence for each field that cannot be used
     */
    public function compute(Plan $plan, array $batches, ?string $only = null): Evening
    {
        $kept = $only === null ? $batches : self::touching($batches, $only);
        try {
            return $this->read($this->assembler->evening($plan, array_values($kept)), $only);
        } catch (PlanException $exception) {
            $names = [];
            foreach (array_keys($kept) as $place => $index) {
                $names["/batches/$place/"] = "batches.$index.";
            }
            throw self::refused($exception, $names);
        }
    }

    /**
     * A batch, and those whose colours lie on the same pieces.
     *
     * @param  list<BatchEntry>  $batches
     * @return array<int, BatchEntry> by their places in the list
     */
    private static function touching(array $batches, string $only): array
    {
        $pieces = [];
        foreach (CoatKeys::find(BatchEntry::coatsOfAll($batches)) as $coat) {
            $pieces[CoatKeys::of($coat)] = $coat->piece_id;
        }
        $own = [];
        foreach ($batches as $batch) {
            $own = $batch->id() === $only ? [...$own, ...self::piecesOf($batch, $pieces)] : $own;
        }

        return array_filter($batches, static fn (BatchEntry $batch): bool => $batch->id() === $only || array_intersect(self::piecesOf($batch, $pieces), $own) !== []);
    }

    /**
     * @param  array<string, int>  $pieces  by coat
     * @return list<int>
     */
    private static function piecesOf(BatchEntry $batch, array $pieces): array
    {
        $found = [];
        foreach ($batch->coats() as $key) {
            if (isset($pieces[$key])) {
                $found[] = $pieces[$key];
            }
        }

        return $found;
    }

    /** @throws FieldException with a sentence for each field that cannot be used */
    public function computed(PlanDocument $document): Evening
    {
        try {
            return $this->read($document, null);
        } catch (PlanException $exception) {
            throw self::refused($exception, ['/batches/' => 'batches.']);
        }
    }

    /**
     * How sure the figures of one batch are.
     *
     * @return array<string, Range> by figure
     */
    public function ranges(Evening $evening, string $batch): array
    {
        return Ranges::of(Excerpt::ofBatch($evening->document, $batch))['batches'][$batch] ?? [];
    }

    /** @throws PlanException when it cannot be computed */
    private function read(PlanDocument $document, ?string $only): Evening
    {
        $read = (new PlanReader)->read($document);
        $coats = (new Planner)->plan($read);

        return new Evening($document, $read, $coats, (new BatchPlanner)->plan($read, $coats, $only));
    }

    /** @param  array<string, string>  $names  of the batches' fields, by the beginnings of their pointers */
    private static function refused(PlanException $exception, array $names): FieldException
    {
        return FieldException::fromPlan($exception, [...$names, '/coats/' => 'coats.', '/studio/' => 'studio.', '/resins/' => 'resins.']);
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
        $evening = $this->computed($this->assembler->evening($plan, [], $keys));
        $chosen = array_values(array_filter($evening->coats, static fn (CoatResult $coat): bool => in_array($coat->case->coat->id, $keys, true)));
        $atHand = VesselsAtHand::of($evening->plan->vessels, $now);
        $cups = self::cups($evening, $atHand, []);
        $proposal = Proposal::of($evening->plan->studio, $chosen, array_map(static fn (VesselSheet $sheet) => $sheet->shape, array_values($cups)), ...self::still($chosen));
        $others = [];
        $specs = [];
        $taken = $this->mixed($plan);
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
        $of = static fn (mixed $shape): ?string => array_values(array_filter($cups, static fn (VesselSheet $sheet): bool => $sheet->shape === $shape))[0]->id ?? null;
        $proposed = $of($batch->in->cup);
        if ($proposed === null || $atHand->has($proposed, $batch->in->cups, $others[$proposed] ?? 0)) {
            return $proposed;
        }
        $left = self::cups($evening, $atHand, $others);

        return $left === [] ? $proposed : $of(VesselChoice::of($evening->plan->studio, $batch, $coats, array_map(static fn (VesselSheet $sheet) => $sheet->shape, array_values($left)))) ?? $proposed;
    }

    /**
     * The same, of what is kept, one after the other: two moves at once are both made.
     *
     * @return array{list<BatchEntry>, Evening} the batches as they are kept then
     *
     * @throws FieldException when it cannot be moved so
     */
    public function move(Plan $plan, Move $move, Edit $edit): array
    {
        return DB::transaction(function () use ($plan, $move, $edit): array {
            $batches = $this->moved($plan, $this->kept($plan->refresh()), $move, $edit->at);

            return [$batches, $this->save($plan, $batches, new Edit([], $edit->device, $edit->at))];
        });
    }

    /**
     * Half of a batch's pieces, its last ones, into a cup of their own.
     *
     * @throws FieldException when there is only one, or it is not planned any more
     */
    public function halve(Plan $plan, string $batchId, Edit $edit): void
    {
        DB::transaction(function () use ($plan, $batchId, $edit): void {
            $batches = $this->kept($plan->refresh());
            $turns = $this->compute($plan, $batches)->batch($batchId)->turns ?? throw FieldException::at(['form' => Message::of('refused.batch_gone')]);
            $left = intdiv((int) array_sum(array_map(static fn (Turn $turn): int => $turn->count, $turns)), 2);
            if ($left === 0) {
                throw FieldException::at(['form' => Message::of('refused.one_piece')]);
            }
            $into = null;
            foreach (array_reverse($turns) as $turn) {
                $count = min($left, $turn->count);
                if ($count > 0) {
                    $before = self::idsOf($batches);
                    $batches = $this->moved($plan, $batches, new Move($turn->coat->case->coat->id, $batchId, $into, $count, $into === null ? null : 0), $edit->at);
                    $into ??= array_values(array_diff(self::idsOf($batches), $before))[0] ?? null;
                }
                $left -= $count;
            }
            $this->save($plan, $batches, new Edit([], $edit->device, $edit->at));
        });
    }

    /**
     * @param  list<BatchEntry>  $batches
     * @return list<string>
     */
    private static function idsOf(array $batches): array
    {
        return array_map(static fn (BatchEntry $batch): string => $batch->id(), $batches);
    }

    /**
     * Some pieces of a coat into another batch, or into one of their own; cups that do not do any more are changed.
     *
     * @param  list<BatchEntry>  $batches
     * @return list<BatchEntry>
     *
     * @throws FieldException when it cannot be moved so
     */
    private function moved(Plan $plan, array $batches, Move $move, CarbonImmutable $now): array
    {
        $evening = $this->compute($plan, $batches);
        $quantities = [];
        foreach ($evening->coats as $one) {
            $quantities[$one->case->coat->id] = $one->case->piece->quantity;
        }
        $moved = (new BatchMove($batches, $quantities, $this->mixed($plan)))->make($move);

        return $this->refitted($plan, $moved, $now);
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
    private function mixed(Plan $plan): array
    {
        return array_values(Mixing::query()->where('plan_id', $plan->id)->get(['id', 'batch_key'])->map(fn (Mixing $mixing): string => $mixing->batch_key)->all());
    }

    /**
     * @param  list<BatchEntry>  $batches
     * @return list<BatchEntry> the same, those whose cup does not take them in another
     */
    private function refitted(Plan $plan, array $batches, CarbonImmutable $now): array
    {
        $evening = $this->compute($plan, array_map(static fn (BatchEntry $batch): BatchEntry => $batch->without('vessel', 'measure'), $batches));
        $cups = self::cups($evening, VesselsAtHand::of($evening->plan->vessels, $now), []);
        foreach ($evening->batches as $index => $result) {
            $own = $evening->plan->vessels[$batches[$index]->vessel() ?? ''] ?? null;
            if ($own !== null && $own->shape->stirrableMl() >= $result->mixed->portions->totalMl()) {
                continue;
            }
            $coats = array_map(static fn (Turn $turn): CoatResult => $turn->coat, $result->turns);
            $chosen = VesselChoice::of($evening->plan->studio, $result->batch, $coats, array_map(static fn (VesselSheet $sheet) => $sheet->shape, array_values($cups)));
            $fitting = array_values(array_filter($cups, static fn (VesselSheet $cup): bool => $cup->shape === $chosen));
            $batches[$index] = $batches[$index]->in($fitting === [] ? null : $fitting[0]->id);
        }

        return array_values($batches);
    }

    /**
     * Keeps them with the plan, as they are.
     *
     * @param  list<BatchEntry>  $batches
     *
     * @throws FieldException with a sentence for each field that cannot be used; nothing is saved then
     * @throws Stale when tonight's cups were changed since they were read
     */
    public function save(Plan $plan, array $batches, Edit $edit): Evening
    {
        return DB::transaction(function () use ($plan, $batches, $edit): Evening {
            $plan->refresh();
            Versions::refuseStale('plan', $plan, ['batches'], $edit);
            $evening = $this->compute($plan, $batches);
            $document = $plan->document->withBatches($batches);
            Versions::count('plan', $plan, $plan->document, $document, $edit);
            $plan->document = $document;
            $plan->save();

            return $evening;
        });
    }
}
