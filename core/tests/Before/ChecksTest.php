<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Before;

use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Before\Check;
use OpenGlaze\Core\Before\Checks;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

/** What is looked at before the first cup: no more than these pieces and this resin need, in the order of the room. */
final class ChecksTest extends TestCase
{
    public function test_an_open_canvas_with_a_flame_in_the_order_of_the_room(): void
    {
        self::assertSame(['dust', 'air', 'level', 'support', 'raise', 'places', 'covers', 'cups', 'gloves', 'flame'], array_column($this->checks(), 'id'));
    }

    public function test_nothing_mixed_wants_nothing(): void
    {
        self::assertSame([], Checks::of([]));
    }

    public function test_what_a_piece_does_not_need_is_not_asked_for(): void
    {
        $dammed = $this->checks(['/pieces/0/coated_edges' => 'none', '/pieces/0/kind' => 'tabletop', '/coats/0/containment' => 'dammed', '/coats/0/dam' => 'tape']);
        self::assertContains('check_leaks', array_column($dammed, 'id'));
        self::assertNotContains('flame', array_column($dammed, 'id'), 'tape does not stand a flame');
        self::assertContains('heat_gun', array_column($dammed, 'id'));
        self::assertNotContains('support', array_column($dammed, 'id'));
        self::assertNotContains('raise', array_column($dammed, 'id'));
    }

    public function test_the_level_is_that_of_the_most_particular_piece_with_its_figure(): void
    {
        $level = $this->check('level');
        $result = Plans::computed();
        self::assertNotNull($result->film->level->withinMmPerM);
        self::assertStringContainsString(number_format($result->film->level->withinMmPerM, 1), English::say($level?->title));
        self::assertStringContainsString('Autumn sky', English::say($level?->how));
    }

    public function test_the_air_is_said_and_what_is_off_in_it_instead_of_that_it_suits(): void
    {
        $air = $this->check('air');
        self::assertNotNull($air);
        self::assertFalse($air->isOff);
        self::assertStringContainsString('21', English::say($air->title));
        $damp = $this->check('air', ['/studio/humidity_pct' => 97]);
        self::assertTrue($damp?->isOff);
        self::assertStringNotContainsString('suits', English::say($damp->how));
    }

    public function test_places_and_covers_are_counted_and_covers_clear_what_stands_proud(): void
    {
        self::assertSame('Its cover at hand', English::say($this->check('covers')?->title));
        $four = ['/pieces/0/quantity' => 4, '/coats/0/inclusions' => [(object) ['name' => 'shells', 'count' => 1, 'size_mm' => 12, 'bottom_mm' => 0, 'height_mm' => 12]]];
        self::assertSame('Covers at hand for 4 pieces', English::say($this->check('covers', $four)?->title));
        self::assertSame('Numbered places for 4 pieces', English::say($this->check('places', $four)?->title));
        self::assertStringContainsString('stands out', English::say($this->check('covers', $four)?->how));
    }

    public function test_at_least_two_pairs_of_gloves_are_layered(): void
    {
        self::assertMatchesRegularExpression('/^Layer [2-9] pairs/', English::say($this->check('gloves')?->title));
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return list<Check>
     */
    private function checks(array $changes = []): array
    {
        $plan = (new PlanReader)->read(\OpenGlaze\Core\Document\PlanDocument::of(Plans::with($changes + ['/batches' => [(object) ['id' => 'b1', 'coats' => ['flood']]]])));

        return Checks::of((new BatchPlanner)->plan($plan, (new Planner)->plan($plan)));
    }

    /** @param  array<string, mixed>  $changes */
    private function check(string $id, array $changes = []): ?Check
    {
        foreach ($this->checks($changes) as $check) {
            if ($check->id === $id) {
                return $check;
            }
        }

        return null;
    }
}
