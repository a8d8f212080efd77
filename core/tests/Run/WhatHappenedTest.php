<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Run;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Journal\Mishap;
use OpenGlaze\Core\Journal\SubjectKind;
use OpenGlaze\Core\Run\Act;
use OpenGlaze\Core\Run\ActKind;
use OpenGlaze\Core\Run\ByAge;
use OpenGlaze\Core\Run\EffectOil;
use OpenGlaze\Core\Run\Pooling;
use OpenGlaze\Core\Run\ShortOfResin;
use OpenGlaze\Core\Run\ToppingUp;
use OpenGlaze\Core\Run\WhatToDo;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a film wants because of what was added to it, touched in, or happened to it. */
final class WhatHappenedTest extends TestCase
{
    public function test_a_hair_is_picked_at_once_while_the_film_heals_and_left_later(): void
    {
        $sequel = WhatToDo::sequel(Mishap::Hair, 'one', 12.0, 40.0, 90.0);
        self::assertSame([['hair-one', ActKind::Pick, 12.0, 40.0]], array_map(static fn (Act $act): array => [$act->id, $act->kind, $act->dueMin, $act->untilMin], $sequel->acts));
        self::assertSame([], WhatToDo::sequel(Mishap::Hair, 'two', 40.0, 40.0, 90.0)->acts);
    }

    public function test_a_leak_is_sealed_and_looked_at_again_after_the_film_has_closed_too(): void
    {
        $acts = WhatToDo::sequel(Mishap::Leak, 'one', 50.0, 40.0, 90.0)->acts;
        self::assertSame([ActKind::Mend, ActKind::Look], array_column($acts, 'kind'));
        self::assertSame([50.0, 60.0], array_column($acts, 'dueMin'));
        self::assertSame([], WhatToDo::sequel(Mishap::Leak, 'two', 90.0, 40.0, 90.0)->acts, 'what has gelled runs no more');
    }

    #[DataProvider('mishaps')]
    public function test_each_says_what_to_do_now_and_what_it_happens_to(Mishap $mishap): void
    {
        self::assertGreaterThanOrEqual(2, count(WhatToDo::now($mishap)));
        self::assertContains($mishap->of(), [SubjectKind::Film, SubjectKind::Cup, SubjectKind::Lot]);
    }

    /** @return iterable<string, array{Mishap}> */
    public static function mishaps(): iterable
    {
        foreach (Mishap::cases() as $mishap) {
            yield $mishap->value => [$mishap];
        }
    }

    public function test_oil_is_watched_ten_minutes_later_unless_the_film_has_closed_by_then(): void
    {
        $acts = EffectOil::sequel('one', 8.0, 40.0)->acts;
        self::assertSame([18.0], array_column($acts, 'dueMin'));
        self::assertLessThanOrEqual(15.0, $acts[0]->dueMin + $acts[0]->kind->lateByMin() - 8.0, 'looked at within 10 to 15 minutes');
        self::assertSame([], EffectOil::sequel('two', 30.0, 40.0)->acts);
    }

    public function test_what_came_in_between_comes_by_the_age_that_the_film_gains_since(): void
    {
        [$planned, $cold] = [Plans::computed()->case->clock, Plans::computed(['/studio/temperature_c' => 15])->case->clock];
        $by = new ByAge($planned, $cold);
        self::assertEqualsWithDelta(8 + 10 * $planned->rate() / $cold->rate(), $by->dueMin(8.0, 18.0), 1e-9);
        self::assertSame(8.0, $by->dueMin(8.0, 8.0), 'what is due at once is');
        self::assertEqualsWithDelta($cold->minutesToAge(45), $by->untilMin($planned->minutesToAge(45)), 1e-9);
        self::assertEqualsWithDelta(18.0, (new ByAge($planned, $planned))->dueMin(8.0, 18.0), 1e-9, 'as planned in the room that was planned with');
        $night = Plans::computed(['/studio/temperature_c' => null, '/studio/temperatures' => [(object) ['at_h' => 0, 'c' => 21], (object) ['at_h' => 1, 'c' => 15]]])->case->clock;
        $due = array_map(static fn (float $min): float => (new ByAge($planned, $night))->dueMin(5.0, $min), [5.0, 10.0, 20.0, 40.0]);
        self::assertSame([0.0, 5.0, 15.0, 35.0], array_map(static fn (float $min, float $due): float => min($min, $due - 5.0), [0.0, 5.0, 15.0, 35.0], $due), 'never sooner in a room that cools');
    }

    public function test_what_is_added_lies_on_what_is_still_there_of_a_film_that_runs_over(): void
    {
        $poured = Plans::computed();
        $area = $poured->case->volume->coveredMm2;
        $before = null;
        foreach ([0.0, 5.0, 20.0, 60.0] as $min) {
            $mm = ToppingUp::thicknessMm($poured, $min, 30.0, 1);
            self::assertNotNull($mm);
            self::assertGreaterThan(30_000 / $area, $mm);
            self::assertLessThanOrEqual($before ?? INF, $mm, 'more has run over by then');
            $before = $mm;
        }
        self::assertEqualsWithDelta(1.76 + 30_000 / $area, ToppingUp::thicknessMm($poured, 0.0, 30.0, 1), 1e-9);
        self::assertNull(ToppingUp::thicknessMm($poured, $poured->film->flowing->flowsUntilMin, 30.0, 1), 'nothing flows together any more');
        $held = Plans::computed(['/pieces/0/coated_edges' => 'none', '/coats/0/containment' => 'held']);
        self::assertEqualsWithDelta(1.6 + 30_000 / $held->case->volume->coveredMm2, ToppingUp::thicknessMm($held, 30.0, 30.0, 1), 1e-9, 'a held film keeps what it has');
    }

    public function test_one_more_pass_comes_with_it_and_wipes_for_the_film_as_it_then_is(): void
    {
        $is = $this->toppedUp(10.0);
        $sequel = ToppingUp::sequel($is, 'one', 10.0, false);
        self::assertSame([ActKind::Wipe, ActKind::Cover], $sequel->insteadOf);
        $passes = array_values(array_filter($sequel->acts, static fn (Act $act): bool => $act->kind === ActKind::Pass));
        self::assertCount(1, $passes);
        self::assertEqualsWithDelta(10.0 + $is->film->torch->passesMin[0], $passes[0]->dueMin, 1e-9);
        self::assertEqualsWithDelta(10.0 + $is->film->torch->closesMin, $passes[0]->untilMin, 1e-9);
        $wipes = array_column(array_filter($sequel->acts, static fn (Act $act): bool => $act->kind === ActKind::Wipe), 'dueMin');
        self::assertEqualsWithDelta(array_map(static fn (float $min): float => 10.0 + $min, $is->edge->wipesMin ?? []), $wipes, 1e-9);
        self::assertSame([], array_filter($sequel->acts, static fn (Act $act): bool => $act->dueMin < 10.0));
    }

    public function test_no_pass_is_added_where_one_is_still_to_come_or_eight_minutes_are_not_left(): void
    {
        $passes = static fn (CoatResult $is, float $at, bool $comes): array => array_filter(ToppingUp::sequel($is, 'one', $at, $comes)->acts, static fn (Act $act): bool => $act->kind === ActKind::Pass);
        self::assertSame([], $passes($this->toppedUp(10.0), 10.0, true));
        $closes = Plans::computed()->film->torch->closesMin;
        self::assertSame([], $passes($this->toppedUp($closes - 7.9), $closes - 7.9, false));
    }

    public function test_who_is_short_hears_what_the_film_becomes_and_what_the_rest_takes(): void
    {
        $result = Plans::computed();
        $short = ShortOfResin::of($result, 50.0, 1, 0.0);
        self::assertEqualsWithDelta(1.76 - 50_000 / $result->case->volume->coveredMm2, $short->stretchedMm, 1e-9);
        self::assertTrue($short->stretchLevels());
        // with what one cup keeps, and the margin
        self::assertEqualsWithDelta((50 + 3) * 1.05, $short->mix->totalMl(), 1e-9);
        self::assertEqualsWithDelta($result->mix->aG / $result->mix->totalMl(), $short->mix->aG / $short->mix->totalMl(), 1e-12, 'in its ratio');
        self::assertSame(6.0, $short->takesMin, 'two to weigh, three by the label to stir, one to pour together');
        self::assertTrue($short->isMixedInTime());
        self::assertFalse(ShortOfResin::of($result, 50.0, 1, $result->film->flowing->openMin - 5)->isMixedInTime());
        self::assertSame(0.0, ShortOfResin::of($result, 50.0, 1, 10_000)->leftMin);
        self::assertFalse(ShortOfResin::of($result, 5000.0, 1, 0.0)->stretchLevels());
        self::assertSame(0.0, ShortOfResin::of($result, 5000.0, 1, 0.0)->stretchedMm);
    }

    public function test_a_pool_is_as_much_too_much_as_it_stands_too_deep_and_tilts_on_the_longer_the_older_it_is(): void
    {
        $result = Plans::computed();
        $pool = Pooling::of($result, 3.6, 0.25, 0.0);
        self::assertNotNull($pool);
        self::assertEqualsWithDelta(2.0 * $result->case->volume->coveredMm2 * 0.25 / 1000, $pool->takeOffMl, 1e-9);
        self::assertNotNull($pool->tiltMin);
        self::assertGreaterThan($pool->tiltMin, Pooling::of($result, 3.6, 0.25, 15.0)?->tiltMin);
        self::assertNull(Pooling::of($result, 3.6, 0.25, $result->film->flowing->openMin)?->tiltMin, 'it no longer runs');
        self::assertNull(Pooling::of($result, 1.6, 0.25, 0.0), 'no deeper than it was to be');
        self::assertGreaterThan($pool->takeOffMl, Pooling::of($result, 3.6, 0.5, 0.0)?->takeOffMl);
    }

    public function test_a_third_pass_is_discouraged_with_what_it_does(): void
    {
        $how = function (int $passed): string {
            foreach (ToppingUp::sequel($this->toppedUp(10.0), 'one', 10.0, false, $passed)->acts as $act) {
                if ($act->kind === ActKind::Pass) {
                    return English::say($act->how);
                }
            }

            return '';
        };
        self::assertStringNotContainsString('third', $how(1));
        self::assertStringContainsString('a third pass makes dimples', $how(2));
    }

    public function test_of_several_alike_the_same_shortage_thins_each_of_them_less(): void
    {
        $four = Plans::computed(['/pieces/0/quantity' => 4]);
        self::assertGreaterThan(ShortOfResin::of($four, 50.0, 1, 0.0)->stretchedMm, ShortOfResin::of($four, 50.0, 4, 0.0)->stretchedMm);
    }

    /** The example's film, 30 ml added so long after its pour. */
    private function toppedUp(float $atMin): CoatResult
    {
        $poured = Plans::computed();

        return Plans::computed([
            '/coats/0/size_by' => (object) ['thickness_mm' => ToppingUp::thicknessMm($poured, $atMin, 30.0, 1)],
            '/coats/0/runoff_pct' => 0,
            '/coats/0/age_min' => $poured->case->clock->ageAt($atMin),
        ]);
    }
}
