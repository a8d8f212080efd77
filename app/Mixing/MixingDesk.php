<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Editing\Edit;
use App\Journal\Bench;
use App\Journal\Pressed;
use App\Models\Coat;
use App\Models\Mixing;
use App\Models\Plan;
use App\Planning\CoatDesk;
use App\Planning\PlanAssembler;
use App\Planning\RoomDesk;
use App\Saying\Person;
use App\Typed\FieldException;
use Closure;
use Illuminate\Support\Facades\DB;
use OpenGlaze\Core\Answer\ResultDocument;
use OpenGlaze\Core\Document\BatchEntry;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Judging\BatchAdvisor;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Message\Speaker;

/** Begins the mixing of a batch, with a copy of everything; what happens to the cup then comes through the bench. */
final readonly class MixingDesk
{
    /** Amounts that differ by less are the same. */
    private const SAME = 0.005;

    public function __construct(
        private EveningDesk $evenings,
        private EveningPlanner $planner,
        private PlanAssembler $assembler,
        private CoatDesk $coats,
        private RoomDesk $rooms,
        private Bench $bench,
    ) {
    }

    /** Goes on with the batch's cup, or begins one. @throws FieldException when the batch is not planned any more */
    public function begin(Plan $plan, string $batchId, Pressed $pressed, Person $person): Mixing
    {
        return $this->goOn($plan, $batchId, $pressed, $person, fn (): BatchEntry => $this->planned($plan, $batchId));
    }

    /**
     * The same for one coat alone, which is in no evening.
     *
     * @param  string|null  $measureBy  how this studio measures from now on, where that was just said
     *
     * @throws FieldException when it cannot be computed
     */
    public function beginAlone(Coat $coat, ?string $measureBy, Pressed $pressed, Person $person): Mixing
    {
        return DB::transaction(function () use ($coat, $measureBy, $pressed, $person): Mixing {
            if ($measureBy !== null) {
                $this->rooms->change(Plan::own(), Plan::own()->name, Entry::from(['measure_by' => $measureBy]), Edit::byStudio($pressed->at()));
            }

            return $this->goOn($coat->piece->plan, CoatAlone::key($coat), $pressed, $person, fn (): BatchEntry => $this->plannedAlone($coat));
        });
    }

    /** What its plan takes by now, g, where that is not what this cup was begun for; null where it is, or nothing is planned any more. */
    public function takesNowG(Mixing $mixing): ?float
    {
        $coatId = CoatAlone::coatId($mixing->batch_key);
        $plan = Plan::query()->find($mixing->plan_id);
        $coat = $coatId === null ? null : Coat::query()->find($coatId);
        if ($mixing->mixed_at !== null || $plan === null || ($coatId !== null && $coat === null)) {
            return null;
        }
        try {
            $spec = $coat === null ? $this->planned($plan, $mixing->batch_key) : $this->plannedAlone($coat);
            $now = $this->planner->computed($this->assembler->evening($plan, [$spec]))->batches[0]->mixed->portions->totalG();
        } catch (FieldException) {
            return null;
        }
        $then = $mixing->result()->totalG();

        return $now === null || $then === null || abs($now / $then - 1) < self::SAME ? null : $now;
    }

    /** @throws FieldException when the batch is not planned any more */
    private function planned(Plan $plan, string $batchId): BatchEntry
    {
        foreach ($this->evenings->kept($plan) as $spec) {
            if ($spec->id() === $batchId) {
                return $spec;
            }
        }
        throw FieldException::at(['form' => Message::of('refused.batch_gone')]);
    }

    /** @throws FieldException when it cannot be computed */
    private function plannedAlone(Coat $coat): BatchEntry
    {
        $result = $this->coats->saved($coat)->coat;

        return CoatAlone::spec($coat, $result, StillToPour::read()->nextLift($coat, count($result->lifts)), $this->rooms->inForce(Plan::own())->hands->measuredBy);
    }

    /**
     * A cup that nothing was weighed into yet is begun anew: its plan may have changed since.
     *
     * @param  Closure(): BatchEntry  $spec  of the batch, asked for when no cup of it is in use
     */
    private function goOn(Plan $plan, string $batchId, Pressed $pressed, Person $person, Closure $spec): Mixing
    {
        return DB::transaction(function () use ($plan, $batchId, $pressed, $person, $spec): Mixing {
            $running = Mixing::query()->where('plan_id', $plan->id)->where('batch_key', $batchId)
                ->where(fn ($query) => $query->whereKey($pressed->subject)->orWhere(fn ($query) => $query->where('in_use', true)->whereNull('mixed_at')->whereNull('discarded_at')))
                ->latest('begun_at')->first();
            if ($running !== null) {
                return $running;
            }
            $this->bench->write($pressed->saying($this->begun($plan, $batchId, $spec(), $person)), $person);

            return Mixing::query()->findOrFail($pressed->subject);
        });
    }

    private function begun(Plan $plan, string $batchId, BatchEntry $spec, Speaker $say): Entry
    {
        $document = $this->assembler->evening($plan, [$spec]);
        $batch = $this->planner->computed($document)->batches[0];
        CupReader::weighed($batch, [], null);
        $windows = $batch->turns[0]->coat->windows;
        $hardensH = $windows->handleH ?? $windows->fullCureH;

        return Entry::from([
            ...$batch->batch->in->vesselId === null ? [] : ['vessel' => ['id' => $batch->batch->in->vesselId, 'cups' => $batch->batch->in->cups, ...$hardensH === null ? [] : ['hardens_min' => 60 * $hardensH]]],
            'plan_id' => $plan->id,
            'batch' => $batchId,
            'title' => CoatAlone::coatId($batchId) === null ? $batch->resin->name : $batch->turns[0]->coat->case->piece->name,
            'plan' => $document,
            'result' => ResultDocument::batch($batch, BatchAdvisor::advise($batch), $say),
        ]);
    }
}
