<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Cure;

use OpenGlaze\Core\Cure\DewPoint;
use OpenGlaze\Core\Cure\PhaseLine;
use OpenGlaze\Core\Cure\PhaseSpan;
use OpenGlaze\Core\Cure\Windows;
use OpenGlaze\Core\Film\Kinetics;
use OpenGlaze\Core\Film\SteadyFilmClock;
use OpenGlaze\Core\Quantity\Sourced;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PhaseLineTest extends TestCase
{
    /** @return iterable<string, array{list<float|null>, string}> recoat from, recoat to, sand from, handle, cured; in hours */
    public static function labels(): iterable
    {
        yield from [
            'a whole label' => [[4, 12, 20, 24, 72], 'wet 0, tacky 45, window_open 240, window_shut 720, hard 1200, cured 4320'],
            'hard before the window shuts' => [[4, 30, 20, 24, 72], 'wet 0, tacky 45, window_open 240, hard 1800, cured 4320'],
            'hard as the window shuts' => [[4, 20, 20, 24, 72], 'wet 0, tacky 45, window_open 240, hard 1200, cured 4320'],
            'no word on sanding' => [[4, 12, null, 24, 72], 'wet 0, tacky 45, window_open 240, window_shut 720, hard 1440, cured 4320'],
            'no word on the window' => [[null, null, 20, 24, 72], 'wet 0, tacky 45, hard 1200, cured 4320'],
            'a window without an end' => [[4, null, 20, 24, 72], 'wet 0, tacky 45, window_open 240, hard 1200, cured 4320'],
            'a silent label' => [[null, null, null, null, null], 'wet 0, tacky 45'],
            'cured first of all' => [[4, 12, 20, 24, 3], 'wet 0, tacky 45, window_open 240, window_shut 720, hard 1200'],
        ];
    }

    /** @param  list<float|null>  $hours */
    #[DataProvider('labels')]
    public function test_phases_follow_what_the_label_says_and_leave_out_what_it_does_not(array $hours, string $line): void
    {
        $spans = PhaseLine::of(45, self::windows($hours));
        self::assertSame($line, implode(', ', array_map(static fn (PhaseSpan $span): string => $span->phase->value.' '.$span->fromMin, $spans)));
        self::assertNull(end($spans)->toMin);
    }

    public function test_a_label_by_its_own_clock_is_the_label(): void
    {
        $label = self::windows([4, 12, null, 24, 72]);
        self::assertEquals($label, $label->by(new SteadyFilmClock(new Kinetics(45, 23, 1.1, 25, 55, 65), 23, 0)));
    }

    public function test_in_the_cold_everything_comes_later_by_one_factor(): void
    {
        $label = self::windows([4, 12, 20, 24, 72]);
        $clock = new SteadyFilmClock(new Kinetics(45, 23, 1.1, 25, 55, 65), 17, 0);
        $cold = $label->by($clock);
        foreach ([[4, $cold->recoatFromH], [12, $cold->recoatToH], [20, $cold->sandFromH], [24, $cold->handleH], [72, $cold->fullCureH]] as [$hours, $later]) {
            self::assertEqualsWithDelta($hours / $clock->rate(), $later, 1e-9);
            self::assertGreaterThan($hours, $later);
        }
    }

    public function test_what_is_past_already_comes_at_once(): void
    {
        $old = self::windows([0.5, 12, 20, 24, 72])->by(new SteadyFilmClock(new Kinetics(45, 23, 1.1, 25, 55, 65), 23, 60));
        self::assertSame(0.0, $old->recoatFromH);
        self::assertEqualsWithDelta(11.0, $old->recoatToH, 1e-9);
    }

    public function test_the_dew_point_is_under_the_air_and_rises_with_its_damp(): void
    {
        foreach ([2.0, 16.0, 21.0, 35.0] as $air) {
            $before = -INF;
            foreach ([5, 30, 60, 90, 100] as $humidity) {
                $dew = DewPoint::celsius($air, $humidity);
                self::assertGreaterThan($before, $dew);
                self::assertLessThanOrEqual($air + 1e-9, $dew);
                $before = $dew;
            }
        }
    }

    /** @param  list<float|null>  $hours */
    private static function windows(array $hours): Windows
    {
        return Windows::onLabel(...array_map(static fn (?float $h): ?Sourced => $h === null ? null : Sourced::label($h), $hours));
    }
}
