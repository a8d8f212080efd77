<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Run;

use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Plan\Laying;
use OpenGlaze\Core\Run\Act;
use OpenGlaze\Core\Run\ActKind;
use OpenGlaze\Core\Run\Acts;
use OpenGlaze\Core\Run\HowTo;
use OpenGlaze\Core\Safety\Caution;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

final class ActsTest extends TestCase
{
    public function test_they_come_in_the_order_of_their_times_and_end_under_the_cover(): void
    {
        foreach ([0.2, 1.6, 3.9] as $thickness) {
            foreach ([14, 21, 29] as $temperature) {
                foreach (['all', 'none'] as $edges) {
                    $acts = Acts::of(Plans::computed(['/coats/0/size_by/thickness_mm' => $thickness, '/studio/temperature_c' => $temperature, '/pieces/0/coated_edges' => $edges]));
                    $due = array_map(static fn (Act $act): float => $act->dueMin, $acts);
                    $sorted = $due;
                    sort($sorted);
                    self::assertSame($sorted, $due);
                    self::assertSame(ActKind::Cover, end($acts)->kind);
                    self::assertSame(count($acts), count(array_unique(array_map(static fn (Act $act): string => $act->id, $acts))));
                }
            }
        }
    }

    public function test_nothing_is_covered_while_it_still_drips(): void
    {
        $result = Plans::computed();
        $acts = Acts::of($result);
        self::assertGreaterThanOrEqual($result->edge?->lastWipeMin(), end($acts)->dueMin);
        self::assertGreaterThanOrEqual($result->film->torch->lookMin, end($acts)->dueMin);
    }

    public function test_without_an_edge_nobody_wipes(): void
    {
        $kinds = array_map(static fn (Act $act): ActKind => $act->kind, Acts::of(Plans::computed(['/pieces/0/coated_edges' => 'none'])));
        self::assertNotContains(ActKind::Wipe, $kinds);
    }

    public function test_no_flame_is_said_over_what_takes_none(): void
    {
        $passes = array_filter(Acts::of(Plans::computed(['/pieces/0/surface' => 'printed_plastic'])), static fn (Act $act): bool => $act->kind === ActKind::Pass);
        self::assertNotSame([], $passes);
        foreach ($passes as $act) {
            self::assertStringStartsWith('Held well off and moving', English::say($act->how), 'a heat gun');
            self::assertStringContainsString('No flame over printed plastic', English::say($act->how), 'and why');
        }
        $small = Plans::computed(['/pieces/0/outline' => (object) ['shape' => 'circle', 'diameter_mm' => 24]]);
        self::assertSame(HeatTool::Breath, $small->film->torch->tool);
        self::assertStringContainsString('straw', English::say(Acts::of($small)[0]->how));
    }

    public function test_a_film_is_laid_as_its_coat_says_and_ends_as_it_is_held(): void
    {
        $said = static fn (array $changes): string => English::say(HowTo::pour(Plans::computed($changes)->case));
        self::assertSame('In the middle; push, do not brush. The wet edge out to the rim last, and over it. Every spot and the sides touched wet.', $said([]));
        self::assertStringStartsWith('In ribbons', $said(['/coats/0/laying' => 'ribbons']));
        self::assertStringNotContainsString('push', $said(['/coats/0/laying' => 'drops']));
        self::assertStringContainsString('not over it', $said(['/pieces/0/coated_edges' => 'none', '/coats/0/containment' => 'held']));
        self::assertStringStartsWith('From one side, corners', $said(['/pieces/0/coated_edges' => 'none', '/pieces/0/kind' => 'mould', '/coats/0/containment' => 'dammed', '/coats/0/dam' => 'mould']));
        foreach (Laying::cases() as $laying) {
            self::assertStringNotContainsString('acts.', $said(['/coats/0/laying' => $laying->value]));
        }
    }

    public function test_a_habit_is_taken_where_the_rules_leave_it_and_never_where_they_forbid(): void
    {
        $tool = static fn (array $changes): HeatTool => Plans::computed($changes)->film->torch->tool;
        foreach (HeatTool::cases() as $habit) {
            self::assertSame($habit, $tool(['/studio/heat_tool' => $habit->value]), 'a flame may be anything less');
            self::assertNotSame(HeatTool::Flame, $tool(['/studio/heat_tool' => $habit->value, '/pieces/0/surface' => 'printed_plastic']));
            self::assertContains($tool(['/studio/heat_tool' => $habit->value, '/pieces/0/outline' => (object) ['shape' => 'circle', 'diameter_mm' => 24]]), [HeatTool::Breath, HeatTool::None]);
        }
        self::assertSame([], array_filter(Acts::of(Plans::computed(['/studio/heat_tool' => 'none'])), static fn (Act $act): bool => $act->kind === ActKind::Pass), 'who waits passes with nothing');
    }

    public function test_who_looks_every_so_often_has_looks_until_the_film_is_about_to_close(): void
    {
        $looks = static fn (array $changes): array => array_values(array_map(static fn (Act $act): float => $act->dueMin, array_filter(Acts::of(Plans::computed($changes)), static fn (Act $act): bool => $act->kind === ActKind::Look)));
        self::assertCount(1, $looks([]));
        $often = $looks(['/studio/look_every_min' => 6]);
        self::assertGreaterThan(3, count($often));
        $apart = array_map(static fn (float $one, float $next): float => $next - $one, array_slice($often, 0, -2), array_slice($often, 1, -1));
        self::assertEqualsWithDelta(array_fill(0, count($apart), 6.0), $apart, 1e-9);
        self::assertLessThanOrEqual(0.8 * Plans::computed()->film->torch->closesMin + 1e-9, max($often));
    }

    public function test_what_is_embedded_gets_a_last_nudge_and_what_sits_on_top_comes_after_the_heat(): void
    {
        $shell = (object) ['name' => 'shells', 'count' => 3, 'size_mm' => 1, 'bottom_mm' => 0, 'height_mm' => 1];
        $leaf = (object) ['name' => 'a leaf', 'count' => 1, 'size_mm' => 5, 'height_mm' => 1, 'on_top' => true, 'after_heat' => true];
        $result = Plans::computed(['/coats/0/inclusions' => [$shell, $leaf]]);
        $acts = [];
        foreach (Acts::of($result) as $act) {
            $acts[$act->id] = $act;
        }
        self::assertStringContainsString('shells', English::say($acts['nudge']->title));
        self::assertLessThanOrEqual(0.8 * $result->film->torch->closesMin, $acts['nudge']->dueMin);
        self::assertSame($result->film->torch->closesMin, $acts['nudge']->untilMin);
        self::assertGreaterThanOrEqual($result->film->torch->lastPassMin(), $acts['place']->dueMin);
        self::assertLessThan($result->film->torch->closesMin, $acts['place']->dueMin);
        self::assertGreaterThanOrEqual(max($acts['nudge']->dueMin, $acts['place']->dueMin), $acts['cover']->dueMin, 'the cover comes after');
        self::assertArrayNotHasKey('nudge', array_flip(array_map(static fn (Act $act): string => $act->id, Acts::of(Plans::computed()))));
    }

    public function test_looks_by_habit_say_nothing_of_air_from_below(): void
    {
        $how = static fn (array $changes): string => English::say(Acts::of(Plans::computed($changes))[array_search('look-1', array_map(static fn (Act $act): string => $act->id, Acts::of(Plans::computed($changes))), true)]->how);
        self::assertStringNotContainsString('air from below', $how(['/studio/look_every_min' => 6]));
        self::assertStringContainsString('air from below', $how(['/pieces/0/surface' => 'raw_ply']));
    }

    public function test_after_an_oil_wash_no_heat_before_the_alcohol_is_gone(): void
    {
        foreach (Acts::of(Plans::stack([], [], ['after_oil' => true])[1]) as $act) {
            self::assertSame($act->kind === ActKind::Pass, str_contains(English::say($act->how), 'oil wash'));
        }
    }

    public function test_each_wipe_leaves_less_to_come_and_the_last_next_to_nothing(): void
    {
        $result = Plans::computed();
        $left = array_values(array_map(static fn (Act $act): ?float => $act->leftMl, array_filter(Acts::of($result), static fn (Act $act): bool => $act->kind === ActKind::Wipe)));
        $sorted = $left;
        rsort($sorted);
        self::assertSame($sorted, $left);
        self::assertLessThanOrEqual(0.2 * $result->case->coatedEdgeM() + 1e-6, end($left));
        self::assertSame(0.0, end($left), 'nobody sees it');
        self::assertLessThan($result->edge?->drippedMl, $left[0]);
    }

    public function test_every_tool_that_is_hot_has_its_cautions(): void
    {
        self::assertStringContainsString('stays hot', implode(' ', array_map(English::say(...), Caution::from(HeatTool::HeatGun->value)->said())));
        self::assertStringContainsString('never in', implode(' ', array_map(English::say(...), Caution::from(HeatTool::Breath->value)->said())));
        self::assertStringContainsString('can catch fire', implode(' ', array_map(English::say(...), Caution::from(HeatTool::Flame->value)->said())));
        self::assertStringContainsString('soap and water', implode(' ', array_map(English::say(...), Caution::Mix->said())));
    }

    public function test_every_caution_says_something(): void
    {
        foreach (Caution::cases() as $caution) {
            foreach ($caution->said() as $said) {
                self::assertMatchesRegularExpression('/^[A-Z].{10,}\.$/', English::say($said));
            }
        }
        self::assertStringContainsString('safety data sheet', English::say(Caution::noSubstitute()));
    }
}
