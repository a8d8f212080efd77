<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Answer;

use OpenGlaze\Core\Tests\Support\AsComputed;
use OpenGlaze\Core\Tests\Support\RandomPlans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What was computed of plans at random when the laws and check values beside this had held: whoever rebuilds a room
 * sees at once what they moved. A figure that is meant to change is written anew by compute-anew.php, and the
 * difference read.
 */
final class AsComputedTest extends TestCase
{
    private const NEAR = 1e-5;

    /** @return iterable<string, array{int, list<float|string|null>}> */
    public static function plans(): iterable
    {
        foreach (file(__DIR__.'/as-computed.jsonl', FILE_IGNORE_NEW_LINES) ?: [] as $at => $line) {
            /** @var list<float|string|null> $figures */
            $figures = json_decode($line, true, flags: JSON_THROW_ON_ERROR);
            yield 'plan '.($at + 1) => [$at + 1, $figures];
        }
    }

    /** @param  list<float|string|null>  $figures */
    #[DataProvider('plans')]
    public function test_it_is_computed_as_it_was(int $number, array $figures): void
    {
        $now = AsComputed::of(RandomPlans::number($number));
        self::assertSame(count($figures), count($now), implode("\n", array_keys($now)));
        $moved = [];
        foreach (array_keys($now) as $at => $where) {
            [$was, $is] = [$figures[$at], $now[$where]];
            $stays = is_numeric($was) && is_numeric($is) ? abs($is - $was) <= self::NEAR * max(abs((float) $was), 1e-6) : $is === $was;
            if (! $stays) {
                $moved[$where] = "$was → $is";
            }
        }
        self::assertSame([], $moved);
    }
}
