<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Batch;

use OpenGlaze\Core\Batch\RestTaker;
use OpenGlaze\Core\Tests\Support\Draws;
use PHPUnit\Framework\TestCase;

final class RestTakerTest extends TestCase
{
    public function test_whole_pieces_come_before_what_would_lack_and_what_leaves_least_before_the_rest(): void
    {
        $takers = RestTaker::of(40.0, ['tiles' => [9.0, 24], 'spares' => [9.0, 2], 'canvas' => [55.0, 1], 'table' => [300.0, 1], 'fox' => [39.0, 1]]);
        self::assertSame([['fox', 1, 0.0], ['tiles', 4, 0.0], ['spares', 2, 0.0], ['canvas', 0, 15.0]], array_map(static fn (RestTaker $one): array => [$one->coat, $one->pieces, $one->lacksMl], $takers));
    }

    public function test_nothing_takes_nothing(): void
    {
        self::assertSame([], RestTaker::of(0.0, ['tiles' => [9.0, 24]]));
        self::assertSame([], RestTaker::of(40.0, []));
        self::assertSame([], RestTaker::of(40.0, ['none left' => [9.0, 0], 'no amount' => [0.0, 3]]));
    }

    public function test_never_more_is_promised_than_there_is(): void
    {
        mt_srand(8);
        for ($draw = 0; $draw < Draws::of(200); $draw++) {
            $rest = mt_rand(1, 2000) / 10;
            $wanting = [];
            for ($coat = 0; $coat < mt_rand(0, 9); $coat++) {
                $wanting["coat-$coat"] = [mt_rand(1, 3000) / 10, mt_rand(1, 30)];
            }
            foreach (RestTaker::of($rest, $wanting) as $one) {
                self::assertLessThanOrEqual($rest + 1e-6, $one->pieces * $one->eachMl);
                self::assertLessThanOrEqual($wanting[$one->coat][1], $one->pieces);
                self::assertSame($one->pieces === 0, $one->lacksMl > 0);
                self::assertGreaterThanOrEqual(0.5 * $one->eachMl, $rest);
            }
        }
    }
}
