<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Journal\Journal;
use App\Models\Mixing;
use App\Typed\FieldException;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Journal\CupRecord;
use OpenGlaze\Core\Plan\PartName;
use OpenGlaze\Core\Weighing\Weighing;
use OpenGlaze\Core\Weighing\WeighingException;

/** The batch in a cup as it was copied, computed again, and how far it is weighed. */
final readonly class CupReader
{
    public function __construct(
        private EveningPlanner $evenings,
        private Journal $journal,
    ) {
    }

    /** What became of the cup. */
    public function record(Mixing $mixing): CupRecord
    {
        return CupRecord::of($this->journal->of($mixing->id));
    }

    /** @throws FieldException when the copy cannot be computed */
    public function batch(Mixing $mixing): BatchResult
    {
        return $this->evening($mixing)->batches[0];
    }

    /** @throws FieldException when the copy cannot be computed */
    public function evening(Mixing $mixing): Evening
    {
        return $this->evenings->computed($mixing->plan());
    }

    /** @throws FieldException when the copy cannot be computed */
    public function batchOf(PlanDocument $plan): BatchResult
    {
        return $this->evenings->computed($plan)->batches[0];
    }

    /**
     * @param  Entry  $weighed  got: g by step; first
     *
     * @throws FieldException where it cannot be weighed
     */
    public function weighing(BatchResult $batch, Entry $weighed, float $resolutionG = 0.1): Weighing
    {
        $got = [];
        foreach ($weighed->at('got')->fields() as $id => $grams) {
            if (is_int($grams) || is_float($grams)) {
                $got[(string) $id] = (float) $grams;
            }
        }

        return self::weighed($batch, $got, PartName::tryFrom($weighed->text('first') ?? ''), $resolutionG);
    }

    /**
     * @param  array<string, float>  $gotG  by step
     *
     * @throws FieldException where it cannot be weighed
     */
    public static function weighed(BatchResult $batch, array $gotG, ?PartName $first, float $resolutionG = 0.1): Weighing
    {
        try {
            return Weighing::of($batch, $gotG, $resolutionG, $first);
        } catch (WeighingException $exception) {
            throw FieldException::at(['form' => $exception->said]);
        }
    }
}
