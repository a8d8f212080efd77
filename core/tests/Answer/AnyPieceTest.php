<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Answer;

use OpenGlaze\Core\Answer\ResultDocument;
use OpenGlaze\Core\Body\Cylinder;
use OpenGlaze\Core\Body\CylinderSide;
use OpenGlaze\Core\Body\Ellipsoid;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Bodies, castings, recesses, lips, polyester: whatever such a studio coats. */
final class AnyPieceTest extends TestCase
{
    public function test_a_ball_is_an_ellipsoid_and_a_slender_one_is_within_a_percent(): void
    {
        self::assertEqualsWithDelta(M_PI * 50 ** 2, (new Ellipsoid(50, 50, 50))->areaMm2(), 1e-6);
        // a long spheroid, exactly: 2πb²(1 + a/(b·e)·asin e)
        [$a, $b] = [40.0, 20.0];
        $e = sqrt(1 - $b ** 2 / $a ** 2);
        $exact = 2 * M_PI * $b ** 2 * (1 + $a / ($b * $e) * asin($e));
        self::assertEqualsWithDelta($exact, (new Ellipsoid(80, 40, 40))->areaMm2(), $exact * 0.011);
        self::assertEqualsWithDelta((new Ellipsoid(80, 40, 30))->areaMm2(), (new Ellipsoid(30, 80, 40))->areaMm2(), 1e-9);
    }

    public function test_a_vessel_is_its_walls_and_its_floor(): void
    {
        $area = static fn (CylinderSide $side): float => (new Cylinder(80, 150, $side))->areaMm2();
        self::assertEqualsWithDelta(M_PI * 80 * 150 + M_PI / 4 * 6400, $area(CylinderSide::Inside), 1e-9);
        self::assertEqualsWithDelta($area(CylinderSide::Inside) + $area(CylinderSide::Outside), $area(CylinderSide::Both), 1e-9);
    }

    public function test_a_stone_is_coated_over_its_surface(): void
    {
        $result = self::body((object) ['ellipsoid_mm' => [50, 50, 50]], ['size_by' => (object) ['thickness_mm' => 0.5], 'containment' => 'placed'])[0];
        self::assertEqualsWithDelta(M_PI * 2500 * 0.5 / 1000, $result->volume->filmMl, 1e-9);
        self::assertNotNull($result->film->level->upToMm);
    }

    public function test_a_lip_holds_flat_film_and_above_it_the_dome_of_its_edge(): void
    {
        $held = static fn (float $mm, array $more = []): CoatResult => Plans::computed(['/coats/0/containment' => 'held', '/coats/0/size_by/thickness_mm' => $mm, ...$more]);
        $without = $held(1)->case->held;
        $with = $held(1, ['/pieces/0/lip_mm' => 2.5])->case->held;
        self::assertEqualsWithDelta(($without->limitThicknessMm ?? 0) + 2.5, $with?->limitThicknessMm, 1e-9);
        self::assertSame(0.0, $with?->edgeAngleDeg, 'the film still lies below the lip');
        self::assertEqualsWithDelta($held(1)->case->held->edgeAngleDeg ?? 0, $held(3.5, ['/pieces/0/lip_mm' => 2.5])->case->held?->edgeAngleDeg, 1e-6);
        $second = Plans::stack(['/pieces/0/lip_mm' => 2.5], ['containment' => 'held', 'size_by' => (object) ['thickness_mm' => 1]], ['containment' => 'held', 'size_by' => (object) ['thickness_mm' => 1]])[1];
        self::assertEqualsWithDelta(1.5, $second->case->lipMm(), 1e-9);
    }

    public function test_a_wall_lower_than_the_film_is_warned_of(): void
    {
        $tray = ['/pieces/0/recess_mm' => 6, '/pieces/0/kind' => 'tray', '/pieces/0/surface' => 'slate'];
        $coat = static fn (float $mm): array => ['containment' => 'dammed', 'size_by' => (object) ['thickness_mm' => $mm]];
        self::assertNotContains('lip_too_low', self::codes(Plans::stack($tray, $coat(3), $coat(3))[1]));
        $over = Plans::stack($tray, $coat(3), $coat(3.2))[1];
        self::assertContains('lip_too_low', self::codes($over));
        self::assertContains('clips_mould', self::codes($over));
        $lip = ['/pieces/0/lip_mm' => 2, '/pieces/0/surface' => 'slate'];
        self::assertContains('lip_too_low', self::codes(Plans::stack($lip, $coat(2.1))[0]));
    }

    public function test_a_casting_that_lies_face_down_is_poured_face_first_and_turned_for_its_top(): void
    {
        $down = ['/pieces/0/face_down' => true, '/pieces/0/kind' => 'casting', '/pieces/0/surface' => 'sealed'];
        $dammed = ['containment' => 'dammed', 'size_by' => (object) ['thickness_mm' => 2]];
        self::assertContains('face_down_order', self::codes(Plans::stack($down, [...$dammed, 'kind' => 'back'])[0]));
        self::assertNotContains('face_down_order', self::codes(Plans::stack($down, $dammed, [...$dammed, 'kind' => 'back'])[1]));
        self::assertContains('face_down_order', self::codes(Plans::stack($down, $dammed, ['kind' => 'top'])[1]));
        self::assertNotContains('face_down_order', self::codes(Plans::stack($down, $dammed, ['kind' => 'top', 'turn_first' => true])[1]));
        self::assertContains('face_down_order', self::codes(Plans::stack($down, $dammed, [...$dammed, 'kind' => 'back'], $dammed)[2]));
    }

    public function test_polyester_takes_its_catalyst_from_the_labels_table(): void
    {
        $table = [(object) ['depth_mm' => 1, 'pct' => 2], (object) ['depth_mm' => 5, 'pct' => 1], (object) ['depth_mm' => 10, 'pct' => 0.5]];
        $poly = ['/resins/0/family' => 'polyester', '/resins/0/catalyst' => $table, '/resins/0/ratio' => new Gone, '/resins/0/density_b_g_ml' => new Gone, '/resins/0/max_pour_mm' => new Gone];
        $result = Plans::computed([...$poly, '/coats/0/size_by/thickness_mm' => 3.0]);
        self::assertEqualsWithDelta(1.5, $result->mix->bMl / $result->mix->aMl * 100, 1e-9);
        self::assertEqualsWithDelta($result->volume->totalMl() * 100 / 101.5, $result->mix->aMl, 1e-9);
        self::assertSame([null, null], [$result->mix->bG, $result->mix->totalG()]);
        self::assertNull($result->case->heat->peakC());
        self::assertStringContainsString('from 1 to 10 mm', Plans::faults($poly, ['size_by' => (object) ['thickness_mm' => 0.9]])['/coats/0/size_by']);
        $deep = Plans::stack($poly, ['containment' => 'dammed', 'size_by' => (object) ['total_depth_mm' => 25]])[0];
        self::assertCount(3, $deep->lifts);
        $shrunk = Plans::computed([...$poly, '/resins/0/shrinkage_pct' => 7, '/coats/0/size_by/thickness_mm' => 3.0]);
        self::assertEqualsWithDelta($result->volume->filmMl / 0.93, $shrunk->volume->filmMl, 1e-9);
    }

    public function test_a_skim_on_relief_has_an_upper_limit_too(): void
    {
        $skim = static fn (float $mm): CoatResult => Plans::computed(['/coats/0/kind' => 'skim', '/coats/0/size_by/thickness_mm' => $mm, '/coats/0/relief_mm' => 4]);
        $stays = $skim(0.1)->case->staysOnReliefMm() ?? 0.0;
        self::assertContains('film_runs_off_relief', self::codes($skim($stays * 1.1)));
        self::assertNotContains('film_runs_off_relief', self::codes($skim(max(0.01, $stays * 0.9))));
    }

    #[TestWith([179.9])]
    #[TestWith([180.0])]
    #[TestWith([5000.0])]
    public function test_what_does_not_flow_any_more_stays_on_its_relief_as_it_is_laid(float $ageMin): void
    {
        $result = Plans::computed(['/coats/0/size_by/thickness_mm' => 0.8, '/coats/0/relief_mm' => 4, '/coats/0/age_min' => $ageMin]);
        self::assertSame(0.8, $result->case->staysOnReliefMm());
        self::assertNotContains('film_runs_off_relief', self::codes($result));
    }

    #[TestWith(['ml_per_piece', 9e5])]
    #[TestWith(['ml_per_piece', 0.01])]
    public function test_a_film_that_no_file_could_ask_for_is_refused_however_it_is_sized(string $by, float $size): void
    {
        $said = Plans::faults([], ['size_by' => (object) [$by => $size]])['/coats/0/size_by'];
        self::assertMatchesRegularExpression('/comes to a film of [\d.,]+ mm, which must lie between 0.01 and 500 mm/', $said);
    }

    public function test_a_wiped_coat_is_written_down_with_its_risk(): void
    {
        self::assertContains('wiped_only', self::codes(Plans::stack([], [], ['over_hard' => 'wipe'])[1]));
        self::assertNotContains('wiped_only', self::codes(Plans::stack([], ['over_hard' => 'wipe'])[0]), 'there is nothing hard below the first');
    }

    public function test_parts_laid_wet_on_wet_share_the_total(): void
    {
        $result = Plans::computed(['/coats/0/parts' => [(object) ['colour' => 'clear', 'share_pct' => 40], (object) ['colour' => 'night blue', 'share_pct' => 60, 'laying' => 'ribbons']]]);
        $parts = ResultDocument::coat($result, CoatAdvisor::advise($result), English::speaker())['parts'];
        self::assertIsArray($parts);
        self::assertEqualsWithDelta($result->volume->totalMl(), array_sum(array_column($parts, 'ml')), 1e-9);
    }

    public function test_the_stack_of_a_piece_adds_up(): void
    {
        $results = Plans::stack(['/pieces/0/target_thickness_mm' => 5], ['size_by' => (object) ['thickness_mm' => 1]], ['size_by' => (object) ['thickness_mm' => 2], 'zone' => (object) ['share_pct' => 50]]);
        $stack = ResultDocument::stack($results[0]->case->piece, $results);
        self::assertEqualsWithDelta(2, $stack['thickness_mm'], 1e-9);
        self::assertSame(5.0, $stack['target_thickness_mm']);
        self::assertGreaterThan(0, $stack['resin_g']);
    }

    /**
     * @param  array<string, mixed>  ...$coats
     * @return list<CoatResult>
     */
    private static function body(object $measure, array ...$coats): array
    {
        return Plans::stack(['/pieces/0/outline' => null, '/pieces/0/coated_edges' => 'none', '/pieces/0/measure' => $measure, '/pieces/0/surface' => 'sealed'], ...$coats);
    }

    /** @return list<string> */
    private static function codes(CoatResult $result): array
    {
        return array_column(CoatAdvisor::advise($result), 'code');
    }
}
