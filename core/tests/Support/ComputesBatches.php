<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Support;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Judging\BatchAdvisor;
use OpenGlaze\Core\Reading\PlanReader;
use stdClass;

/** Batches of the example's coats. */
trait ComputesBatches
{
    /**
     * @param  array<string, mixed>  $fields  of the batch
     * @param  array<string, mixed>  $changes  to the plan
     */
    private static function batch(array $fields, array $changes = []): BatchResult
    {
        return self::computed(Plans::with([...$changes, '/batches' => [(object) ['id' => 'b1', 'coats' => ['flood'], ...$fields]]]))[0];
    }

    /**
     * Two canvases with a coat each.
     *
     * @param  array<string, mixed>  ...$coats
     */
    private static function evening(array ...$coats): stdClass
    {
        $plan = Plans::with([]);
        $like = (array) $plan->coats[0];
        foreach (array_values($coats) as $at => $coat) {
            $plan->pieces[$at] = (object) [...(array) $plan->pieces[0], 'id' => 'piece-'.$at];
            $plan->coats[$at] = (object) [...$like, 'id' => 'coat-'.($at + 1), 'piece' => 'piece-'.$at, ...$coat];
        }

        return $plan;
    }

    /** @return list<BatchResult> */
    private static function computed(stdClass $document): array
    {
        $plan = (new PlanReader)->read($document);

        return (new BatchPlanner)->plan($plan, (new Planner)->plan($plan));
    }

    /** @return array<string, string> level by code */
    private static function codes(BatchResult $batch): array
    {
        return array_combine(
            array_map(static fn (Advice $one): string => $one->code, BatchAdvisor::advise($batch)),
            array_map(static fn (Advice $one): string => $one->level->value, BatchAdvisor::advise($batch)),
        );
    }
}
