<?php

declare(strict_types=1);

namespace App\Mixing;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Judging\BatchAdvisor;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Reading\PlanReader;

/** What is wrong with the colours that are planned for a coat, wherever it is poured from. */
final class ColourStops
{
    private const CODE = 'colour_over_limit';

    /**
     * @param  PlanDocument  $document  whose last coat is the one that is poured
     * @return list<Advice>
     */
    public static function of(PlanDocument $document): array
    {
        if ($document->batches() === []) {
            return [];
        }
        try {
            $plan = (new PlanReader)->read($document);
            $last = $plan->coats[count($plan->coats) - 1]->id;
            $batches = array_filter((new BatchPlanner)->plan($plan, (new Planner)->plan($plan)), static fn (BatchResult $batch): bool => in_array($last, $batch->batch->coatIds, true));
        } catch (PlanException) {
            return [];
        }

        return array_values(array_filter(
            Advice::stops(array_merge(...array_map(BatchAdvisor::advise(...), array_values($batches)))),
            static fn (Advice $advice): bool => $advice->code === self::CODE,
        ));
    }
}
