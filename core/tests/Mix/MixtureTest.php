<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Mix;

use OpenGlaze\Core\Measuring\Residue;
use OpenGlaze\Core\Measuring\StraightCup;
use OpenGlaze\Core\Measuring\UnknownCup;
use OpenGlaze\Core\Mix\MixException;
use OpenGlaze\Core\Mix\Mixture;
use OpenGlaze\Core\Mix\Ratio;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use PHPUnit\Framework\TestCase;

final class MixtureTest extends TestCase
{
    use ChecksValues;

    public function test_the_check_case_of_two_to_one_by_volume(): void
    {
        $portions = Mixture::of(Ratio::byVolume(2, 1), 1.14, 0.98)->split(500.998);
        self::assertClosed(333.999, $portions->aMl);
        self::assertClosed(380.758, $portions->aG);
        self::assertClosed(166.999, $portions->bMl);
        self::assertClosed(163.659, $portions->bG);
    }

    public function test_whatever_the_ratio_the_parts_make_the_whole(): void
    {
        foreach ([[1, 1], [2, 1], [100, 30], [0.01, 1000]] as [$a, $b]) {
            foreach ([Ratio::byVolume($a, $b), Ratio::byWeight($a, $b)] as $ratio) {
                $mixture = Mixture::of($ratio, 1.14, 0.98);
                $portions = $mixture->split(474.141);
                self::assertEqualsWithDelta(474.141, $portions->totalMl(), 1e-9);
                self::assertEqualsWithDelta(474.141 * $mixture->densityGMl(), $portions->totalG(), 1e-9);
                self::assertEqualsWithDelta($portions->aMl * 1.14, $portions->aG, 1e-9);
                $kept = $ratio->by->value === 'volume' ? $portions->aMl / $portions->bMl : $portions->aG / $portions->bG;
                self::assertEqualsWithDelta(1.0, $kept / ($a / $b), 1e-9);
            }
        }
    }

    public function test_by_weight_is_not_by_volume_unless_the_parts_weigh_the_same(): void
    {
        $byWeight = Mixture::of(Ratio::byWeight(1, 1), 1.14, 0.98)->split(100);
        self::assertLessThan($byWeight->bMl, $byWeight->aMl);
        $same = Mixture::of(Ratio::byWeight(1, 1), 1.1, 1.1)->split(100);
        self::assertEqualsWithDelta($same->aMl, $same->bMl, 1e-9);
    }

    public function test_a_ratio_of_zero_is_refused(): void
    {
        $this->expectException(MixException::class);
        Ratio::byVolume(2, 0);
    }

    public function test_the_check_cases_of_what_cups_keep(): void
    {
        self::assertClosed(4.2076, Residue::ml(new UnknownCup, 474.141, Residue::FILM_MM));
        self::assertClosed(4.0229, Residue::ml(new StraightCup(100), 474.141, Residue::FILM_MM));
        self::assertClosed(0.2300, Residue::ml(new StraightCup(35), 5, Residue::FILM_MM));
    }

    public function test_an_unknown_cup_keeps_what_a_cup_as_deep_as_wide_keeps(): void
    {
        foreach ([1.0, 50.0, 2000.0] as $ml) {
            $diameter = (4000 * $ml / M_PI) ** (1 / 3);
            self::assertEqualsWithDelta(Residue::ml(new StraightCup($diameter), $ml, 0.15), Residue::ml(new UnknownCup, $ml, 0.15), 1e-9);
        }
    }
}
