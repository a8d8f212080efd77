<?php

declare(strict_types=1);

namespace Tests\Browser;

use Bench\Outages;
use Database\Seeders\DatabaseSeeder;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Tests\Browser\Support\Studio;

/** Power cuts and wrong clocks, a few of those that bench/ makes hundreds of. */
final class OutageTest extends TestCase
{
    private Studio $studio;

    protected function setUp(): void
    {
        $this->studio = new Studio(DatabaseSeeder::class);
    }

    protected function tearDown(): void
    {
        $this->studio->remove();
    }

    public function test_servers_killed_while_they_write_lose_nothing_and_write_nothing_twice(): void
    {
        $found = Outages::killed($this->studio, 5);
        self::assertSame(['sent' => 30, 'acknowledged' => 30, 'lost' => 0, 'doubled' => 0, 'sound' => true], $found);
    }

    public function test_what_two_devices_kept_with_wrong_clocks_comes_into_its_order(): void
    {
        $this->studio->serve();
        $found = Outages::queued($this->studio, 400);
        unset($found['seconds']);
        self::assertSame(['sent' => 400, 'acknowledged' => 400, 'lost' => 0, 'doubled' => 0, 'out_of_order' => 0], $found);
    }

    public function test_a_pool_or_server_that_dies_is_started_again_and_nothing_serves_after_the_end(): void
    {
        $this->studio->serve();
        $up = fn (): bool => @file_get_contents($this->studio->url('/up')) === 'up';
        foreach (['php-fpm: master', 'serving/usr/bin/caddy'] as $what) {
            foreach ($this->studio->processes($what) as $pid) {
                posix_kill($pid, 9);
            }
            retry(1200, fn (): bool => $up() ?: throw new RuntimeException("It is not started again: $what"), 50);
        }
        $pids = [...$this->studio->processes('php-fpm'), ...$this->studio->processes('caddy')];
        self::assertGreaterThan(5, count($pids));
        $this->studio->killFirst();
        retry(100, fn (): bool => array_filter($pids, static fn (int $pid): bool => posix_kill($pid, 0)) === [] ?: throw new RuntimeException('Something goes on.'), 50);
        self::assertFalse($up());
    }

    public function test_silent_connections_and_announced_floods_change_nothing(): void
    {
        $this->studio->serve();
        $silent = [];
        for ($number = 0; $number < 400; $number++) {
            $silent[] = $socket = stream_socket_client("tcp://127.0.0.1:{$this->studio->port}");
            self::assertIsResource($socket);
            fwrite($socket, $number % 2 === 0 ? '' : 'GET / HT');
        }
        self::assertStringContainsString('Halfmoon Bench', (string) file_get_contents($this->studio->url('/')));
        foreach (['/events' => 99_999_999_999, '/studio' => 1_000_000, '/plans' => 29_000_000] as $path => $bytes) {
            $socket = stream_socket_client("tcp://127.0.0.1:{$this->studio->port}");
            self::assertIsResource($socket);
            fwrite($socket, "POST $path HTTP/1.1\r\nHost: 127.0.0.1:{$this->studio->port}\r\nContent-Length: $bytes\r\n\r\n");
            self::assertStringContainsString(' 413 ', (string) fgets($socket), $path);
        }
        foreach (['Host: studio.example' => 421, 'Host: 127.0.0.1:1' => 421] as $host => $status) {
            $socket = stream_socket_client("tcp://127.0.0.1:{$this->studio->port}");
            self::assertIsResource($socket);
            fwrite($socket, "GET / HTTP/1.1\r\n$host\r\n\r\n");
            self::assertStringContainsString(" $status ", (string) fgets($socket));
        }
        self::assertStringContainsString('404', implode(' ', @get_headers($this->studio->url('/index.php/pieces')) ?: []));
        self::assertCount(400, $silent);
    }
}
