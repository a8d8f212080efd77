<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Judging\BatchAdvisor;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\RandomPlans;
use PHPUnit\Framework\TestCase;

/** Every rule is asked, and what is gravest is said first. */
final class AdvisorsTest extends TestCase
{
    public function test_every_rule_has_its_line_in_an_advisor(): void
    {
        $asked = implode('', array_map(static fn (string $advisor): string => (string) file_get_contents(self::room()."/$advisor.php"), ['CoatAdvisor', 'BatchAdvisor']));
        $rules = array_filter(
            array_map(static fn (string $path): string => basename($path, '.php'), glob(self::room().'/*Rule.php') ?: []),
            static fn (string $class): bool => class_exists('OpenGlaze\\Core\\Judging\\'.$class),
        );
        self::assertGreaterThan(25, count($rules));
        foreach ($rules as $rule) {
            self::assertMatchesRegularExpression("/new $rule\\b/", $asked, "nobody asks $rule");
        }
    }

    public function test_stops_come_before_cautions_and_cautions_before_notes(): void
    {
        $graded = 0;
        for ($number = 1; $number <= 60; $number++) {
            try {
                $plan = (new PlanReader)->read(RandomPlans::number($number));
                $coats = (new Planner)->plan($plan);
                $batches = (new BatchPlanner)->plan($plan, $coats);
            } catch (PlanException) {
                continue;
            }
            foreach ([...array_map(CoatAdvisor::advise(...), $coats), ...array_map(BatchAdvisor::advise(...), $batches)] as $advice) {
                $ranks = array_map(static fn (Advice $one): int => $one->level->rank(), $advice);
                $sorted = $ranks;
                sort($sorted);
                self::assertSame($sorted, $ranks, "plan $number");
                $graded += count(array_unique($ranks)) > 1 ? 1 : 0;
            }
        }
        self::assertGreaterThan(20, $graded, 'most have something of two levels to say');
    }

    private static function room(): string
    {
        return __DIR__.'/../../src/Judging';
    }
}
