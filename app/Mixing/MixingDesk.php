<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Journal\Bench;
use App\Journal\Pressed;
use App\Models\Coat;
use App\Models\Mixing;
use App\Models\Plan;
use App\PlanFile\Json;
use App\Planning\CoatDesk;
use App\Planning\PlanAssembler;
use App\Planning\RoomDesk;
use App\Typed\FieldException;
use Closure;
use Illuminate\Support\Facades\DB;
use OpenGlaze\Core\Answer\ResultDocument;
use OpenGlaze\Core\Quantity\UnitSystem;
use stdClass;

/** Begins the mixing of a batch, with a copy of everything; what happens to the cup then comes through the bench. */
final readonly class MixingDesk
{
    public function __construct(
        private EveningDesk $evenings,
        private PlanAssembler $assembler,
        private CoatDesk $coats,
        private RoomDesk $rooms,
        private Bench $bench,
    ) {
    }

    /** Goes on with the batch's cup, or begins one. @throws FieldException when the batch is not planned any more */
    public function begin(Plan $plan, string $batchId, Pressed $pressed, UnitSystem $units): Mixing
    {
        return $this->goOn($plan, $batchId, $pressed, $units, function () use ($plan, $batchId): stdClass {
            foreach ($this->evenings->kept($plan) as $spec) {
                if (($spec->id ?? null) === $batchId) {
                    return $spec;
                }
            }
            throw FieldException::at(['form' => 'This batch is not planned any more.']);
        });
    }

    /** The same for one coat alone, which is in no evening. @throws FieldException when it cannot be computed */
    public function beginAlone(Coat $coat, Pressed $pressed, UnitSystem $units): Mixing
    {
        return $this->goOn($coat->piece->plan, CoatAlone::key($coat), $pressed, $units, function () use ($coat, $units): stdClass {
            $result = $this->coats->saved($coat, $units)->coat;

            return CoatAlone::spec($coat, $result, StillToPour::now()->nextLift($coat, count($result->lifts)), $this->rooms->inForce(Plan::own())->measuredBy);
        });
    }

    /**
     * A cup that nothing was weighed into yet is begun anew: its plan may have changed since.
     *
     * @param  Closure(): stdClass  $spec  of the batch, asked for when no cup of it is in use
     */
    private function goOn(Plan $plan, string $batchId, Pressed $pressed, UnitSystem $units, Closure $spec): Mixing
    {
        return DB::transaction(function () use ($plan, $batchId, $pressed, $units, $spec): Mixing {
            $running = Mixing::query()->where('plan_id', $plan->id)->where('batch_key', $batchId)
                ->where(fn ($query) => $query->whereKey($pressed->subject)->orWhere(fn ($query) => $query->where('in_use', true)->whereNull('mixed_at')->whereNull('discarded_at')))
                ->latest('begun_at')->first();
            if ($running !== null) {
                return $running;
            }
            $this->bench->write($pressed->saying($this->begun($plan, $batchId, $spec(), $units)), $units);

            return Mixing::query()->findOrFail($pressed->subject);
        });
    }

    private function begun(Plan $plan, string $batchId, stdClass $spec, UnitSystem $units): stdClass
    {
        $document = $this->assembler->evening($plan, [$spec]);
        $batch = $this->evenings->computed($document, $units)->batches[0];
        CupReader::weighed($batch, [], null);

        return (object) [
            'plan_id' => $plan->id,
            'batch' => $batchId,
            'title' => CoatAlone::coatId($batchId) === null ? $batch->resin->name : $batch->turns[0]->coat->case->piece->name,
            'plan' => Json::copy($document),
            'result' => Json::object(json_encode(ResultDocument::batch($batch), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)),
        ];
    }
}
