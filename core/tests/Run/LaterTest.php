<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Run;

use OpenGlaze\Core\Run\Later;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

/** What comes hours after the cover is on. */
final class LaterTest extends TestCase
{
    public function test_nobody_touches_it_until_it_can_be_handled_and_drips_that_were_left_are_cut_before(): void
    {
        $result = Plans::computed();
        $later = Later::of($result);
        self::assertSame(['untouched', 'trim'], array_column($later, 'what'));
        self::assertSame(60 * ($result->windows->handleH ?? 0.0), $later[0]->toMin);
        self::assertSame([60 * ($result->windows->recoatToH ?? 0.0), $later[0]->toMin], [$later[1]->fromMin, $later[1]->toMin]);
    }

    public function test_tape_comes_off_while_the_film_is_firm_and_not_hard_and_nothing_is_cut_then(): void
    {
        $result = Plans::computed(['/coats/0/tape_underside' => true]);
        $later = Later::of($result);
        self::assertSame(['untouched', 'tape_off'], array_column($later, 'what'));
        self::assertSame([60 * ($result->windows->recoatFromH ?? 0.0), 60 * ($result->windows->recoatToH ?? 0.0)], [$later[1]->fromMin, $later[1]->toMin]);
    }

    public function test_where_nothing_runs_over_nothing_is_cut_and_what_a_label_does_not_say_is_not_made_up(): void
    {
        self::assertSame(['untouched'], array_column(Later::of(Plans::computed(['/pieces/0/coated_edges' => 'none'])), 'what'));
        self::assertSame([], Later::of(Plans::computed(['/resins/0/family' => 'polyester', '/resins/0/catalyst' => [(object) ['depth_mm' => 1, 'pct' => 2], (object) ['depth_mm' => 5, 'pct' => 1]], '/resins/0/ratio' => null, '/resins/0/handle_h' => null, '/resins/0/recoat_from_h' => null, '/resins/0/recoat_to_h' => null, '/resins/0/sand_from_h' => null, '/resins/0/full_cure_h' => null])));
    }

    public function test_a_cold_room_moves_all_of_it_later(): void
    {
        foreach (Later::of(Plans::computed(['/studio/temperature_c' => 16])) as $at => $cold) {
            $warm = Later::of(Plans::computed(['/studio/temperature_c' => 25]))[$at];
            self::assertGreaterThanOrEqual($warm->fromMin, $cold->fromMin);
            self::assertGreaterThan($warm->toMin, $cold->toMin);
        }
    }
}
