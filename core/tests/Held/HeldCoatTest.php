<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Held;

use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Held\Dome;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

/** Whole coats that are held at the edge. */
final class HeldCoatTest extends TestCase
{
    public function test_a_held_coat_takes_its_film_alone(): void
    {
        $result = Plans::computed([...$this->tile(), '/coats/0/size_by/thickness_mm' => 2.0]);
        self::assertEqualsWithDelta(9.8 * 9.8 * 0.2 * 24, $result->volume->filmMl, 1e-6);
        self::assertSame([0.0, 0.0, null], [$result->volume->edgesMl, $result->volume->runoffMl, $result->edge]);
        self::assertGreaterThan(2.0, $result->case->held?->centreMm);
    }

    public function test_thickness_and_angle_are_two_ways_to_say_the_same(): void
    {
        $byAngle = Plans::computed([...$this->tile(), '/coats/0/size_by' => (object) ['edge_angle_deg' => 70]]);
        self::assertEqualsWithDelta(70, $byAngle->case->held?->edgeAngleDeg, 1e-3);
        $again = Plans::computed([...$this->tile(), '/coats/0/size_by/thickness_mm' => $byAngle->case->thicknessMm->value]);
        self::assertEqualsWithDelta($byAngle->volume->totalMl(), $again->volume->totalMl(), 1e-6);
    }

    public function test_it_warns_before_the_edge_gives_way_and_stops_after(): void
    {
        $limit = Plans::computed($this->tile())->case->held->limitThicknessMm ?? 0.0;
        $codes = fn (float $share): array => array_column(CoatAdvisor::advise(Plans::computed([...$this->tile(), '/coats/0/size_by/thickness_mm' => $share * $limit])), 'code');
        self::assertNotContains('dome_near_limit', $codes(0.75));
        self::assertContains('dome_near_limit', $codes(0.85));
        self::assertContains('dome_over_limit', $codes(1.02));
        $over = Plans::computed([...$this->tile(), '/coats/0/size_by/thickness_mm' => 1.02 * $limit])->case->held;
        self::assertNotNull($over);
        self::assertNull($over->edgeAngleDeg);
        self::assertNull($over->centreMm);
    }

    public function test_a_sharp_edge_holds_more_than_a_bevelled_one_and_that_more_than_none(): void
    {
        $limit = fn (string $turn): float => Plans::computed([...$this->tile(), '/pieces/0/edge_turn' => $turn])->case->held->limitMl ?? 0.0;
        self::assertGreaterThan($limit('bevelled'), $limit('square'));
        self::assertGreaterThan($limit('none'), $limit('bevelled'));
    }

    public function test_no_moving_air_over_a_film_that_is_nearly_full(): void
    {
        $plastic = [...$this->tile(), '/pieces/0/surface' => 'printed_plastic'];
        self::assertSame(HeatTool::HeatGun, Plans::computed([...$plastic, '/coats/0/size_by/thickness_mm' => 1.0])->film->torch->tool);
        self::assertSame(HeatTool::Breath, Plans::computed([...$plastic, '/coats/0/size_by/thickness_mm' => 2.8])->film->torch->tool);
    }

    /** @return array<string, mixed> */
    private function tile(): array
    {
        return [
            '/coats/0/containment' => 'held',
            '/pieces/0/outline' => (object) ['shape' => 'rectangle', 'width_mm' => 98, 'height_mm' => 98],
            '/pieces/0/surface' => 'glazed_tile',
            '/pieces/0/quantity' => 24,
        ];
    }

    public function test_a_zone_on_the_open_face_has_an_edge_without_a_turn_and_nothing_to_run_over(): void
    {
        $zone = (object) ['shape' => 'circle', 'diameter_mm' => 200, 'x_mm' => 100, 'y_mm' => 100];
        $case = Plans::computed(['/pieces/0/coated_edges' => 'none', '/coats/0/containment' => 'held', '/coats/0/zone' => $zone, '/coats/0/size_by' => (object) ['thickness_mm' => 0.5]])->case;
        self::assertSame([0.0, 0.0], [$case->face->coatedEdgeMm, $case->face->turnDeg]);
        self::assertNotNull($case->face->domeEdge);
        self::assertEqualsWithDelta(Dome::meetingAt($case->face->domeEdge, 35.0, $case->liquid->capillaryLengthMm())->meanMm(), $case->held?->limitThicknessMm, 1e-9);
        self::assertSame(0.0, Plans::computed(['/pieces/0/coated_edges' => 'none', '/coats/0/zone' => (object) ['share_pct' => 40]])->case->face->turnDeg);
        // hardly over the edge it lies on the piece as a whole
        $at = static fn (float $x): float => Plans::computed(['/coats/0/zone' => (object) ['shape' => 'circle', 'diameter_mm' => 200, 'x_mm' => $x, 'y_mm' => 100]])->case->face->areaMm2 ?? NAN;
        self::assertSame($at(100.0), $at(-0.4));
        self::assertLessThan(0.99 * $at(100.0), $at(-15.0));
    }

    public function test_what_an_edge_holds_in_ml_is_what_it_holds_in_mm_over_its_face(): void
    {
        foreach ([0.4, 1.2, 3.5, 9.0] as $mm) {
            $case = Plans::computed([...$this->tile(), '/pieces/0/lip_mm' => 2.0, '/coats/0/size_by' => (object) ['thickness_mm' => $mm]])->case;
            self::assertEqualsWithDelta(($case->held->limitThicknessMm ?? NAN) * ($case->face->areaMm2 ?? NAN) / 1000, $case->held?->limitMl, 1e-9, "$mm mm in a lip of 2");
            self::assertSame($mm <= 2.0, $case->held?->share === 0.0);
        }
    }

    public function test_a_zone_stands_the_heat_that_its_own_ground_stands_else_the_pieces(): void
    {
        $stands = static fn (bool $piece, ?string $surface): bool => Plans::computed(['/pieces/0/heat_tolerant' => $piece, '/coats/0/zone' => (object) ['share_pct' => 40, ...$surface === null ? [] : ['surface' => $surface]]])->case->face->toleratesHeat;
        self::assertSame([true, false], [$stands(true, null), $stands(false, null)]);
        self::assertSame([false, true], [$stands(true, 'printed_plastic'), $stands(false, 'metal')]);
        $drinks = static fn (?string $surface): float => Plans::computed(['/pieces/0/soak_ml_m2' => 77, '/coats/0/zone' => (object) ['share_pct' => 40, ...$surface === null ? [] : ['surface' => $surface]]])->case->face->soakMlPerM2->value;
        self::assertSame(77.0, $drinks(null));
        self::assertNotSame(77.0, $drinks('metal'));
    }
}
