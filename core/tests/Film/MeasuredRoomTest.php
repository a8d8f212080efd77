<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Film;

use OpenGlaze\Core\Film\MeasuredRoom;
use OpenGlaze\Core\Film\TemperaturePoint;
use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Tests\Support\Draws;
use PHPUnit\Framework\TestCase;

final class MeasuredRoomTest extends TestCase
{
    public function test_the_last_word_before_the_pour_is_where_it_begins(): void
    {
        $points = MeasuredRoom::of([[-2.0, 25.0], [-0.1, 20.0], [0.5, 16.0]])->points;
        self::assertEquals([new TemperaturePoint(0.0, 20.0), new TemperaturePoint(0.5, 16.0)], $points);
        self::assertSame([], MeasuredRoom::of([])->points);
    }

    public function test_a_line_is_told_by_its_ends_and_no_figure_moves_by_more_than_nobody_feels(): void
    {
        $line = array_map(static fn (int $minute): array => [$minute / 60, 21 - $minute / 60], range(0, 240));
        self::assertCount(2, MeasuredRoom::of($line)->points);
        mt_srand(16);
        for ($draw = 0; $draw < Draws::of(40); $draw++) {
            $celsius = 20.0;
            $night = [];
            for ($minute = 0; $minute < 200; $minute++) {
                $celsius += mt_rand(-100, 100) / 500;
                $night[] = [$minute / 60, $celsius];
            }
            $room = MeasuredRoom::of($night)->points;
            self::assertLessThan(count($night), count($room));
            self::assertNotSame([], $room);
            self::assertSame([$night[0][1], $celsius], [$room[0]->celsius, $room[count($room) - 1]->celsius], 'the last word holds');
            for ($at = 1; $at < count($room); $at++) {
                self::assertGreaterThan($room[$at - 1]->atH, $room[$at]->atH);
            }
        }
    }

    public function test_near_what_was_planned_is_told_by_every_point(): void
    {
        $planned = Temperatures::through([new TemperaturePoint(0, 21), new TemperaturePoint(2, 17)]);
        self::assertTrue(MeasuredRoom::of([[0, 21.2], [1, 19.1], [2, 16.8]])->isNear($planned));
        self::assertFalse(MeasuredRoom::of([[0, 21.2], [1, 21.0], [2, 16.8]])->isNear($planned));
    }
}
