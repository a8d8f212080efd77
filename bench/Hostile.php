<?php

declare(strict_types=1);

namespace Bench;

use CURLFile;
use RuntimeException;
use Tests\Browser\Support\Studio;

/** What would bring a server down: each sent once, with its answer, its time, and what it cost in memory. */
final class Hostile
{
    private const SILENT = 400;

    /** Prints a line of each. */
    public static function print(Studio $studio): void
    {
        $client = new Client($studio, '', 'nobody');
        $client->open();
        foreach (self::bodies($studio->folder) as $what => [$path, $body]) {
            self::forgetPeaks($studio);
            [$code, $ms] = $client->ask($path, $body);
            Figures::line($what, sprintf('%d in %.0f ms, %.0f MB', $code, $ms, self::peakMegabytes($studio)));
        }
        self::announced($studio);
        self::silent($studio);
    }

    /** @return iterable<string, array{string, string|array<string, mixed>}> where each is sent, and what */
    private static function bodies(string $folder): iterable
    {
        $file = static function (string $name, string $text) use ($folder): array {
            file_put_contents("$folder/$name", $text);

            return ['file' => new CURLFile("$folder/$name")];
        };
        yield 'a plan file of 18 MB, cut short' => ['/plans', $file('cut.json', str_repeat('{"a":[1,', 18 * 1024 * 128))];
        yield 'a plan file of 18 MB, one list' => ['/plans', $file('list.json', '['.str_repeat('1,', 9 * 1024 * 1024).'1]')];
        yield 'a plan file of 18 MB, wrong at its end' => ['/plans', $file('end.json', '{"list":['.str_repeat('1,', 9 * 1024 * 1024).'?]}')];
        yield 'a plan file of 18 MB, one word' => ['/plans', $file('word.json', '{"name":"'.str_repeat('x', 18 * 1024 * 1024).'"}')];
        yield '100,000 lists in each other' => ['/coats/6/live', str_repeat('[', 100_000)];
        yield '40,000 unknown fields' => ['/coats/6/live', '{"coat":{'.implode(',', array_map(static fn (int $i): string => "\"f$i\":$i", range(1, 40_000))).'}}'];
        yield 'an edge of 20,000 points, wavy' => ['/pieces/live', self::edge(static fn (int $i): array => self::round(400 + 60 * sin(37 * 2 * M_PI * $i / 20_000), $i))];
        yield 'an edge of 20,000 points, every second far in' => ['/pieces/live', self::edge(static fn (int $i): array => self::round($i % 2 === 1 ? 400 : 100, $i))];
        yield 'an edge of 20,000 points, at random' => ['/pieces/live', self::edge(static fn (int $i): array => [$i * 7919 % 20_011 / 20, $i * 104_729 % 19_997 / 20])];
        $circles = implode('', array_map(static fn (int $i): string => sprintf('<circle cx="%d" cy="%d" r="9"/>', $i % 32 * 31 + 12, intdiv($i, 32) * 31 + 12), range(0, 998)));
        yield 'a drawing of 1,000 shapes' => ['/outlines/svg', '<svg xmlns="http://www.w3.org/2000/svg" width="1000mm" height="1000mm" viewBox="0 0 1000 1000"><rect width="1000" height="1000"/>'.$circles.'</svg>'];
        yield 'a drawing of 200,000 entities' => ['/outlines/svg', '<!DOCTYPE svg [<!ENTITY a "'.str_repeat('a', 1000).'">]><svg>'.str_repeat('&a;', 200_000).'</svg>'];
    }

    /** @return array{float, float} */
    private static function round(float $reach, int $i): array
    {
        return [500 + $reach * cos(2 * M_PI * $i / 20_000), 500 + $reach * sin(2 * M_PI * $i / 20_000)];
    }

    /** @param  callable(int): array{int|float, int|float}  $pointAt */
    private static function edge(callable $pointAt): string
    {
        $points = array_map(static fn (int $i): string => vsprintf('%.3f %.3f', $pointAt($i)), range(0, 19_999));

        return '{"surface":"sealed","quantity":1,"outline":{"shape":"path","d":"M'.implode('L', $points).'Z"}}';
    }

    private static function announced(Studio $studio): void
    {
        $begin = hrtime(true);
        $socket = self::connect($studio);
        fwrite($socket, "POST /events HTTP/1.1\r\nHost: 127.0.0.1:$studio->port\r\nContent-Type: application/json\r\nContent-Length: 10000000000\r\n\r\n");
        $answer = explode(' ', (string) fgets($socket));
        Figures::line('10 GB announced, nothing sent', sprintf('%s in %.1f ms', $answer[1] ?? 'nothing', (hrtime(true) - $begin) / 1e6));
        fclose($socket);
    }

    private static function silent(Studio $studio): void
    {
        $sockets = [];
        for ($i = 0; $i < self::SILENT; $i++) {
            $sockets[] = self::connect($studio);
        }
        $times = Load::pages($studio, ['/'], 8, 3)['/'];
        Figures::spread(self::SILENT.' silent connections, a page beside them', $times, 'ms');
        array_map(fclose(...), $sockets);
    }

    /** @return resource */
    private static function connect(Studio $studio)
    {
        return stream_socket_client("tcp://127.0.0.1:$studio->port") ?: throw new RuntimeException('Nobody answers.');
    }

    private static function forgetPeaks(Studio $studio): void
    {
        foreach ($studio->processes('php-fpm: pool') as $worker) {
            @file_put_contents("/proc/$worker/clear_refs", '5');
        }
    }

    /** The most memory that one worker took, MB. */
    private static function peakMegabytes(Studio $studio): float
    {
        return max([0, ...array_map(static fn (int $worker): int => preg_match('/^VmHWM:\s+(\d+)/m', (string) @file_get_contents("/proc/$worker/status"), $found) === 1 ? (int) $found[1] : 0, $studio->processes('php-fpm: pool'))]) / 1000;
    }
}
