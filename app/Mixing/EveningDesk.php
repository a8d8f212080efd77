<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Editing\Edit;
use App\Editing\Stale;
use App\Editing\Versions;
use App\Models\Plan;
use App\Planning\CoatKeys;
use App\Typed\FieldException;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenGlaze\Core\Batch\Turn;
use OpenGlaze\Core\Document\BatchEntry;
use OpenGlaze\Core\Message\Message;

/** Tonight's batches as they are kept with their plan: pieces moved from cup to cup, one after the other. */
final readonly class EveningDesk
{
    public function __construct(
        private EveningPlanner $planner,
        private CupChooser $cups,
    ) {
    }

    /** @return list<BatchEntry> as the plan file writes them, without coats that were taken away */
    public function kept(Plan $plan): array
    {
        $batches = $plan->document->batches();

        return BatchEntry::allOf($batches, array_values(CoatKeys::find(BatchEntry::coatsOfAll($batches))->map(CoatKeys::of(...))->all()));
    }

    /**
     * Some pieces of a coat into another batch of what is kept, one after the other: two moves at once are both made.
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
            $turns = $this->planner->compute($plan, $batches)->batch($batchId)->turns ?? throw FieldException::at(['form' => Message::of('refused.batch_gone')]);
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
        $evening = $this->planner->compute($plan, $batches);
        $quantities = [];
        foreach ($evening->coats as $one) {
            $quantities[$one->case->coat->id] = $one->case->piece->quantity;
        }
        $moved = (new BatchMove($batches, $quantities, CupChooser::mixed($plan)))->make($move);

        return $this->cups->refitted($plan, $moved, $now);
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
            $evening = $this->planner->compute($plan, $batches);
            $document = $plan->document->withBatches($batches);
            Versions::count('plan', $plan, $plan->document, $document, $edit);
            $plan->document = $document;
            $plan->save();

            return $evening;
        });
    }
}
