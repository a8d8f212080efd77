<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Stock;

use DateTimeImmutable;
use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Stock\Lot;
use OpenGlaze\Core\Stock\StockAdvisor;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

final class StockAdvisorTest extends TestCase
{
    public function test_what_is_left_says_what_could_still_be_coated(): void
    {
        $batch = self::batch();
        self::assertSame([], self::advised([new Lot('L1', leftAMl: $batch->mixed->portions->aMl, leftBMl: $batch->mixed->portions->bMl)]));
        $half = self::advised([new Lot('L1', leftAMl: $batch->mixed->portions->aMl * 0.55, leftBMl: $batch->mixed->portions->bMl)]);
        self::assertSame(['short_on_shelf'], array_column($half, 'code'));
        self::assertStringContainsString('2 of 4 Autumn sky', English::say($half[0]->said));
        self::assertStringContainsString('0 of 4', English::say(self::advised([new Lot('L1', leftAMl: 10, leftBMl: 1)])[0]->said));
    }

    public function test_the_part_that_runs_out_first_decides(): void
    {
        $batch = self::batch();
        self::assertEqualsWithDelta(0.25, StockAdvisor::shareAtHand($batch, [new Lot('L1', leftAMl: $batch->mixed->portions->aMl, leftBMl: $batch->mixed->portions->bMl / 4)]), 1e-9);
        self::assertEqualsWithDelta(0.5, StockAdvisor::shareAtHand($batch, [new Lot('L1', leftAMl: $batch->mixed->portions->aMl / 2)]), 1e-9, 'B was not written down');
        self::assertNull(StockAdvisor::shareAtHand($batch, [new Lot('L1')]));
        self::assertNull(StockAdvisor::shareAtHand($batch, []));
    }

    public function test_a_lot_is_good_on_its_last_day_and_not_after(): void
    {
        foreach (['2026-05-31' => 0, '2026-06-01' => 1] as $day => $advised) {
            self::assertCount($advised, StockAdvisor::advise(self::batch(), [new Lot('L7', bestBefore: new DateTimeImmutable('2026-05-31 00:00'))], new DateTimeImmutable("$day 18:00")));
        }
    }

    public function test_two_lots_in_one_cup_are_named(): void
    {
        $advice = self::advised([new Lot('L0', leftAMl: 0.0), new Lot('L1', leftAMl: 300, leftBMl: 4000), new Lot('L2', leftAMl: 4000, leftBMl: 4000), new Lot('L3')]);
        self::assertSame(['two_lots'], array_column($advice, 'code'));
        self::assertStringContainsString('L1 and L2', English::say($advice[0]->said));
    }

    /**
     * @param  list<Lot>  $lots
     * @return list<Advice>
     */
    private static function advised(array $lots): array
    {
        return StockAdvisor::advise(self::batch(), $lots, new DateTimeImmutable('2026-05-01'));
    }

    private static function batch(): BatchResult
    {
        $plan = (new PlanReader)->read(Plans::with(['/pieces/0/quantity' => 4, '/batches' => [(object) ['id' => 'b', 'coats' => ['flood']]]]));

        return (new BatchPlanner)->plan($plan, (new Planner)->plan($plan))[0];
    }
}
