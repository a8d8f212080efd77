<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Support;

use OpenGlaze\Core\Amount\Schools;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Answer\ResultDocument;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Batch\CupClock;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Outline\Inset;
use OpenGlaze\Core\Outline\OutlineException;
use OpenGlaze\Core\Plan\Fault;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Reading\PlanReader;
use stdClass;

/** Every figure of a plan, in one flat list. */
final class AsComputed
{
    /** @return array<string, float|string|null> by where it stands in the result; a figure to six digits */
    public static function of(stdClass $plan): array
    {
        try {
            $read = (new PlanReader)->read($plan);
            $coats = (new Planner)->plan($read);
            $batches = (new BatchPlanner)->plan($read, $coats);
        } catch (PlanException $exception) {
            return array_column(array_map(static fn (Fault $fault): array => [$fault->pointer, $fault->said->key], $exception->faults), 1, 0);
        }
        $figures = self::flat(ResultDocument::of($read, English::speaker(), $coats, $batches), '');
        foreach ($coats as $at => $coat) {
            $figures += self::flat(self::beside($coat), "/beside/$at");
        }
        foreach ($batches as $at => $batch) {
            foreach (CupClock::of($batch)?->compared() ?? [] as $way => $standing) {
                $figures += self::flat(['pot_life' => $standing->potLifeMin, 'hot' => $standing->hotMin, 'peak' => $standing->run->peakC], "/clock/$at/$way");
            }
        }

        return $figures;
    }

    /** @return array<string, mixed> what is drawn and told beside the result */
    private static function beside(CoatResult $coat): array
    {
        $case = $coat->case;
        try {
            $inset = $case->piece->outline === null ? '' : Inset::pathData($case->piece->outline, 0.4);
        } catch (OutlineException $exception) {
            $inset = $exception->said->key;
        }

        return [
            'schools' => (array) Schools::of($coat->volume, $case->piece->quantity, $case->volume->coveredMm2),
            'rim' => array_merge(...$case->held?->dome?->rim() ?? [[]]),
            'inset' => array_sum(array_map(floatval(...), preg_split('/[^0-9.e-]+/', $inset) ?: [])),
            'box' => [$case->piece->outline?->boxWidthMm(), $case->piece->outline?->boxHeightMm(), $case->piece->outline?->leastCurvature()],
        ];
    }

    /** @return array<string, float|string|null> */
    private static function flat(mixed $value, string $at): array
    {
        if (is_array($value)) {
            return array_merge(...array_map(static fn (int|string $key): array => in_array($key, ['text', 'name', 'format'], true) ? [] : self::flat($value[$key], "$at/$key"), array_keys($value)));
        }

        return [$at => match (true) {
            is_float($value), is_int($value) => is_finite((float) $value) ? (float) sprintf('%.6g', $value) : (string) $value,
            is_bool($value) => $value ? 'true' : 'false',
            default => is_string($value) ? $value : null,
        }];
    }
}
