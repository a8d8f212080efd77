<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Edge;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\RemedyKind;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Coating\WhatKeepsIt;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

/** What is said of a film that runs over its edge. */
final class EdgeRuleTest extends TestCase
{
    public function test_a_flooded_canvas_is_told_what_stays_and_what_would_keep_it(): void
    {
        $result = Plans::computed(['/studio/temperature_c' => 23]);
        $advice = self::told($result)['edge_keeps_less'] ?? self::fail('nothing is said');
        self::assertSame('caution', $advice->level->value);
        self::assertStringStartsWith('Lay it in 2 coats of 0.8 mm, and nothing runs: of one, only 1.33 mm stay, for the edge keeps 1.09 mm.', English::say($advice->said));
        self::assertStringContainsString('lay it 16 min old, and 1.44 mm stay', English::say($advice->said));
        self::assertStringContainsString('hold it at the edge', English::say($advice->said));
        self::assertSame([RemedyKind::Coats, 2.0], [$advice->remedies[0]->kind, (float) $advice->remedies[0]->value]);
        self::assertStringContainsString('110 ml run over the edge, and 40.7 ml were poured', English::say(self::told($result)['runs_off_more']->said ?? null));
        $keeping = WhatKeepsIt::of($result->case) ?? self::fail('nothing runs');
        self::assertEqualsWithDelta(15.2, $keeping->leastAgeMin(), 0.1);
        self::assertNull($keeping->layMm(), 'no amount keeps it');
    }

    public function test_each_of_what_is_named_does_keep_it(): void
    {
        foreach ([1.12, 1.15, 1.25, 1.4, 1.6, 2.2, 3.0] as $mm) {
            $result = Plans::computed(['/studio/temperature_c' => 23, '/coats/0/size_by/thickness_mm' => $mm]);
            $keeping = WhatKeepsIt::of($result->case) ?? self::fail('nothing runs');
            $coats = $keeping->coats() ?? self::fail('too many');
            self::assertSame(0.0, self::runsOff(['/coats/0/size_by/thickness_mm' => $mm / $coats]));
            self::assertGreaterThan(0.0, self::runsOff(['/coats/0/size_by/thickness_mm' => $mm / ($coats - 1)]), 'the fewest');
            $age = $keeping->leastAgeMin();
            if ($age !== null) {
                $old = Plans::computed(['/studio/temperature_c' => 23, '/coats/0/size_by/thickness_mm' => $mm, '/coats/0/age_min' => $age]);
                self::assertEqualsWithDelta(max(0.9 * $mm, $result->edge->staysMm ?? NAN), $old->edge?->staysMm, 2e-4 * $mm);
            }
            $runoff = $keeping->runoffPct();
            if ($runoff !== null) {
                $more = Plans::computed(['/studio/temperature_c' => 23, '/coats/0/size_by/thickness_mm' => $mm, '/coats/0/runoff_pct' => $runoff]);
                self::assertEqualsWithDelta($mm, $more->edge?->staysMm, 1e-3);
                self::assertGreaterThanOrEqual($mm, $more->edge?->staysMm);
                self::assertLessThanOrEqual(50.1, $runoff);
                self::assertArrayNotHasKey('runs_off_more', self::told($more));
            }
            if ($keeping->heldMm() !== null) {
                $held = Plans::computed(['/coats/0/size_by/thickness_mm' => $mm, '/coats/0/containment' => 'held', '/coats/0/runoff_pct' => new Gone]);
                self::assertArrayNotHasKey('dome_over_limit', self::told($held));
            }
        }
    }

    public function test_what_would_take_more_coats_than_anybody_lays_is_to_be_dammed(): void
    {
        $advice = self::told(Plans::computed(['/coats/0/size_by/thickness_mm' => 30]))['edge_keeps_less'] ?? self::fail('nothing is said');
        self::assertStringStartsWith('Dam it: flooded over its edge, only 1.5', English::say($advice->said));
        self::assertSame([], $advice->remedies);
    }

    public function test_it_cries_no_wolf(): void
    {
        $told = static fn (float $mm): array => self::told(Plans::computed(['/studio/temperature_c' => 23, '/coats/0/size_by/thickness_mm' => $mm]));
        self::assertArrayNotHasKey('edge_keeps_less', $told(0.8));
        self::assertArrayNotHasKey('runs_off_more', $told(0.8));
        self::assertArrayNotHasKey('edge_keeps_less', $told(1.15), 'of 1.265 laid 1.13 stay');
        self::assertArrayHasKey('edge_keeps_less', $told(1.5));
        $asked = Plans::computed(['/studio/temperature_c' => 23, '/coats/0/size_by' => (object) ['stays_mm' => 1.2]]);
        self::assertArrayNotHasKey('edge_keeps_less', self::told($asked), 'as much stays as was asked to');
        self::assertEqualsWithDelta(1.2, $asked->case->askedMm(), 1e-12);
    }

    public function test_where_no_edge_is_coated_it_is_held_and_more_than_that_edge_holds_is_a_stop(): void
    {
        $told = static fn (array $changes): array => self::told(Plans::computed(['/pieces/0/coated_edges' => 'none', '/coats/0/runoff_pct' => new Gone, ...$changes]));
        self::assertStringContainsString('No edge of this piece is coated', English::say($told([])['held_at_uncoated_edge']->said ?? null));
        self::assertStringContainsString('Where its edge is not coated', English::say($told(['/pieces/0/coated_edges' => ['top']])['held_at_uncoated_edge']->said ?? null));
        $stop = $told(['/coats/0/size_by/thickness_mm' => 4.0])['dome_over_limit'] ?? self::fail('it runs over');
        self::assertSame('stop', $stop->level->value);
        $most = (float) $stop->remedies[0]->value;
        self::assertArrayNotHasKey('dome_over_limit', $told(['/coats/0/size_by/thickness_mm' => $most]));
        self::assertArrayHasKey('dome_over_limit', $told(['/coats/0/size_by/thickness_mm' => $most + 0.02]));
        self::assertArrayNotHasKey('held_at_uncoated_edge', self::told(Plans::computed()));
        self::assertArrayNotHasKey('held_at_uncoated_edge', $told(['/coats/0/kind' => 'seal', '/coats/0/laying' => 'brush', '/coats/0/size_by/thickness_mm' => 0.1]));
    }

    public function test_in_a_room_that_cools_the_age_is_worked_out_as_well(): void
    {
        $room = ['/studio/temperature_c' => 23, '/studio/temperatures' => [(object) ['at_h' => 0, 'c' => 23], (object) ['at_h' => 2, 'c' => 16]]];
        $keeping = WhatKeepsIt::of(Plans::computed($room)->case) ?? self::fail('nothing runs');
        $old = Plans::computed([...$room, '/coats/0/age_min' => $keeping->leastAgeMin()]);
        self::assertEqualsWithDelta(1.44, $old->edge?->staysMm, 1e-3);
    }

    /** @return array<string, Advice> by code */
    private static function told(CoatResult $result): array
    {
        return array_column(CoatAdvisor::advise($result), null, 'code');
    }

    /** @param  array<string, mixed>  $changes */
    private static function runsOff(array $changes): float
    {
        return Plans::computed(['/studio/temperature_c' => 23, ...$changes])->edge->runsOffMl ?? NAN;
    }
}
