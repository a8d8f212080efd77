<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Journal\Journal;
use App\Models\Mixing;
use App\PlanFile\Dig;
use App\Typed\FieldException;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Journal\CupRecord;
use OpenGlaze\Core\Plan\PartName;
use OpenGlaze\Core\Weighing\Weighing;
use OpenGlaze\Core\Weighing\WeighingException;
use stdClass;

/** The batch in a cup as it was copied, computed again, and how far it is weighed. */
final readonly class CupReader
{
    public function __construct(
        private EveningDesk $evenings,
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
    public function batchOf(stdClass $plan): BatchResult
    {
        return $this->evenings->computed($plan)->batches[0];
    }

    /**
     * @param  stdClass  $weighed  got: g by step; first
     *
     * @throws FieldException where it cannot be weighed
     */
    public function weighing(BatchResult $batch, stdClass $weighed, float $resolutionG = 0.1): Weighing
    {
        $got = [];
        foreach (get_object_vars(Dig::object($weighed, 'got')) as $id => $grams) {
            if (is_int($grams) || is_float($grams)) {
                $got[(string) $id] = (float) $grams;
            }
        }

        return self::weighed($batch, $got, PartName::tryFrom(Dig::text($weighed, 'first') ?? ''), $resolutionG);
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
