<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Batch;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Film\Kinetics;
use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Heat\Bath;
use OpenGlaze\Core\Heat\Curing;
use OpenGlaze\Core\Heat\Heating;
use OpenGlaze\Core\Heat\PotLife;
use OpenGlaze\Core\Heat\ResinInCup;
use OpenGlaze\Core\Judging\BatchAdvisor;
use OpenGlaze\Core\Measuring\StraightCup;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use OpenGlaze\Core\Tests\Support\ComputesBatches;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** When each piece out of one cup is poured and spread, and how old the mix is then. */
final class PouringTest extends TestCase
{
    use ChecksValues;
    use ComputesBatches;

    public function test_a_time_that_is_given_moves_the_pours_and_keeps_their_shares(): void
    {
        $plan = self::evening(['size_by' => (object) ['thickness_mm' => 1.6]], ['size_by' => (object) ['thickness_mm' => 0.9]]);
        $of = static function (string $pouring, array $more) use ($plan): BatchResult {
            $plan->batches = [(object) ['id' => 'b', 'coats' => ['coat-1', 'coat-2'], 'pouring' => $pouring, ...$more]];

            return self::computed($plan)[0];
        };
        foreach (['together', 'one_by_one'] as $pouring) {
            $usual = $of($pouring, []);
            foreach ([0.5, 1.7] as $share) {
                $given = $of($pouring, ['emptied_min' => $usual->standing->emptiedMin * $share]);
                foreach ($usual->turns as $at => $turn) {
                    $now = $given->turns[$at]->times;
                    self::assertEqualsWithDelta([$turn->times->fromMin * $share, $turn->times->pouredMin * $share], [$now->fromMin, $now->pouredMin], 1e-9);
                    self::assertEqualsWithDelta($given->standing->run?->ageAt($now->pouredMin), $now->ageMin, 1e-9);
                    $waits = $turn->times->spreadMin - $turn->times->pouredMin;
                    self::assertEqualsWithDelta($pouring === 'together' ? $given->standing->emptiedMin + $turn->times->spreadMin - $usual->standing->emptiedMin : $now->pouredMin + $share * $waits, $now->spreadMin, 1e-9);
                }
                self::assertEqualsWithDelta($given->standing->emptiedMin, $pouring === 'together' ? $given->turns[1]->times->pouredMin : $given->turns[1]->times->spreadMin, 1e-9);
            }
        }
    }

    /** Bench Coat, H 333.3: nine tiles of 96.04 cm² and 15.4 ml, 152 g in a ⌀70 mm cup; sixty pendants of 4.9 cm² and 0.6 ml. */
    #[TestWith([9, 'tile', 98.0, 15.4, 152, 70, 23, 'one_by_one', 12.457, 25.19, null, 12.457, null])]
    #[TestWith([9, 'tile', 98.0, 15.4, 152, 70, 23, 'together', 1.696, 23.09, 1.701, 12.457, 12.462])]
    #[TestWith([9, 'tile', 98.0, 15.4, 152, 70, 32, 'one_by_one', 12.457, 34.99, null, 12.457, 23.768])]
    #[TestWith([9, 'tile', 98.0, 15.4, 152, 70, 32, 'together', 1.696, 31.78, null, 12.457, 14.006])]
    #[TestWith([60, 'pendant', 22.1359, 0.6, 42, 50, 23, 'together', 9.090, 24.24, null, null, 61.520])]
    public function test_all_poured_then_all_spread(int $pieces, string $kind, float $sideMm, float $eachMl, float $grams, float $cupMm, float $mixedC, string $pouring, float $emptied, float $celsius, ?float $age, ?float $spread, ?float $spreadAge): void
    {
        $plan = Plans::with(['/studio/temperature_c' => 23, '/pieces/0/kind' => $kind, '/pieces/0/surface' => 'glazed_tile', '/pieces/0/quantity' => $pieces, '/pieces/0/edge_depth_mm' => 0, '/pieces/0/coated_edges' => 'none',
            '/pieces/0/outline' => (object) ['shape' => 'rectangle', 'width_mm' => $sideMm, 'height_mm' => $sideMm],
            '/coats/0/containment' => 'held', '/coats/0/size_by' => (object) ['ml_per_piece' => $eachMl], '/resins/0/heat_kj_kg' => 333.3]);
        $density = (2 * 1.14 + 0.98) / 3;
        $plan->studio->margin_pct = 100 * ($grams / $density / ($pieces * $eachMl) - 1);
        $plan->batches = [(object) ['id' => 'b', 'coats' => ['flood'], 'cup_diameter_mm' => $cupMm, 'mixed_at_c' => $mixedC, 'pouring' => $pouring, 'residue_ml_per_cup' => 0]];
        $batch = self::computed($plan)[0];
        $times = $batch->turns[0]->times;
        self::assertWithin(0.05, $grams, $batch->mixed->portions->totalG());
        self::assertClosed($emptied, $batch->standing->emptiedMin);
        self::assertEqualsWithDelta($celsius, $batch->standing->emptiedC(), 0.02);
        self::assertWithin(0.1, $eachMl, $batch->turns[0]->eachMl);
        foreach ([[$age, $times->ageMin], [$spread, $times->spreadMin], [$spreadAge, $times->spreadAgeMin]] as [$wanted, $is]) {
            if ($wanted !== null) {
                self::assertWithin(0.1, $wanted, $is);
            }
        }
    }

    public function test_the_usual_order_is_together_for_sets_and_one_by_one_for_effects_and_single_pieces(): void
    {
        $pouring = static fn (int $pieces, array $more = [], array $batch = []): string => self::batch($batch, ['/pieces/0/quantity' => $pieces, ...$more])->timing->pouring->value;
        self::assertSame(['one_by_one', 'together', 'one_by_one'], [$pouring(1), $pouring(2), $pouring(2, [], ['counts' => (object) ['flood' => 1]])]);
        foreach (['ribbons', 'stripes', 'cups', 'drops', 'lines', 'lacing'] as $laying) {
            self::assertSame(['one_by_one', 'together'], [$pouring(6, ['/coats/0/laying' => $laying]), $pouring(6, ['/coats/0/laying' => $laying], ['pouring' => 'together'])]);
        }
        self::assertSame('one_by_one', $pouring(6, ['/coats/0/parts' => [(object) ['colour' => 'blue', 'share_pct' => 60], (object) ['colour' => 'white', 'share_pct' => 40, 'laying' => 'drops']]]));
        self::assertSame('one_by_one', $pouring(6, [], ['pouring' => 'one_by_one']));
    }

    public function test_without_heat_it_ages_by_the_room_and_nothing_is_silent(): void
    {
        $poly = ['/resins/0/family' => 'polyester', '/resins/0/catalyst' => [(object) ['depth_mm' => 1, 'pct' => 2], (object) ['depth_mm' => 5, 'pct' => 1]], '/resins/0/ratio' => new Gone, '/resins/0/open_min' => 12, '/pieces/0/outline' => (object) ['shape' => 'circle', 'diameter_mm' => 60]];
        $rate = Plans::computed($poly)->film->flowing->rate;
        $batch = self::batch(['emptied_min' => 10], $poly);
        self::assertEqualsWithDelta(10 * $rate, $batch->standing->emptiedAgeMin, 1e-9);
        self::assertNull($batch->standing->run);
        foreach ([[5, null], [9.4 / $rate, 'spread_longer_than_open_time'], [20 / $rate, 'past_open_time'], [30 / $rate, 'gelled']] as [$emptied, $code]) {
            $codes = array_keys(array_intersect_key(self::codes(self::batch(['emptied_min' => $emptied, 'pouring' => 'together'], $poly)), ['spread_longer_than_open_time' => 1, 'past_open_time' => 1, 'gelled' => 1]));
            self::assertSame($code === null ? [] : [$code], $codes, "emptied after $emptied");
        }
    }

    public function test_a_mixed_cup_in_a_bath_gains_flow_and_loses_time(): void
    {
        $curing = new Curing(new Kinetics(45, 23, 1.1, 25, 55, 65), 240);
        $cup = static fn (?Bath $bath): ResinInCup => new ResinInCup(150 / 1.1, 1100, new StraightCup(70), Temperatures::steady(23), 23, bath: $bath);
        $run = Heating::inCup($curing, $cup(new Bath(5, 10, 40)), 60);
        self::assertWithin(0.5, 38.815, $run->celsiusAt(10));
        self::assertWithin(0.5, 15.923, $run->ageAt(10));
        self::assertWithin(0.5, 17.29, PotLife::minutes($curing, $cup(new Bath(5, 10, 40))));
        self::assertWithin(0.5, 31.59, PotLife::minutes($curing, $cup(null)));
        $said = array_column(array_map(static fn (Advice $one): array => [$one->code, English::say($one->said)], BatchAdvisor::advise(self::batch(['cup_diameter_mm' => 70, 'bath' => (object) ['from_min' => 5, 'to_min' => 10, 'bath_c' => 40]]))), 1, 0);
        self::assertStringContainsString('Out of the bath it is at 3', $said['warm_bath']);
        self::assertArrayHasKey('/batches/0/bath/to_min', Plans::faults(['/batches' => [(object) ['id' => 'b', 'coats' => ['coat-1'], 'bath' => (object) ['from_min' => 5, 'to_min' => 5, 'bath_c' => 40]]]], []));
    }
}
