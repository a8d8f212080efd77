<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Run;

use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Before\Check;
use OpenGlaze\Core\Before\Checks;
use OpenGlaze\Core\Coating\AllowedHeat;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Run\Act;
use OpenGlaze\Core\Run\ActKind;
use OpenGlaze\Core\Run\Acts;
use OpenGlaze\Core\Run\Gloves;
use OpenGlaze\Core\Run\Later;
use OpenGlaze\Core\Run\Pooling;
use OpenGlaze\Core\Run\ShortOfResin;
use OpenGlaze\Core\Run\ToppingUp;
use OpenGlaze\Core\Tests\Support\Draws;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\RandomPlans;
use PHPUnit\Framework\TestCase;

/** What holds for the acts of any film of any plan. */
final class ActLawsTest extends TestCase
{
    private const PLANS = 60;

    public function test_nothing_but_wipes_and_covers_comes_after_closing(): void
    {
        foreach ($this->coats() as $what => $coat) {
            foreach (Acts::of($coat) as $act) {
                self::assertGreaterThanOrEqual(0.0, $act->dueMin, $what);
                self::assertGreaterThan(0.0, $act->lastsMin, $what);
                if (! in_array($act->kind, [ActKind::Wipe, ActKind::Cover], true)) {
                    self::assertLessThanOrEqual($coat->film->torch->closesMin + 1e-9, $act->dueMin, "$act->id of $what");
                    self::assertLessThanOrEqual($coat->film->torch->closesMin + 1e-9, $act->untilMin, "$act->id of $what");
                }
            }
        }
    }

    public function test_the_cover_comes_last_and_each_act_has_a_name_of_its_own_and_says_how(): void
    {
        foreach ($this->coats() as $what => $coat) {
            $acts = Acts::of($coat);
            self::assertSame(ActKind::Cover, end($acts)->kind, $what);
            self::assertCount(count($acts), array_unique(array_map(static fn (Act $act): string => $act->id, $acts)), $what);
            foreach ($acts as $act) {
                self::assertDoesNotMatchRegularExpression('/acts\.|:[a-z]+\b/', English::say($act->title).English::say($act->how), "$act->id of $what");
            }
        }
    }

    public function test_a_flame_wants_clean_hands_and_is_never_over_what_forbids_it(): void
    {
        foreach ($this->coats() as $what => $coat) {
            $tool = $coat->film->torch->tool;
            $allowed = AllowedHeat::over($coat->case);
            if (! $allowed->isFlame()) {
                self::assertNotSame(HeatTool::Flame, $tool, $what);
            }
            if ($allowed->vapoursBurn()) {
                self::assertFalse($tool->lightsVapours(), $what);
            }
            if ($tool === HeatTool::Flame) {
                self::assertSame(Gloves::Clean, ActKind::Pass->gloves($tool));
            }
            self::assertContains($tool, [HeatTool::None, $allowed->hottest, ...$allowed->hottest->others()], $what);
        }
    }

    public function test_what_is_added_never_makes_a_film_thinner_and_what_is_missing_never_thicker(): void
    {
        foreach ($this->coats() as $what => $coat) {
            $pieces = $coat->case->piece->quantity;
            $before = ToppingUp::thicknessMm($coat, 1.0, 1.0, $pieces);
            $after = ToppingUp::thicknessMm($coat, 1.0, 50.0, $pieces);
            self::assertSame($before === null, $after === null, $what);
            self::assertGreaterThanOrEqual($before ?? 0.0, $after ?? 0.0, $what);
            $short = ShortOfResin::of($coat, 10.0, $pieces, 1.0);
            if ($short->stretchedMm !== null) {
                self::assertLessThanOrEqual($short->askedMm, $short->stretchedMm, $what);
                self::assertGreaterThanOrEqual(0.0, $short->stretchedMm, $what);
            }
            self::assertGreaterThan(10.0, $short->mix->totalMl(), "$what: with what its cup keeps");
            $pool = Pooling::of($coat, 2 * ($coat->case->askedMm() ?? $coat->case->filmMm() ?? 1.0), 0.2, 1.0);
            self::assertTrue($pool === null || $pool->takeOffMl > 0, $what);
        }
    }

    public function test_what_comes_later_comes_in_its_order_and_ends_when_it_can_be_handled(): void
    {
        foreach ($this->coats() as $what => $coat) {
            $handle = $coat->windows->handleH === null ? null : 60 * $coat->windows->handleH;
            foreach (Later::of($coat) as $one) {
                self::assertTrue($one->toMin === null || $one->toMin >= $one->fromMin, "$one->what of $what");
                if ($one->what === Later::UNTOUCHED) {
                    self::assertSame([0.0, $handle], [$one->fromMin, $one->toMin], $what);
                }
            }
        }
    }

    public function test_every_evening_has_its_checks_each_once_and_all_can_be_said(): void
    {
        for ($number = 1; $number <= Draws::of(self::PLANS); $number++) {
            try {
                $plan = (new PlanReader)->read(RandomPlans::number($number));
                $batches = (new BatchPlanner)->plan($plan, (new Planner)->plan($plan));
            } catch (PlanException) {
                continue;
            }
            $checks = Checks::of($batches);
            $ids = array_map(static fn (Check $check): string => $check->id, $checks);
            self::assertSame(array_unique($ids), $ids, "plan $number");
            self::assertSame(['dust', 'air'], array_slice($ids, 0, 2), "plan $number: door and air first");
            self::assertLessThan(2, count(array_intersect(['flame'], $ids)));
            foreach ($checks as $check) {
                self::assertDoesNotMatchRegularExpression('/checks\.|steps\.|:[a-z]+\b/', English::say($check->title).English::say($check->how), "$check->id of plan $number");
            }
        }
    }

    /** @return iterable<string, CoatResult> */
    private function coats(): iterable
    {
        for ($number = 1; $number <= Draws::of(self::PLANS); $number++) {
            try {
                $coats = (new Planner)->plan((new PlanReader)->read(RandomPlans::number($number)));
            } catch (PlanException) {
                // what cannot be computed has no acts
                continue;
            }
            foreach ($coats as $at => $coat) {
                yield "coat $at of plan $number" => $coat;
            }
        }
    }
}
