<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Run;

use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Run\Act;
use OpenGlaze\Core\Run\ActKind;
use OpenGlaze\Core\Run\Acts;
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
        foreach (Acts::of(Plans::computed(['/pieces/0/surface' => 'printed_plastic'])) as $act) {
            self::assertStringNotContainsStringIgnoringCase('flame', English::say($act->title).English::say($act->how));
        }
        $small = Plans::computed(['/pieces/0/outline' => (object) ['shape' => 'circle', 'diameter_mm' => 24]]);
        self::assertSame(HeatTool::Breath, $small->film->torch->tool);
        self::assertStringContainsString('straw', English::say(Acts::of($small)[0]->how));
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
