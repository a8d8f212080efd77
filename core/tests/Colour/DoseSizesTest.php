<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Colour;

use OpenGlaze\Core\Colour\DoseSizes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Drops weighed, not guessed. */
final class DoseSizesTest extends TestCase
{
    #[DataProvider('weighed')]
    public function test_one_is_a_twentieth_of_what_twenty_weigh_by_its_density(float $twentyG, float $densityGMl, float $oneMl): void
    {
        self::assertSame($oneMl, DoseSizes::oneMl($twentyG, $densityGMl));
    }

    /** @return iterable<string, array{float, float, float}> */
    public static function weighed(): iterable
    {
        yield 'a tint' => [0.84, 1.05, 0.04];
        yield 'water' => [1.0, 1.0, 0.05];
        yield 'three digits of it' => [1.0, 1.3, 0.0385];
        yield 'a heavy paste from a spoon' => [61.7, 1.5, 2.06];
    }

    public function test_twenty_of_them_weigh_what_was_weighed(): void
    {
        mt_srand(12);
        for ($draw = 0; $draw < 200; $draw++) {
            [$grams, $density] = [mt_rand(1, 5000) / 1000, mt_rand(700, 5000) / 1000];
            self::assertEqualsWithDelta($grams, 20 * $density * DoseSizes::oneMl($grams, $density), 0.0051 * $grams);
        }
    }
}
