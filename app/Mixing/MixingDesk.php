<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Journal\Bench;
use App\Journal\Pressed;
use App\Models\Mixing;
use App\Models\Plan;
use App\PlanFile\Json;
use App\Planning\PlanAssembler;
use App\Typed\FieldException;
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
        private Bench $bench,
    ) {
    }

    /** Goes on with the batch's cup, or begins one. @throws FieldException when the batch is not planned any more */
    public function begin(Plan $plan, string $batchId, Pressed $pressed, UnitSystem $units): Mixing
    {
        return DB::transaction(function () use ($plan, $batchId, $pressed, $units): Mixing {
            $running = Mixing::query()->where('plan_id', $plan->id)->where('batch_key', $batchId)
                ->where(fn ($query) => $query->whereKey($pressed->subject)->orWhere(fn ($query) => $query->whereNull('mixed_at')->whereNull('discarded_at')))
                ->latest('begun_at')->first();
            if ($running !== null) {
                return $running;
            }
            $this->bench->write($pressed->saying($this->begun($plan, $batchId, $units)), $units);

            return Mixing::query()->findOrFail($pressed->subject);
        });
    }

    private function begun(Plan $plan, string $batchId, UnitSystem $units): stdClass
    {
        $specs = array_values(array_filter($this->evenings->kept($plan), static fn (stdClass $spec): bool => ($spec->id ?? null) === $batchId));
        if ($specs === []) {
            throw FieldException::at(['form' => 'This batch is not planned any more.']);
        }
        $document = $this->assembler->evening($plan, $specs);
        $batch = $this->evenings->computed($document, $units)->batches[0];
        CupReader::weighed($batch, [], null);

        return (object) [
            'plan_id' => $plan->id,
            'batch' => $batchId,
            'title' => $batch->resin->name,
            'plan' => Json::copy($document),
            'result' => Json::object(json_encode(ResultDocument::batch($batch), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)),
        ];
    }
}
