<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Run;

use OpenGlaze\Core\Run\Gloves;
use OpenGlaze\Core\Run\WaitCover;
use OpenGlaze\Core\Run\Watched;
use OpenGlaze\Core\Tests\Support\Draws;
use PHPUnit\Framework\TestCase;

/** Covers that go on while a film waits, and come off for what is done to it next. */
final class WaitCoverTest extends TestCase
{
    public function test_a_cover_goes_on_for_a_long_wait_and_comes_off_for_the_watch(): void
    {
        $covers = WaitCover::among([self::at('look', 35, Gloves::Clean), self::at('pass-1', 5, Gloves::Clean), self::at('pass-2', 13, Gloves::Clean)]);
        self::assertSame([['cover-after-pass-2', 'look', 14.0, 30.0]], array_map(static fn (WaitCover $one): array => [$one->act(), $one->before, $one->dueMin, $one->untilMin], $covers));
    }

    public function test_sticky_hands_change_their_gloves_for_a_longer_wait_only(): void
    {
        self::assertSame([], WaitCover::among([self::at('wipe-1', 10, Gloves::Sticky), self::at('wipe-2', 30, Gloves::Sticky)]));
        self::assertCount(1, WaitCover::among([self::at('wipe-1', 10, Gloves::Sticky), self::at('wipe-2', 31, Gloves::Sticky)]));
        self::assertCount(1, WaitCover::among([self::at('look-1', 10, Gloves::Clean), self::at('wipe-2', 21, Gloves::Sticky)]));
    }

    public function test_its_name_tells_what_it_goes_on_after(): void
    {
        self::assertSame('wipe-2', WaitCover::afterOf('cover-after-wipe-2'));
        self::assertNull(WaitCover::afterOf('cover'), 'the one that stays on is another');
        self::assertSame([], WaitCover::among([]));
        self::assertSame([], WaitCover::among([self::at(WaitCover::POUR, 0, Gloves::Sticky)]));
    }

    public function test_laws_of_any_watches(): void
    {
        mt_srand(20261127);
        $found = 0;
        for ($film = 0; $film < Draws::of(200); $film++) {
            $watched = [];
            foreach (range(1, mt_rand(1, 9)) as $number) {
                $watched[] = self::at("act-$number", (float) mt_rand(0, 90), [Gloves::Clean, Gloves::Sticky, Gloves::Either][mt_rand(0, 2)]);
            }
            $covers = WaitCover::among($watched);
            $found += count($covers);
            self::assertLessThan(count($watched), count($covers));
            self::assertSame(array_unique(array_column($covers, 'after')), array_column($covers, 'after'), 'one after each at most');
            foreach ($covers as $one) {
                self::assertGreaterThan($one->dueMin, $one->untilMin);
                $between = array_filter($watched, static fn (Watched $act): bool => $act->beginMin > $one->dueMin && $act->beginMin < $one->untilMin);
                self::assertSame([], $between, 'nothing is done under a cover');
            }
        }
        self::assertGreaterThan(0, $found);
    }

    private static function at(string $act, float $min, Gloves $hands): Watched
    {
        return new Watched($act, $hands, $min, $min + 1);
    }
}
