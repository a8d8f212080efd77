<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Judging;

use OpenGlaze\Core\Cure\Phase;
use OpenGlaze\Core\Judging\NextCoatNow;
use OpenGlaze\Core\Plan\Coat;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every school of the next coat, in every phase of the one below. */
final class NextCoatNowTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, array<string, string|null>}> */
    public static function schools(): iterable
    {
        yield from [
            'in the window, else sanded' => [[], ['wet' => 'recoat_too_soon', 'tacky' => 'recoat_too_soon', 'window_open' => null, 'window_shut' => 'recoat_window_missed', 'hard' => 'sand_first', 'cured' => 'sand_first']],
            'wiped only' => [['over_hard' => 'wipe'], ['wet' => 'recoat_too_soon', 'tacky' => 'recoat_too_soon', 'window_open' => null, 'window_shut' => 'recoat_window_missed', 'hard' => null, 'cured' => null]],
            'after oil' => [['after_oil' => true], ['wet' => 'recoat_too_soon', 'tacky' => 'recoat_too_soon', 'window_open' => 'recoat_too_soon', 'window_shut' => 'recoat_window_missed', 'hard' => 'sand_first', 'cured' => 'sand_first']],
            'turned first' => [['turn_first' => true], ['wet' => 'recoat_too_soon', 'tacky' => 'recoat_too_soon', 'window_open' => 'recoat_too_soon', 'window_shut' => 'recoat_too_soon', 'hard' => null, 'cured' => null]],
        ];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @param  array<string, string|null>  $codes
     */
    #[DataProvider('schools')]
    public function test_it_says_whether_the_next_coat_may_follow(array $fields, array $codes): void
    {
        $coat = self::coat($fields);
        foreach (Phase::cases() as $phase) {
            self::assertSame($codes[$phase->value], NextCoatNow::judge($coat, $phase)?->code, $phase->value);
        }
    }

    /** @param  array<string, mixed>  $fields */
    private static function coat(array $fields): Coat
    {
        return Plans::stack([], [], $fields)[1]->case->coat;
    }
}
