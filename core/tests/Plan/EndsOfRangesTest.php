<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Plan;

use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Answer\ResultDocument;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Run\Acts;
use OpenGlaze\Core\Tests\Support\Draws;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Plans;
use OpenGlaze\Core\Trace\Traces;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

/** Every number of a plan at both ends of what its schema allows: it is computed, or refused at its field, and can be written down. */
final class EndsOfRangesTest extends TestCase
{
    private const SCHEMA = __DIR__.'/../../../resources/schema/plan.schema.json';

    /** @return iterable<string, array{string, float}> */
    public static function ends(): iterable
    {
        $schema = json_decode((string) file_get_contents(self::SCHEMA), flags: JSON_THROW_ON_ERROR);
        foreach (['studio' => self::referred($schema, $schema->properties->studio), 'resins/0' => self::items($schema, 'resins'), 'pieces/0' => self::items($schema, 'pieces'), 'coats/0' => self::items($schema, 'coats'), 'batches/0' => self::items($schema, 'batches')] as $place => $of) {
            foreach (self::numbers($of) as $field => [$least, $most]) {
                foreach (['least' => $least, 'most' => $most] as $end => $value) {
                    if ($value !== null) {
                        yield "$place/$field at its $end, $value" => ["/$place/$field", $value];
                    }
                }
            }
        }
    }

    #[DataProvider('ends')]
    public function test_it_is_computed_or_refused_and_can_be_written_down(string $pointer, float $value): void
    {
        $others = [['/studio/temperature_c' => -10], ['/studio/temperature_c' => 60, '/resins/0/reference_c' => 5], ['/studio/temperatures' => [(object) ['at_h' => 0, 'c' => 24], (object) ['at_h' => 9, 'c' => -10]]], ['/coats/0/containment' => 'held'], ['/coats/0/containment' => 'dammed', '/coats/0/size_by' => (object) ['total_depth_mm' => 9]]];
        // each of them with a part of the fields, all with all where it is tried more often
        mt_srand(crc32("$pointer $value"));
        shuffle($others);
        foreach ([[], ...array_slice($others, 0, Draws::of(2))] as $more) {
            $batch = str_starts_with($pointer, '/batches') || str_starts_with($pointer, '/resins') ? ['/batches' => [(object) ['id' => 'b', 'coats' => ['flood'], 'cup_diameter_mm' => 90]]] : [];
            try {
                $plan = (new PlanReader)->read(Plans::with([...$batch, ...$more, $pointer => $value]));
                $results = (new Planner)->plan($plan);
                $batches = (new BatchPlanner)->plan($plan, $results);
            } catch (PlanException $exception) {
                self::assertNotSame([], $exception->faults);

                continue;
            }
            self::assertNotSame('', json_encode(ResultDocument::of($plan, English::speaker(), $results, $batches), JSON_THROW_ON_ERROR));
            foreach ($results as $result) {
                self::assertNotSame([], Acts::of($result));
                foreach (Traces::of($result) as $trace) {
                    self::assertTrue($trace->result === null || is_finite($trace->result), $trace->figure);
                }
            }
        }
    }

    private static function items(stdClass $schema, string $list): stdClass
    {
        return self::referred($schema, $schema->properties->{$list}->items ?? $schema->properties->{$list}->anyOf[0]->items);
    }

    private static function referred(stdClass $schema, stdClass $to): stdClass
    {
        return isset($to->{'$ref'}) ? $schema->{'$defs'}->{basename($to->{'$ref'})} : $to;
    }

    /** @return iterable<string, array{float|null, float|null}> by the field's name */
    private static function numbers(stdClass $of): iterable
    {
        foreach (get_object_vars($of->properties) as $name => $field) {
            foreach ([$field, ...($field->anyOf ?? [])] as $one) {
                if (in_array($one->type ?? null, ['number', 'integer'], true)) {
                    yield $name => [$one->minimum ?? $one->exclusiveMinimum ?? null, $one->maximum ?? null];
                }
            }
        }
    }
}
