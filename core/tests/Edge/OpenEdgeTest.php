<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Edge;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Edge\DrainingFace;
use OpenGlaze\Core\Edge\EdgeLimit;
use OpenGlaze\Core\Edge\EdgeRun;
use OpenGlaze\Core\Edge\FaceFlow;
use OpenGlaze\Core\Edge\FaceShape;
use OpenGlaze\Core\Edge\LaidToStay;
use OpenGlaze\Core\Edge\RunningFilm;
use OpenGlaze\Core\Edge\WetEdge;
use OpenGlaze\Core\Film\ChangingFilmClock;
use OpenGlaze\Core\Film\FilmClock;
use OpenGlaze\Core\Film\Liquid;
use OpenGlaze\Core\Film\SteadyFilmClock;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What an open film's edge keeps, what runs over it, and when to wipe. */
final class OpenEdgeTest extends TestCase
{
    use ChecksValues;

    /** How round the face of the example drains. */
    private const ROUND = 16 * 254200 / 2060 ** 2;

    public function test_what_an_edge_keeps(): void
    {
        foreach (['0.5' => 1.6049, '1' => 1.4048, '2' => 1.0924, '3' => 0.8724, '6' => 0.5183] as $radius => $keeps) {
            self::assertEqualsWithDelta($keeps, EdgeLimit::mm((float) $radius, 1.83799), 5e-5);
            self::assertEqualsWithDelta((float) $radius, EdgeLimit::radiusMm($keeps, 1.83799), 2e-3);
        }
        self::assertSame(1.83799, EdgeLimit::mm(0.0, 1.83799), 'a sharp edge keeps a capillary length');
        self::assertEqualsWithDelta(0.16751, EdgeLimit::mm(20.0, 1.83799), 1e-5);
        self::assertSame(0.0, EdgeLimit::radiusMm(2.5, 1.83799), 'no edge is as sharp');
    }

    public function test_weight_and_the_pull_of_the_corner_balance(): void
    {
        foreach ([0.0, 0.3, 2.0, 20.0] as $radius) {
            $keeps = EdgeLimit::mm($radius, 1.83799);
            self::assertEqualsWithDelta(1.83799 ** 2, $keeps * ($radius + $keeps), 1e-9);
        }
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  list<float>  $wipes
     */
    #[TestWith([[], 1.3255, 110.44, [10, 20, 30, 40, 50, 66.8, 91.1]])]
    #[TestWith([['/coats/0/age_min' => 20], 1.4719, 73.23, []])]
    #[TestWith([['/studio/temperature_c' => 18], 1.3363, null, [133.5]])]
    #[TestWith([['/coats/0/size_by/thickness_mm' => 1.0], 1.0961, 1.00, [10, 33]])]
    #[TestWith([['/coats/0/size_by/thickness_mm' => 0.8], 0.88, 0.0, [29.2]])]
    #[TestWith([['/pieces/0/kind' => 'board'], 1.4902, 68.57, [81.1]])]
    #[TestWith([['/pieces/0/kind' => 'board', '/pieces/0/edge_depth_mm' => 20, '/pieces/0/outline' => ['shape' => 'circle', 'diameter_mm' => 400]], 1.4575, 38.02, [74.2]])]
    #[TestWith([['/pieces/0/outline' => ['shape' => 'rectangle', 'width_mm' => 1200, 'height_mm' => 300]], 1.2982, 166.2, []])]
    #[TestWith([['/pieces/0/coated_edges' => ['top', 'bottom']], 1.4378, 81.9, []])]
    public function test_the_canvas_of_the_check_values(array $changes, float $stays, ?float $runsOff, array $wipes): void
    {
        $edge = self::canvas(array_map(static fn (mixed $value): mixed => is_array($value) && ! array_is_list($value) ? (object) $value : $value, $changes));
        self::assertEqualsWithDelta($stays, $edge->staysMm, 5e-4 * $stays);
        if ($runsOff !== null) {
            self::assertEqualsWithDelta($runsOff, $edge->runsOffMl, 5e-3 * max(1.0, $runsOff));
        }
        // those that are given, or the last of them
        $are = count($wipes) > 1 ? $edge->wipesMin : array_slice($edge->wipesMin, -1);
        foreach ($wipes as $at => $min) {
            self::assertWithin(0.5, $min, $are[$at]);
        }
        self::assertCount(count($wipes) > 1 ? count($wipes) : count($are), $are);
    }

    public function test_what_stays_on_its_edge_and_what_drips_from_it(): void
    {
        $edge = self::canvas([]);
        self::assertEqualsWithDelta(1.76, $edge->laidMm, 1e-9);
        self::assertEqualsWithDelta(1.0924, $edge->keepsMm, 5e-5);
        self::assertEqualsWithDelta(0.1821, (float) $edge->edgeFilmLeftMm, 2e-4);
        self::assertClosed(115.5, $edge->drippedMl);
    }

    /** Once over the limit, what stays hardly depends on what is laid. */
    #[TestWith([2.0, 1.373])]
    #[TestWith([4.0, 1.498])]
    #[TestWith([20.0, 1.525])]
    public function test_however_much_is_laid(float $laidMm, float $staysMm): void
    {
        self::assertEqualsWithDelta($staysMm, self::canvas(['/coats/0/size_by/thickness_mm' => $laidMm / 1.1])->staysMm, 0.005);
    }

    public function test_a_tile(): void
    {
        $edge = self::canvas(['/pieces/0/kind' => 'tile', '/pieces/0/outline/width_mm' => 98, '/pieces/0/outline/height_mm' => 98, '/pieces/0/edge_depth_mm' => 8]);
        self::assertEqualsWithDelta([1.4048, 3.411], [$edge->staysMm, $edge->runsOffMl], 5e-4);
    }

    public function test_a_film_that_must_stay_is_laid_so_that_it_does(): void
    {
        foreach ([0.5, 1.0, 1.2, 1.3] as $stays) {
            $edge = self::canvas(['/coats/0/size_by' => (object) ['stays_mm' => $stays]]);
            self::assertEqualsWithDelta($stays, $edge->staysMm, 1e-6);
            $laid = $edge->laidMm / $edge->keepsMm;
            self::assertGreaterThanOrEqual($stays - 1e-9, $edge->laidMm);
            if ($laid > 1) {
                $face = self::face($edge->laidMm, 2.0);
                $time = $face->time(self::clock()->mobilityInTheEnd());
                $mean = static fn (FaceShape $shape): float => (new FaceFlow($laid, 160, 0.06, $shape))->to($time)->mean() * $edge->keepsMm;
                $solved = (1 - self::ROUND) * $mean(FaceShape::Straight) + self::ROUND * $mean(FaceShape::Round);
                self::assertEqualsWithDelta($stays, $solved, 2e-4, 'by the solver itself');
            }
        }
        $run = Plans::computed(['/studio/temperature_c' => 23, '/coats/0/size_by' => (object) ['stays_mm' => 1.2]]);
        self::assertEqualsWithDelta($run->edge->laidMm ?? NAN, 1.1 * ($run->case->thicknessMm->value ?? NAN), 1e-9, 'what is poured to run off is part of what is laid');
    }

    public function test_more_than_can_sensibly_stay_is_refused_with_the_most_that_can(): void
    {
        $faults = Plans::faults(['/studio/temperature_c' => 23], ['size_by' => (object) ['stays_mm' => 1.9]]);
        self::assertSame(['/coats/0/size_by'], array_keys($faults));
        self::assertMatchesRegularExpression('/at most about 1\.[45]\d mm/', $faults['/coats/0/size_by']);
        $laid = new LaidToStay(self::draining(2.0), self::liquid(), self::clock()->mobilityInTheEnd());
        $most = $laid->mostMm();
        self::assertStringContainsString(sprintf('at most about %.2f mm', floor($most * 100) / 100), $faults['/coats/0/size_by']);
        self::assertNotNull($laid->laidMm($most - 1e-4));
        self::assertNull($laid->laidMm($most + 1e-4));
        self::assertEqualsWithDelta(0.02, $laid->staysMm(($laid->laidMm($most - 1e-6) ?? NAN) + 1) - $most, 1e-3);
        self::assertArrayHasKey('/coats/0/size_by/stays_mm', Plans::faults([], ['containment' => 'held', 'size_by' => (object) ['stays_mm' => 1.0]]));
    }

    public function test_wipes_gather_at_least_so_much_and_leave_at_most_so_little(): void
    {
        foreach ([12.0, 21.0, 30.0] as $celsius) {
            foreach ([0.4, 1.2, 1.9, 6.0] as $laid) {
                foreach ([0.0, 8.0, 36.0, 120.0] as $depth) {
                    $edge = self::edge($laid, 2.0, $depth, self::clock($celsius));
                    $wipes = EdgeRun::of($edge, 1.0)->wipesMin;
                    $left = static fn (float $min): float => $edge->stillToDripMlPerM($edge->clock->mobilityAfter($min));
                    self::assertEqualsWithDelta(10 / $edge->clock->rate(), $wipes[0], 1e-9);
                    self::assertLessThanOrEqual(0.2 + 1e-5, $left(end($wipes)));
                    for ($at = 1; $at < count($wipes) - 1; $at++) {
                        self::assertGreaterThanOrEqual(10 / $edge->clock->rate() - 1e-9, $wipes[$at] - $wipes[$at - 1]);
                        self::assertGreaterThanOrEqual(1.0 - 1e-4, $left($wipes[$at - 1]) - $left($wipes[$at]));
                    }
                    if (count($wipes) > 2) {
                        self::assertGreaterThanOrEqual(5 / $edge->clock->rate() - 1e-9, $wipes[count($wipes) - 1] - $wipes[count($wipes) - 2]);
                    }
                }
            }
        }
    }

    public function test_what_is_still_to_drip_only_lessens_and_is_all_that_drips_at_first(): void
    {
        foreach ([0.4, 1.2, 1.9, 6.0] as $laid) {
            foreach ([0.0, 5.0, 36.0] as $depth) {
                $edge = self::edge($laid, 2.0, $depth, self::clock());
                $before = $edge->stillToDripMlPerM(0.0);
                // what comes to stand on the edge beyond what was put there does not drip
                self::assertEqualsWithDelta($edge->dripsMlPerM() + $depth * max(0.0, $edge->filmLeftMm() - 0.25), $before, 1e-9);
                for ($share = 0.001; $share <= 1.0; $share *= 1.35) {
                    $left = $edge->stillToDripMlPerM($share * $edge->clock->mobilityInTheEnd());
                    self::assertLessThanOrEqual($before + 1e-6, $left, "$laid mm, $depth mm, $share");
                    self::assertGreaterThanOrEqual(0.0, $left);
                    $before = $left;
                }
                self::assertEqualsWithDelta(0.0, $edge->stillToDripMlPerM($edge->clock->mobilityInTheEnd()), 1e-12);
                foreach ([5.0, 1.0, 0.2] as $wanted) {
                    $min = $edge->minutesUntilLeft($wanted);
                    self::assertEqualsWithDelta(min($wanted, $edge->stillToDripMlPerM(0.0)), $edge->stillToDripMlPerM($edge->clock->mobilityAfter($min)), 1e-5);
                }
            }
        }
    }

    public function test_older_and_thicker_never_more_runs_and_more_laid_never_less_stays(): void
    {
        $runs = INF;
        foreach ([0, 5, 15, 30, 60, 100, 127, 5000] as $age) {
            $edge = self::canvas(['/coats/0/age_min' => $age]);
            self::assertLessThanOrEqual($runs, $edge->runsOffMl);
            self::assertGreaterThanOrEqual(0.0, $edge->runsOffMl);
            $runs = $edge->runsOffMl;
        }
        self::assertSame(0.0, $runs, 'what flows no more runs no more');
        $runs = INF;
        foreach ([0.2, 1.0, 5.0, 900.0] as $paS) {
            $edge = self::canvas(['/resins/0/viscosity_pa_s' => $paS]);
            self::assertLessThan($runs, $edge->runsOffMl);
            $runs = $edge->runsOffMl;
        }
        $stays = 0.0;
        foreach ([0.01, 0.5, 1.1, 1.6, 5, 50, 500] as $mm) {
            $edge = self::canvas(['/coats/0/size_by/thickness_mm' => $mm]);
            self::assertGreaterThanOrEqual($stays * (1 - 1e-5), $edge->staysMm);
            self::assertLessThanOrEqual($edge->laidMm, $edge->staysMm);
            $stays = $edge->staysMm;
        }
    }

    /** @param  array<string, mixed>  $changes */
    #[TestWith([['/pieces/0/edge_radius_mm' => 0]])]
    #[TestWith([['/pieces/0/edge_radius_mm' => 20]])]
    #[TestWith([['/pieces/0/outline' => ['shape' => 'rectangle', 'width_mm' => 2, 'height_mm' => 2]]])]
    #[TestWith([['/pieces/0/edge_depth_mm' => 0]])]
    #[TestWith([['/coats/0/coverage_pct' => 0.1]])]
    #[TestWith([['/pieces/0/coated_edges' => ['top']]])]
    #[TestWith([['/pieces/0/coated_edges' => 1]])]
    #[TestWith([['/coats/0/runoff_pct' => 100, '/coats/0/size_by' => ['thickness_mm' => 500]]])]
    public function test_at_the_ends_of_all_ranges_it_is_a_number(array $changes): void
    {
        $edge = self::canvas(array_map(static fn (mixed $value): mixed => is_array($value) && ! array_is_list($value) ? (object) $value : $value, $changes));
        foreach ([$edge->laidMm, $edge->keepsMm, $edge->staysMm, $edge->runsOffMl, $edge->drippedMl, $edge->edgeFilmLeftMm ?? 0.0, ...$edge->wipesMin] as $figure) {
            self::assertTrue(is_finite($figure) && $figure >= 0);
        }
        self::assertSame(0.0 === ($changes['/pieces/0/edge_depth_mm'] ?? null) || ($changes['/pieces/0/edge_depth_mm'] ?? null) === 0, $edge->edgeFilmLeftMm === null);
    }

    public function test_a_room_that_cools_comes_through_the_flow_that_is_left(): void
    {
        $steady = self::canvas([]);
        $cooling = Plans::computed(['/studio/temperature_c' => 23, '/studio/temperatures' => [(object) ['at_h' => 0, 'c' => 23], (object) ['at_h' => 1, 'c' => 12]]]);
        self::assertInstanceOf(ChangingFilmClock::class, $cooling->case->clock);
        $run = $cooling->edge ?? self::fail('nothing runs');
        self::assertEqualsWithDelta(
            self::face($run->laidMm, 2.0)->meanMm($cooling->case->clock->mobilityInTheEnd()),
            $run->staysMm, 1e-9,
        );
        self::assertGreaterThan($steady->lastWipeMin(), $run->lastWipeMin(), 'in the cold it goes on for longer');
    }

    public function test_where_nothing_is_coated_nothing_is_told_and_nothing_is_poured_to_run_off(): void
    {
        foreach ([['/pieces/0/coated_edges' => 'none'], ['/coats/0/containment' => 'dammed'], ['/coats/0/containment' => 'held', '/coats/0/size_by' => (object) ['thickness_mm' => 1.2]]] as $changes) {
            $result = Plans::computed(['/coats/0/runoff_pct' => new Gone, ...$changes]);
            self::assertNull($result->edge);
            self::assertSame(0.0, $result->volume->runoffMl);
        }
        $said = Plans::computed(['/pieces/0/coated_edges' => 'none', '/coats/0/runoff_pct' => 4]);
        self::assertEqualsWithDelta(0.04 * $said->volume->filmMl, $said->volume->runoffMl, 1e-9, 'unless somebody says so');
    }

    public function test_a_coated_length_longer_than_all_edges_is_refused(): void
    {
        self::assertNotNull(Plans::computed(['/pieces/0/coated_edges' => 2060])->edge);
        self::assertStringContainsString('from 0 to 2060 mm', Plans::faults(['/pieces/0/coated_edges' => 2061], [])['/pieces/0/coated_edges'] ?? '');
    }

    public function test_what_stays_on_one_piece_is_what_is_laid_less_what_drips(): void
    {
        $result = Plans::computed(['/studio/temperature_c' => 23]);
        $edge = $result->edge ?? self::fail('nothing runs');
        $onFace = $edge->staysMm * 254.2;
        $onEdge = ($edge->edgeFilmLeftMm ?? NAN) * 36 * 2.06;
        self::assertEqualsWithDelta($onFace + $onEdge, $result->staysMl(), 1e-6);
    }

    public function test_what_stands_in_the_film_is_no_resin(): void
    {
        $stars = [(object) ['name' => 'stars', 'count' => 10, 'volume_ml' => 8]];
        $bare = self::canvas([]);
        $with = self::canvas(['/coats/0/inclusions' => $stars]);
        self::assertEqualsWithDelta($bare->laidMm - 80 / 254.2, $with->laidMm, 1e-9);
        self::assertLessThan(0.6 * $bare->runsOffMl, $with->runsOffMl, 'less is laid, so less of it runs');
        $stays = Plans::computed(['/studio/temperature_c' => 23, '/coats/0/inclusions' => $stars, '/coats/0/size_by' => (object) ['stays_mm' => 1.2]]);
        self::assertEqualsWithDelta(1.2, $stays->edge?->staysMm, 1e-6);
        self::assertEqualsWithDelta($with->laidMm * 254.2, $with->runsOffMl + $with->staysMm * 254.2, 1e-6);
    }

    /** @param  array<string, mixed>  $changes */
    private static function canvas(array $changes): EdgeRun
    {
        $of = static fn (CoatResult $result): EdgeRun => $result->edge ?? self::fail('nothing runs');

        return $of(Plans::computed(['/studio/temperature_c' => 23, ...$changes]));
    }

    private static function edge(float $laidMm, float $radiusMm, float $depthMm, FilmClock $clock): WetEdge
    {
        return new WetEdge(self::face($laidMm, $radiusMm), $depthMm, 0.25, self::liquid(), $clock);
    }

    private static function face(float $laidMm, float $radiusMm): RunningFilm
    {
        return new RunningFilm($laidMm, self::draining($radiusMm), self::liquid());
    }

    private static function draining(float $radiusMm): DrainingFace
    {
        return new DrainingFace(EdgeLimit::mm($radiusMm, self::liquid()->capillaryLengthMm()), 254200 / 2060, self::ROUND);
    }

    private static function liquid(): Liquid
    {
        return Plans::computed()->case->liquid;
    }

    private static function clock(float $celsius = 23.0): FilmClock
    {
        return new SteadyFilmClock(Plans::computed()->case->resin->kinetics(Plans::computed()->case->studio), $celsius, 0.0);
    }
}
