<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Heat;

use OpenGlaze\Core\Film\Kinetics;
use OpenGlaze\Core\Film\SteadyFilmClock;
use OpenGlaze\Core\Film\TemperaturePoint;
use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Heat\Base;
use OpenGlaze\Core\Heat\Curing;
use OpenGlaze\Core\Heat\LabelEvidence;
use OpenGlaze\Core\Heat\LayerHeat;
use OpenGlaze\Core\Heat\LayerHeating;
use OpenGlaze\Core\Heat\LayerRun;
use OpenGlaze\Core\Heat\Lifts;
use OpenGlaze\Core\Heat\PouredLayer;
use OpenGlaze\Core\Heat\SelfHeating;
use OpenGlaze\Core\Heat\Slab;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use OpenGlaze\Core\Tests\Support\Draws;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A layer that warms itself on its base. */
final class LayerTest extends TestCase
{
    use ChecksValues;

    private const DENSITY = 1100.0;

    /** @param  list<float>  $peaks  °C of each lift */
    #[TestWith([4, 1.6, 23, Base::Wood, [26.0]])]
    #[TestWith([4, 1.6, 23, Base::Canvas, [25.6]])]
    #[TestWith([4, 1.6, 23, Base::Stone, [25.4]])]
    #[TestWith([4, 3, 23, Base::Wood, [30.0]])]
    #[TestWith([4, 3, 23, Base::Stone, [28.4]])]
    #[TestWith([4, 6, 23, Base::Wood, [54.2]])]
    #[TestWith([4, 6, 23, Base::Canvas, [70.3]])]
    #[TestWith([4, 6, 23, Base::Stone, [40.2]])]
    #[TestWith([4, 6, 23, Base::Metal, [46.3]])]
    #[TestWith([4, 6, 23, Base::Mould, [46.4]])]
    #[TestWith([4, 5, 28, Base::Canvas, [99.1]])]
    #[TestWith([4, 5, 28, Base::Wood, [65.1]])]
    #[TestWith([4, 5, 28, Base::Stone, [47.4]])]
    #[TestWith([12, 12, 23, Base::Wood, [41.1]])]
    #[TestWith([12, 16, 23, Base::Wood, [80.1]])]
    #[TestWith([12, 16, 23, Base::Stone, [48.0]])]
    #[TestWith([12, 16, 23, Base::Mould, [66.8]])]
    #[TestWith([12, 20, 23, Base::Stone, [86.1]])]
    #[TestWith([24, 24, 23, Base::Mould, [49.9]])]
    #[TestWith([12, 12, 23, Base::Wood, [41.1, 42.7]])]
    #[TestWith([24, 20, 23, Base::Mould, [37.7, 41.9]])]
    public function test_the_check_values(float $recoatH, float $mm, float $celsius, Base $base, array $peaks): void
    {
        $runs = LayerHeating::peaks(self::curing($recoatH), self::layer($mm, $celsius, $base->slabs(), new Lifts(count($peaks), 60 * $recoatH)));
        self::assertCount(count($peaks), $runs);
        foreach ($peaks as $lift => $peak) {
            // far closer than the 4 % that are asked
            self::assertEqualsWithDelta($peak - $celsius, $runs[$lift]->peakC - $celsius, 0.02 * ($peak - $celsius) + 0.06);
        }
    }

    #[TestWith([6, 4, 294.5])]
    #[TestWith([10, 4, 206.9])]
    #[TestWith([20, 12, 221.7])]
    #[TestWith([50, 24, 166.4])]
    public function test_a_labels_depth_says_how_much_heat_its_layers_make(float $mm, float $recoatH, float $heat): void
    {
        self::assertWithin(0.5, $heat, LayerHeat::kJKg(self::curing($recoatH), $mm, self::DENSITY));
    }

    public function test_what_stays_cool_at_its_labels_depth_makes_what_is_assumed_and_none_less_than_twenty(): void
    {
        self::assertSame(350.0, LayerHeat::kJKg(self::curing(4), 3, self::DENSITY));
        self::assertSame(20.0, LayerHeat::kJKg(self::curing(1, referenceC: 57), 50, self::DENSITY), 'it is poured hotter than that');
        self::assertSame(12.0, LayerHeat::kJKg(self::curing(1, referenceC: 57)->withHeat(12), 50, self::DENSITY), 'a label that says less is believed');
    }

    #[TestWith([45, 4, 12, 333.3, 4, 2, Base::Wood, 41.7, 10.56])]
    #[TestWith([45, 4, 12, 333.3, 3, 2, Base::Wood, 43.2, 11.34])]
    #[TestWith([45, 4, 12, 333.3, 3, 2, Base::Stone, 43.6, 11.48])]
    #[TestWith([130, 12, 30, 221.7, 12, 10, Base::Wood, 128.1, 29.17])]
    #[TestWith([130, 12, 30, 221.7, 20, 10, Base::Mould, 123.1, 24.91])]
    public function test_by_its_own_heat_it_sets_sooner(float $openMin, float $recoatH, float $toH, float $heat, float $mm, float $labelMm, Base $base, float $opensMin, float $shutsH): void
    {
        $curing = self::curing($recoatH, $openMin)->withHeat($heat);
        [$opens, $shuts] = self::ownHeat($curing, self::layer($mm, 23, $base->slabs()), $labelMm, [$openMin, 60 * $toH], new SteadyFilmClock($curing->kinetics, 23, 0.0));
        self::assertWithin(0.5, $opensMin, $opens);
        self::assertWithin(0.5, $shutsH, $shuts / 60);
    }

    /** Random layers: what may never be hotter is not. */
    public function test_thicker_is_never_cooler_a_better_conductor_never_hotter_two_lifts_never_hotter_than_one(): void
    {
        mt_srand(216);
        for ($draw = 0; $draw < Draws::of(6); $draw++) {
            $curing = self::curing(self::between(1, 24), self::between(10, 120))->withHeat(self::between(60, 350));
            [$mm, $celsius] = [exp(self::between(log(0.5), log(12))), self::between(14, 30)];
            $slab = new Slab(self::between(0.001, 0.02), self::between(0.05, 2), self::between(0.5e6, 3e6));
            $peak = fn (float $mm, Slab $slab, int $lifts = 1): float => max(array_map(
                static fn (LayerRun $run): float => $run->peakC,
                LayerHeating::peaks($curing, self::layer($mm, $celsius, [$slab], new Lifts($lifts, 60 * $curing->halfAgeMin)), 130.0),
            ));
            $one = $peak($mm, $slab);
            $near = 0.02 * ($one - $celsius) + 0.05;
            self::assertGreaterThanOrEqual($celsius - 1e-6, $one);
            self::assertGreaterThanOrEqual($one - $near, $peak(1.3 * $mm, $slab), "$draw: thicker");
            self::assertLessThanOrEqual($one + $near, $peak($mm, new Slab($slab->depthM, 3 * $slab->conductivity, $slab->heatCapacity)), "$draw: a better conductor");
            self::assertLessThanOrEqual($one + $near, $peak($mm / 2, $slab, 2), "$draw: two lifts");
        }
    }

    public function test_a_warmer_room_and_an_older_mix_never_peak_lower_nor_a_cooling_room_higher(): void
    {
        $peak = static fn (PouredLayer $layer): float => LayerHeating::peaks(self::curing(4), $layer)[0]->peakC;
        foreach ([0.5, 3.0, 5.0] as $mm) {
            $here = $peak(self::layer($mm, 23, Base::Wood->slabs()));
            self::assertGreaterThan($here, $peak(self::layer($mm, 26, Base::Wood->slabs())));
            $cooling = Temperatures::through([new TemperaturePoint(0, 23), new TemperaturePoint(2, 10)]);
            self::assertLessThan($here, $peak(new PouredLayer($mm, self::DENSITY, Base::Wood->slabs(), $cooling)));
            self::assertLessThan($here, $peak(new PouredLayer($mm, self::DENSITY, Base::Wood->slabs(), Temperatures::steady(23), 12.0)), 'a cold base');
        }
    }

    public function test_what_loses_no_heat_keeps_all_of_it(): void
    {
        // nothing below and next to nothing above: it warms by conversion × H/c
        $layer = new PouredLayer(4.0, self::DENSITY, [new Slab(1e-6, 1.0, 1.0)], Temperatures::steady(21), airWM2K: 1e-6);
        self::assertEqualsWithDelta(40_000 / 1900, LayerHeating::peaks(self::curing(4)->withHeat(40), $layer)[0]->peakC - 21, 0.05);
    }

    public function test_no_layer_sets_later_than_by_the_room_alone(): void
    {
        $curing = self::curing(4)->withHeat(30);
        $clock = new SteadyFilmClock($curing->kinetics, 19, 8.0);
        $own = self::ownHeat($curing, new PouredLayer(3.0, self::DENSITY, Base::Stone->slabs(), Temperatures::steady(19), null, 8.0), 1.6, [45.0, 720.0], $clock);
        foreach ([45.0, 720.0] as $at => $age) {
            self::assertLessThanOrEqual($clock->minutesToAge($age), $own[$at]);
            self::assertGreaterThan(0.95 * $clock->minutesToAge($age), $own[$at]);
        }
    }

    /** Minutes to come within e⁻¹ of the room. */
    public function test_how_slowly_each_base_comes_to_the_room(): void
    {
        foreach (['wood' => 18.0, 'canvas' => 1.75, 'stone' => 16.67, 'metal' => 7.5, 'mould' => 23.66] as $base => $minutes) {
            self::assertWithin(0.05, $minutes, Base::from($base)->timeConstantMin());
        }
        self::assertWithin(0.05, 36.0, Base::Wood->timeConstantMin(36.0));
    }

    /**
     * @param  non-empty-list<float>  $labelAges
     * @return list<float>
     */
    private static function ownHeat(Curing $curing, PouredLayer $layer, float $labelMm, array $labelAges, SteadyFilmClock $clock): array
    {
        return (new SelfHeating($curing, self::DENSITY, $layer->room, new LabelEvidence(null, null, null), 10.0, 0.2))->ownHeatMin($layer, $labelMm, $labelAges, $clock);
    }

    private static function between(float $low, float $high): float
    {
        return $low + ($high - $low) * mt_rand() / mt_getrandmax();
    }

    /** @param  non-empty-list<Slab>  $base */
    private static function layer(float $mm, float $celsius, array $base, Lifts $lifts = new Lifts): PouredLayer
    {
        return new PouredLayer($mm, self::DENSITY, $base, Temperatures::steady($celsius), lifts: $lifts);
    }

    private static function curing(float $recoatH, float $openMin = 45.0, float $referenceC = 23.0): Curing
    {
        return new Curing(new Kinetics($openMin, $referenceC, 1.1, 25, 55, 65), 60 * $recoatH);
    }
}
