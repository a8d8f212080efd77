<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Plan;

use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Answer\ResultDocument;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Steps\StepList;
use OpenGlaze\Core\Tests\Support\Draws;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Plans;
use OpenGlaze\Core\Trace\Traces;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

/** Whatever a file holds, it is computed to finite figures or refused by pointer; it never breaks. */
final class MangledPlansTest extends TestCase
{
    /** @return iterable<string, array{callable(): stdClass, int}> */
    public static function plans(): iterable
    {
        yield 'the example' => [Plans::autumnSky(...), 500];
        yield 'all that a plan can hold' => [Plans::full(...), 300];
    }

    /** @param  callable(): stdClass  $sound */
    #[DataProvider('plans')]
    public function test_whatever_a_file_holds_it_is_computed_or_refused(callable $sound, int $tries): void
    {
        mt_srand(20261125);
        $refused = $computed = 0;
        for ($i = 0; $i < Draws::of($tries); $i++) {
            $plan = $sound();
            for ($changes = mt_rand(1, 2); $changes > 0; $changes--) {
                $this->mangle($plan);
            }
            try {
                $read = (new PlanReader)->read($plan);
                $results = (new Planner)->plan($read);
            } catch (PlanException $exception) {
                foreach ($exception->faults as $fault) {
                    self::assertMatchesRegularExpression('#^(/|$)#', $fault->pointer);
                    self::assertNotSame('', English::say($fault->said));
                }
                $refused++;

                continue;
            }
            self::assertJson(json_encode(ResultDocument::of($read, English::speaker(), $results), JSON_THROW_ON_ERROR));
            foreach ($results as $result) {
                self::assertGreaterThan(0, $result->volume->totalMl());
                self::assertNotSame([], Traces::of($result));
                self::assertNotSame([], $result->phases());
                foreach (StepList::of($result->case) as $step) {
                    self::assertNotSame('', English::say($step->title));
                    self::assertSame($step->isOwn, English::say($step->how) === '');
                }
            }
            $computed++;
        }
        self::assertGreaterThan(Draws::of($tries) / 10, $refused);
        self::assertGreaterThan(Draws::of($tries) / 20, $computed);
    }

    /** Puts something strange, or an extreme of a range, at some place of the plan. */
    private function mangle(stdClass $plan): void
    {
        $place = $plan;
        while (true) {
            $fields = array_keys(get_object_vars($place));
            if ($fields === []) {
                return;
            }
            $field = $fields[array_rand($fields)];
            $value = $place->{$field};
            $next = is_array($value) ? ($value === [] ? null : $value[array_rand($value)]) : $value;
            if ($next instanceof stdClass && mt_rand(0, 9) > 0) {
                $place = $next;

                continue;
            }
            if (mt_rand(0, 5) === 0) {
                unset($place->{$field});
            } else {
                $place->{$field} = self::strange();
            }

            return;
        }
    }

    private static function strange(): mixed
    {
        $values = [null, true, false, '', ' ', 'x', 'all', 0, -1, 1, 2.5, 0.01, 0.1, 1e-300, 1e308, INF, 100, 500, 10_000, 600_000, -10, 60, [], [1], [[]], new stdClass, (object) ['a' => 1], ['top', 'left']];

        return $values[array_rand($values)];
    }
}
