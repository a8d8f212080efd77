<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Edge;

use OpenGlaze\Core\Edge\WipeRounds;
use PHPUnit\Framework\TestCase;

final class WipeRoundsTest extends TestCase
{
    public function test_pieces_poured_one_after_the_other_are_wiped_together(): void
    {
        $rounds = WipeRounds::of(['a' => [10.0, 27.6], 'b' => [14.0, 31.6], 'c' => [18.0, 60.0]]);
        self::assertSame([['min' => 14.0, 'pieces' => ['a', 'b', 'c']], ['min' => 29.6, 'pieces' => ['a', 'b']], ['min' => 60.0, 'pieces' => ['c']]], $rounds);
        self::assertSame([], WipeRounds::of([]));
    }

    public function test_no_wipe_is_moved_further_than_its_tolerance_none_is_lost_and_no_two_rounds_could_be_one(): void
    {
        mt_srand(6);
        for ($evening = 0; $evening < 300; $evening++) {
            $due = [];
            for ($piece = 0; $piece < mt_rand(1, 12); $piece++) {
                $min = mt_rand(50, 400) / 10;
                for ($wipe = 0; $wipe < mt_rand(1, 8); $wipe++) {
                    $due[$piece][] = $min;
                    $min += mt_rand(100, 400) / 10;
                }
            }
            $rounds = WipeRounds::of($due);
            foreach ($due as $piece => $minutes) {
                foreach ($minutes as $min) {
                    $near = array_filter($rounds, static fn (array $round): bool => in_array($piece, $round['pieces'], true) && abs($round['min'] - $min) <= 5.0 + 1e-9);
                    self::assertNotSame([], $near);
                }
            }
            for ($at = 1; $at < count($rounds); $at++) {
                self::assertGreaterThan($rounds[$at - 1]['min'], $rounds[$at]['min']);
            }
            self::assertLessThanOrEqual(self::fewest($due), count($rounds));
        }
    }

    /** @param  array<int, list<float>>  $due */
    private static function fewest(array $due): int
    {
        $ends = array_map(static fn (float $min): float => $min + 5.0, array_merge(...array_values($due)));
        sort($ends);
        $count = 0;
        $stabbed = -INF;
        foreach ($ends as $end) {
            if ($end - 10.0 > $stabbed) {
                [$stabbed, $count] = [$end, $count + 1];
            }
        }

        return $count;
    }
}
