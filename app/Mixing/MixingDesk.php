<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Lot;
use App\Models\Mixing;
use App\Models\Plan;
use App\PlanFile\Dig;
use App\PlanFile\Json;
use App\Planning\FieldException;
use App\Planning\PlanAssembler;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Coating\ResultDocument;
use OpenGlaze\Core\Plan\PartName;
use OpenGlaze\Core\Quantity\NumberParser;
use OpenGlaze\Core\Quantity\QuantityException;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Quantity\VolumeParser;
use OpenGlaze\Core\Weighing\Weighing;
use OpenGlaze\Core\Weighing\WeighingException;
use OpenGlaze\Core\Weighing\WeighStep;
use stdClass;

/** Mixes a batch, from the first gram to the end of the stirring; every reading is kept as it is taken. */
final readonly class MixingDesk
{
    private const MOST_G = 100_000.0;

    public function __construct(
        private EveningDesk $evenings,
        private PlanAssembler $assembler,
    ) {
    }

    /** Goes on with the batch's mixing, or begins one with a copy of everything. @throws FieldException */
    public function begin(Plan $plan, string $batchId, UnitSystem $units): Mixing
    {
        $running = Mixing::query()->where('plan_id', $plan->id)->where('batch_key', $batchId)->whereNull('mixed_at')->latest('id')->first();
        if ($running !== null) {
            return $running;
        }
        $specs = array_values(array_filter($this->evenings->kept($plan), static fn (stdClass $spec): bool => ($spec->id ?? null) === $batchId));
        if ($specs === []) {
            throw FieldException::at(['form' => 'This batch is not planned any more.']);
        }
        $document = $this->assembler->evening($plan, $specs);
        $batch = $this->evenings->computed($document, $units)->batches[0];
        $this->weighing($batch, new stdClass);

        return Mixing::query()->create([
            'plan_id' => $plan->id,
            'batch_key' => $batchId,
            'title' => $batch->resin->name,
            'plan' => Json::copy($document),
            'result' => Json::object(json_encode(ResultDocument::batch($batch), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)),
            'weighed' => (object) ['got' => new stdClass],
        ]);
    }

    /** The batch as it was copied, computed again. @throws FieldException */
    public function batch(Mixing $mixing, UnitSystem $units): BatchResult
    {
        return $this->evening($mixing, $units)->batches[0];
    }

    public function evening(Mixing $mixing, UnitSystem $units): Evening
    {
        return $this->evenings->computed($mixing->plan, $units);
    }

    /** @throws FieldException where it cannot be weighed */
    public function weighing(BatchResult $batch, stdClass $weighed, float $resolutionG = 0.1): Weighing
    {
        $got = [];
        foreach ((array) Dig::value($weighed, 'got') as $id => $grams) {
            if (is_int($grams) || is_float($grams)) {
                $got[(string) $id] = (float) $grams;
            }
        }
        try {
            return Weighing::of($batch, $got, $resolutionG, PartName::tryFrom(Dig::text($weighed, 'first') ?? ''));
        } catch (WeighingException $exception) {
            throw FieldException::at(['form' => $exception->getMessage()]);
        }
    }

    /**
     * Takes down what a step came to.
     *
     * @throws FieldException when it is no amount, or not this step's turn
     */
    public function weigh(Mixing $mixing, string $stepId, float $grams, UnitSystem $units): void
    {
        if (! is_finite($grams) || $grams <= 0 || $grams > self::MOST_G) {
            throw FieldException::at(['grams' => 'Write what really went in, in g: more than 0, at most 100 000.']);
        }
        $this->change($mixing, function (stdClass $weighed) use ($mixing, $stepId, $grams, $units): void {
            $next = $this->weighing($this->batch($mixing, $units), $weighed)->next();
            if ($next === null || $next->id !== $stepId) {
                throw FieldException::at(['grams' => 'That was weighed already: reload the page.']);
            }
            if (! $next->kind->isPart() && $mixing->mixed_at === null) {
                throw FieldException::at(['grams' => 'Stir first: colours go into what is mixed.']);
            }
            $got = Dig::object($weighed, 'got');
            $got->{$stepId} = $grams;
            $weighed->got = $got;
        });
    }

    /**
     * Grams of what somebody wrote down: "38.2", or an amount of liquid such as "2 tbsp".
     *
     * @throws FieldException when it is neither
     */
    public function gramsOf(Mixing $mixing, string $stepId, string $written, UnitSystem $units): float
    {
        try {
            return NumberParser::number(preg_replace('/\s*g(r|rams?)?\s*$/iu', '', $written) ?? $written);
        } catch (QuantityException) {
            // no plain number: an amount of liquid then
        }
        try {
            $ml = VolumeParser::ml($written, $units);
        } catch (QuantityException) {
            throw FieldException::at(['grams' => sprintf('"%s" is no amount. Write grams, such as 38.2, or a volume, such as 35 ml or 2 tbsp.', mb_substr(trim($written), 0, 40))]);
        }
        foreach ($this->weighing($this->batch($mixing, $units), $mixing->weighed)->steps as $step) {
            if ($step->id === $stepId) {
                return $ml * $step->densityGMl;
            }
        }

        return $ml;
    }

    /** The other part went in first: what follows is worked out from that. */
    public function turnParts(Mixing $mixing, UnitSystem $units): void
    {
        $this->change($mixing, function (stdClass $weighed) use ($mixing, $units): void {
            $got = (array) Dig::value($weighed, 'got');
            $first = PartName::tryFrom(Dig::text($weighed, 'first') ?? '') ?? $this->batch($mixing, $units)->resin->firstPart;
            if (count($got) > 1) {
                throw FieldException::at(['grams' => 'Both parts are in the cup already.']);
            }
            $weighed->first = $first->other()->value;
            $weighed->got = isset($got[$first->value]) ? (object) [$first->other()->value => $got[$first->value]] : new stdClass;
        });
    }

    /** Takes the last reading back. */
    public function takeBack(Mixing $mixing, UnitSystem $units): void
    {
        $this->change($mixing, function (stdClass $weighed) use ($mixing, $units): void {
            $done = array_filter($this->weighing($this->batch($mixing, $units), $weighed)->steps, static fn (WeighStep $step): bool => $step->gotG !== null);
            $last = end($done);
            $got = Dig::object($weighed, 'got');
            if ($last !== false && ($mixing->mixed_at === null || ! $last->kind->isPart())) {
                unset($got->{$last->id});
            }
            $weighed->got = $got;
        });
    }

    /** The stirring begins; begun again, it is counted from anew. @throws FieldException while a part is missing */
    public function stir(Mixing $mixing, UnitSystem $units): void
    {
        $this->refuseUnmeasured($mixing, $units);
        DB::transaction(fn () => $mixing->update(['stirred_from' => now()]));
    }

    /** @throws FieldException while a part is missing */
    private function refuseUnmeasured(Mixing $mixing, UnitSystem $units): void
    {
        if (! $this->weighing($this->batch($mixing, $units), $mixing->weighed)->isMeasured()) {
            throw FieldException::at(['form' => 'Weigh both parts first.']);
        }
    }

    /** It is mixed: the resin is setting from here on. @throws FieldException while a part is missing */
    public function mixed(Mixing $mixing, ?CarbonImmutable $at, UnitSystem $units): void
    {
        DB::transaction(function () use ($mixing, $at, $units): void {
            $mixing->refresh();
            $this->refuseUnmeasured($mixing, $units);
            if ($mixing->mixed_at === null) {
                $now = CarbonImmutable::now();
                $from = $mixing->stirred_from ?? $mixing->created_at;
                $this->takeFromShelf($mixing);
                $mixing->update(['stirred_from' => $from, 'mixed_at' => $at === null || $at->greaterThan($now) ? $now : ($at->lessThan($from) ? $from : $at)]);
            }
        });
    }

    /** What went into the cup is gone from the bottles that were open. */
    private function takeFromShelf(Mixing $mixing): void
    {
        $batch = $this->batch($mixing, UnitSystem::Metric);
        $weighing = $this->weighing($batch, $mixing->weighed);
        $left = ['a' => $weighing->gotAG / $batch->mix->aG * $batch->mix->aMl, 'b' => $weighing->gotBG / ($batch->mix->bG ?? INF) * $batch->mix->bMl];
        foreach (Lot::rowsOfResin($batch->turns[0]->coat->case->coat->resinId) as $lot) {
            foreach ($left as $part => $ml) {
                $in = $lot->{"left_{$part}_ml"};
                if (is_float($in)) {
                    $taken = min($in, $ml);
                    $lot->{"left_{$part}_ml"} = $in - $taken;
                    $left[$part] = $ml - $taken;
                }
            }
            $lot->save();
        }
    }

    /** @param  callable(stdClass): void  $how */
    private function change(Mixing $mixing, callable $how): void
    {
        DB::transaction(function () use ($mixing, $how): void {
            $mixing->refresh();
            $weighed = Json::copy($mixing->weighed);
            $how($weighed);
            $mixing->update(['weighed' => $weighed]);
        });
    }
}
