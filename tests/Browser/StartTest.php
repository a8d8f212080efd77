<?php

declare(strict_types=1);

namespace Tests\Browser;

use PDO;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Symfony\Component\Process\Process;
use Tests\Browser\Support\Studio;

/** bin/start, ended as accidents end things: a studio is whole or it is not there. */
final class StartTest extends TestCase
{
    private string $folder;

    /** @var list<int> */
    private array $ports = [];

    /** @var list<Process> */
    private array $started = [];

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/open-glaze-start-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        array_map(static fn (Process $process): ?int => $process->stop(5, SIGTERM), $this->started);
        foreach ($this->ports as $port) {
            array_map(unlink(...), glob("bootstrap/cache/*-own-$port.php") ?: []);
        }
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    public function test_killed_while_the_studio_is_made_the_next_start_makes_it_whole(): void
    {
        $new = "$this->folder/studio.sqlite.new";
        foreach ([0, 150, 500] as $ms) {
            $process = $this->start();
            $this->until(static fn (): bool => is_file($new), 'the studio to be begun');
            time_nanosleep(0, $ms * 1_000_000);
            $this->kill($process);
            self::assertFileDoesNotExist("$this->folder/studio.sqlite", "killed after $ms ms");
        }
        $port = $this->served($this->start());
        self::assertNotFalse(@file_get_contents("http://127.0.0.1:$port/up"));
        self::assertSame(['ok', 1], $this->look());
        self::assertFileDoesNotExist($new);
        self::assertSame('0600', substr(sprintf('%o', fileperms("$this->folder/studio.sqlite")), -4));
    }

    public function test_of_two_at_once_one_waits_and_both_serve_one_studio(): void
    {
        $both = [$this->start(), $this->start()];
        foreach ($both as $process) {
            self::assertNotFalse(@file_get_contents('http://127.0.0.1:'.$this->served($process).'/up'));
        }
        self::assertSame(['ok', 1], $this->look());
    }

    public function test_what_was_killed_serves_no_more_and_starts_again_with_what_it_held(): void
    {
        $process = $this->start();
        $port = $this->served($process);
        $database = new PDO("sqlite:$this->folder/studio.sqlite");
        $database->exec("update plans set name = 'Kept through a power cut'");
        unset($database);
        $this->kill($process);
        $this->until(static fn (): bool => @file_get_contents("http://127.0.0.1:$port/up") === false, 'nothing to serve');
        $this->served($this->start());
        self::assertSame('Kept through a power cut', $this->database()->query('select name from plans')->fetchColumn());
    }

    private function start(): Process
    {
        $port = $this->ports[] = Studio::freePort();
        $process = new Process(['setsid', 'bin/start', '--empty', '--port', (string) $port], null, ['DB_DATABASE' => "$this->folder/studio.sqlite"], timeout: 120);
        $process->start();

        return $this->started[] = $process;
    }

    /** Waits until it is served. @return int at which port */
    private function served(Process $process): int
    {
        $at = '';
        $process->waitUntil(static function (string $type, string $output) use (&$at): bool {
            $at .= $output;

            return str_contains($at, 'Open Glaze is at');
        });
        self::assertMatchesRegularExpression('~http://127\.0\.0\.1:(\d+)~', $at);

        return (int) preg_replace('~.*http://127\.0\.0\.1:(\d+).*~s', '$1', $at);
    }

    /** All that it has started by then too, with no goodbye. */
    private function kill(Process $process): void
    {
        posix_kill(-(int) $process->getPid(), SIGKILL);
        $this->until(static fn (): bool => ! $process->isRunning(), 'it to end');
    }

    private function database(): PDO
    {
        return new PDO("sqlite:$this->folder/studio.sqlite");
    }

    /** @return array{mixed, int} whether the database is whole, and how many studios are in it */
    private function look(): array
    {
        return [$this->database()->query('pragma integrity_check')->fetchColumn(), (int) $this->database()->query('select count(*) from plans')->fetchColumn()];
    }

    /** @param  callable(): bool  $holds */
    private function until(callable $holds, string $what): void
    {
        retry(400, static fn (): bool => $holds() ?: throw new RuntimeException("Waited in vain for $what."), 50);
    }
}
