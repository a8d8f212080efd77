<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Journal;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\Event;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\Press;

/** Events as tests write them. */
final class Happened
{
    /** When the evening begins, ms since 1970. */
    public const ZERO = 1_800_000_000_000;

    /**
     * @param  float  $min  after the evening began, by the studio's clock
     * @param  array<string, mixed>  $facts
     * @param  int  $wrongMs  how far the device's clock is behind
     */
    public static function at(float $min, EventKind $kind, array $facts = [], string $device = 'phone', ?int $sequence = null, int $wrongMs = 0, ?string $id = null): Event
    {
        static $number = 0;
        $number++;
        $atMs = self::ZERO + (int) round($min * 60_000);

        return Event::of($id ?? "event-$number", $kind, new Press($device, $sequence ?? $number, $atMs - $wrongMs, $wrongMs, $atMs + 3_600_000), Entry::from($facts));
    }

    /** @param  array<string, mixed>  $facts */
    public static function begun(array $facts = []): Event
    {
        return self::at(0, EventKind::PourBegun, $facts);
    }

    /** @param  list<string>  $acts */
    public static function poured(float $min = 6, array $acts = ['pass-1', 'wipe-1', 'look', 'cover'], string $device = 'phone'): Event
    {
        return self::at($min, EventKind::Poured, ['answer' => ['acts' => array_map(static fn (string $id): array => ['id' => $id], $acts)]], $device);
    }

    public static function undone(float $min, Event $event, string $device = 'phone'): Event
    {
        return self::at($min, EventKind::Undone, ['of' => $event->id], $device);
    }
}
