<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Outline;

use OpenGlaze\Core\Outline\Affine;
use OpenGlaze\Core\Outline\Point;
use PHPUnit\Framework\TestCase;

/** One map after another is one map. */
final class AffineTest extends TestCase
{
    public function test_a_map_after_another_is_both_in_their_order(): void
    {
        mt_srand(11);
        $any = static fn (): float => mt_rand(-500, 500) / 100;
        for ($i = 0; $i < 200; $i++) {
            $maps = [];
            for ($j = 0; $j < 3; $j++) {
                $maps[] = Affine::shift($any(), $any())->after(Affine::turn(100 * $any()))->after(Affine::scale($any(), $any()))->after(Affine::shift($any(), $any()));
            }
            $point = new Point($any(), $any());
            $whole = $maps[0]->after($maps[1])->after($maps[2])->of($point);
            $byTurns = $maps[0]->of($maps[1]->of($maps[2]->of($point)));
            self::assertEqualsWithDelta([$byTurns->x, $byTurns->y], [$whole->x, $whole->y], 1e-6);
        }
    }

    public function test_what_each_map_does(): void
    {
        $at = static fn (Affine $map): array => [round($map->of(new Point(2, 3))->x, 9), round($map->of(new Point(2, 3))->y, 9)];
        self::assertSame([[2.0, 3.0], [7.0, 2.0], [4.0, -9.0], [-3.0, 2.0]], [$at(Affine::identity()), $at(Affine::shift(5, -1)), $at(Affine::scale(2, -3)), $at(Affine::turn(90))]);
        self::assertSame([[7.0, 2.0], [9.0, 3.0]], [$at(Affine::shift(5, -1)->after(Affine::identity())), $at(Affine::shift(5, 0)->after(Affine::scale(2, 1)))]);
    }

    public function test_path_data_is_to_a_thousandth(): void
    {
        self::assertSame('1.235 -0.001', (new Point(1.23456, -0.00149))->data());
        self::assertSame('0 2', (new Point(-0.0001, 2.0))->data(), 'and never less than nothing of nothing');
    }
}
