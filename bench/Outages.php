<?php

declare(strict_types=1);

namespace Bench;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\Event;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\Order;
use OpenGlaze\Core\Journal\Press;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Browser\Support\Studio;

/** What the journal keeps of what was pressed, through power cuts and by clocks that are wrong. */
final class Outages
{
    /**
     * Servers that are killed at any moment of writing.
     *
     * @return array{sent: int, acknowledged: int, lost: int, doubled: int, sound: bool}
     */
    public static function killed(Studio $studio, int $rounds, int $seed = 1): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $film = self::film($studio);
        $client = new Client($studio, self::studioId($studio), '00000000-0000-4000-8000-0000000000c3');
        $sent = [];
        for ($round = 0; $round < $rounds; $round++) {
            $studio->serve();
            $client->open();
            for ($press = 0; $press < 6; $press++) {
                $event = self::observed($film, count($sent) + 1, 1_790_000_000_000 + 1000 * count($sent), 0);
                $sent[$event['id']] = $client->waiting[$event['id']] = $event;
            }
            // the cut comes while the presses are on their way
            $studio->killAfter($random->getInt(1, 60));
            do {
                $heard = $client->send(array_slice(array_values($client->waiting), 0, 2));
            } while ($heard && $client->isWaiting());
            $studio->kill();
        }
        $studio->serve();
        $client->open();
        while ($client->isWaiting()) {
            $client->send(array_slice(array_values($client->waiting), 0, 50));
        }

        return self::compared($studio, $sent, $client->done) + ['sound' => $studio->value('PRAGMA integrity_check') === 'ok'];
    }

    /**
     * Two devices whose clocks are wrong send what they kept: doubled, in any order, through outages.
     *
     * @return array{sent: int, acknowledged: int, lost: int, doubled: int, out_of_order: int, seconds: float}
     */
    public static function queued(Studio $studio, int $events, int $seed = 2): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $films = array_column($studio->rows('select id from pours where poured_at is not null order by id'), 'id');
        $sent = $expected = [];
        $clients = [];
        foreach (['d4' => -7_200_000, 'e5' => 95_000_000] as $name => $wrongMs) {
            $client = $clients[$name] = new Client($studio, self::studioId($studio), "00000000-0000-4000-8000-0000000000$name");
            $client->open();
            for ($number = 1; $number <= $events / 2; $number++) {
                $atMs = 1_790_000_000_000 + 500 * $number + ($name === 'd4' ? 0 : 250);
                $film = $films[$number % count($films)];
                $event = self::observed($film, $number, $atMs - $wrongMs, $wrongMs);
                $sent[$event['id']] = $client->waiting[$event['id']] = $event;
                $expected[$film][$atMs] = $event['id'];
            }
        }
        $begin = hrtime(true);
        while (array_filter($clients, static fn (Client $client): bool => $client->isWaiting()) !== []) {
            foreach ($clients as $client) {
                $some = $random->shuffleArray(array_slice(array_values($client->waiting), 0, 100));
                $known = array_slice($sent, $random->getInt(0, max(0, count($sent) - 5)), 3);
                $client->send(array_slice([...$some, ...array_filter(array_values($known), static fn (array $one): bool => isset($client->done[$one['id']]))], 0, 100));
            }
            if ($random->getInt(0, 40) === 0) {
                $studio->kill();
                array_map(static fn (Client $client): bool => $client->send([]), $clients);
                $studio->serve();
            }
        }
        $seconds = (hrtime(true) - $begin) / 1e9;
        $done = array_merge(...array_map(static fn (Client $client): array => $client->done, array_values($clients)));
        $outOfOrder = 0;
        foreach ($expected as $film => $ids) {
            ksort($ids);
            $outOfOrder += count(array_filter(array_map(null, self::ordered($studio, (string) $film), array_values($ids)), static fn (array $pair): bool => $pair[0] !== $pair[1]));
        }

        return self::compared($studio, $sent, $done) + ['out_of_order' => $outOfOrder, 'seconds' => $seconds];
    }

    /**
     * @param  array<string, array<string, mixed>>  $sent
     * @param  array<string, true>  $done
     * @return array{sent: int, acknowledged: int, lost: int, doubled: int}
     */
    private static function compared(Studio $studio, array $sent, array $done): array
    {
        $kept = array_count_values(array_column($studio->rows("select id from events where kind = 'observed'"), 'id'));

        return [
            'sent' => count($sent),
            'acknowledged' => count($done),
            'lost' => count(array_diff_key($sent, $kept)),
            'doubled' => count(array_filter($kept, static fn (int $times): bool => $times > 1)) + count(array_diff_key($kept, $sent)),
        ];
    }

    /** @return list<string> the events of a film, as they are folded */
    private static function ordered(Studio $studio, string $film): array
    {
        $events = [];
        foreach ($studio->rows("select * from events where kind = 'observed' and subject = '$film'") as $row) {
            $events[] = Event::of($row['id'], EventKind::Observed, new Press($row['device'], (int) $row['sequence'], (int) $row['pressed_ms'], (int) $row['offset_ms'], (int) $row['heard_ms']), Entry::of());
        }

        return array_map(static fn (Event $event): string => $event->id, Order::of($events));
    }

    /** @return array{id: string, subject: string, kind: string, sequence: int, pressed_ms: int, offset_ms: int, version: int, facts: array<string, string>} */
    private static function observed(string $film, int $sequence, int $pressedMs, int $offsetMs): array
    {
        $hex = bin2hex(random_bytes(16));

        return [
            'id' => sprintf('%s-%s-4%s-8%s-%s', substr($hex, 0, 8), substr($hex, 8, 4), substr($hex, 13, 3), substr($hex, 17, 3), substr($hex, 20)),
            'subject' => $film, 'kind' => 'observed', 'sequence' => $sequence, 'pressed_ms' => $pressedMs, 'offset_ms' => $offsetMs, 'version' => 1,
            'facts' => ['what' => 'thick', 'text' => "No. $sequence"],
        ];
    }

    private static function film(Studio $studio): string
    {
        return $studio->value('select id from pours where poured_at is not null order by started_at desc');
    }

    private static function studioId(Studio $studio): string
    {
        return $studio->value('select id from studio');
    }
}
