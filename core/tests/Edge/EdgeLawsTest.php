<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Edge;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Tests\Support\Draws;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

/** What holds of every film that is flooded over an edge, in plans at random. */
final class EdgeLawsTest extends TestCase
{
    public function test_nothing_is_lost_nothing_is_won_and_all_is_a_number(): void
    {
        mt_srand(31);
        for ($plan = 0; $plan < Draws::of(60); $plan++) {
            $result = Plans::computed(self::anyPlan());
            $edge = $result->edge ?? self::fail('it has a coated edge');
            $case = $result->case;
            $area = $case->volume->coveredMm2 * $case->piece->quantity / 1000;
            $what = json_encode([$edge, $case->piece->edge->radiusMm->value], JSON_THROW_ON_ERROR);
            self::assertEqualsWithDelta(($result->volume->filmMl + $result->volume->runoffMl) / $area, $edge->laidMm, 1e-9 * $edge->laidMm, $what);
            self::assertEqualsWithDelta(($edge->laidMm - $edge->staysMm) * $area, $edge->runsOffMl, 1e-9 * $area * $edge->laidMm, $what);
            self::assertLessThanOrEqual($edge->laidMm * (1 + 1e-12), $edge->staysMm, $what);
            self::assertGreaterThanOrEqual(min($edge->laidMm, $edge->keepsMm) * (1 - 1e-12), $edge->staysMm, $what);
            self::assertGreaterThanOrEqual($edge->runsOffMl, $edge->drippedMl, $what);
            self::assertLessThanOrEqual(max($edge->keepsMm, $case->coat->asked->edge->filmMm->value) * (1 + 1e-12), $edge->edgeFilmLeftMm ?? 0.0, $what);
            self::assertSame($edge->laidMm <= $edge->keepsMm || $result->film->flowing->mobility <= 0, $edge->runsOffMl === 0.0, $what);
            $sorted = $edge->wipesMin;
            sort($sorted);
            self::assertSame($sorted, $edge->wipesMin, $what);
            if (count($edge->wipesMin) > 1) {
                self::assertLessThanOrEqual($result->film->flowing->flowsUntilMin + 1e-6, $edge->lastWipeMin(), 'what is hard is not wiped again: '.$what);
            }
        }
    }

    public function test_more_laid_never_leaves_less_and_what_is_older_or_thicker_never_loses_more(): void
    {
        mt_srand(32);
        $edge = static fn (array $changes): array => [($run = Plans::computed($changes)->edge ?? self::fail('it has a coated edge'))->staysMm, $run->runsOffMl];
        for ($plan = 0; $plan < Draws::of(30); $plan++) {
            $changes = self::anyPlan();
            [$stays, $runs] = $edge($changes);
            $more = 1 + mt_rand(1, 200) / 100;
            $mm = $changes['/coats/0/size_by/thickness_mm'];
            self::assertGreaterThanOrEqual($stays * (1 - 1e-5), $edge([...$changes, '/coats/0/size_by/thickness_mm' => min(500.0, $mm * $more)])[0]);
            self::assertLessThanOrEqual($runs * (1 + 1e-5) + 1e-9, $edge([...$changes, '/coats/0/age_min' => $changes['/coats/0/age_min'] + mt_rand(1, 60)])[1]);
            self::assertLessThanOrEqual($runs * (1 + 1e-5) + 1e-9, $edge([...$changes, '/resins/0/viscosity_pa_s' => $changes['/resins/0/viscosity_pa_s'] * $more])[1]);
            self::assertGreaterThanOrEqual($stays * (1 - 1e-5), $edge([...$changes, '/pieces/0/edge_radius_mm' => $changes['/pieces/0/edge_radius_mm'] / $more])[0], 'a sharper edge keeps more');
        }
    }

    public function test_however_many_there_are_each_loses_what_one_does(): void
    {
        mt_srand(33);
        for ($plan = 0; $plan < Draws::of(20); $plan++) {
            $changes = self::anyPlan();
            $of = static fn (int $quantity): CoatResult => Plans::computed([...$changes, '/pieces/0/quantity' => $quantity]);
            [$one, $many] = [$of(1)->edge, $of(7)->edge];
            self::assertEqualsWithDelta(7 * ($one->runsOffMl ?? NAN), $many?->runsOffMl, 1e-6);
            self::assertEqualsWithDelta(7 * ($one->drippedMl ?? NAN), $many?->drippedMl, 1e-6);
            self::assertSame($one?->wipesMin, $many?->wipesMin);
        }
    }

    /** @return array<string, mixed> */
    private static function anyPlan(): array
    {
        $between = static fn (float $low, float $high): float => exp(log($low) + (log($high) - log($low)) * mt_rand() / mt_getrandmax());
        $outline = match (mt_rand(0, 2)) {
            0 => ['shape' => 'rectangle', 'width_mm' => $between(5, 2000), 'height_mm' => $between(5, 2000)],
            1 => ['shape' => 'circle', 'diameter_mm' => $between(5, 2000)],
            default => ['shape' => 'ellipse', 'width_mm' => $between(20, 900), 'height_mm' => $between(20, 900)],
        };

        return [
            '/studio/temperature_c' => mt_rand(5, 35),
            '/resins/0/viscosity_pa_s' => $between(0.1, 20),
            '/resins/0/open_min' => $between(5, 600),
            '/pieces/0/outline' => (object) $outline,
            '/pieces/0/edge_depth_mm' => [0, $between(1, 120)][mt_rand(0, 1)],
            '/pieces/0/edge_radius_mm' => $between(0.05, 20),
            '/pieces/0/coated_edges' => $outline['shape'] === 'rectangle' && mt_rand(0, 2) === 0 ? ['top', 'left'] : 'all',
            '/coats/0/size_by/thickness_mm' => $between(0.05, 20),
            '/coats/0/runoff_pct' => mt_rand(0, 60),
            '/coats/0/coverage_pct' => mt_rand(20, 100),
            '/coats/0/age_min' => mt_rand(0, 3) === 0 ? mt_rand(1, 200) : 0,
        ];
    }
}
