<?php

declare(strict_types=1);

namespace Bench;

use Symfony\Component\Process\Process;

/** Measures and prints. */
final class Figures
{
    /** @param  callable(): mixed  $do */
    public static function milliseconds(string $what, int $times, callable $do, string $aim = ''): void
    {
        for ($i = 0; $i < 10; $i++) {
            $do();
        }
        $taken = [];
        for ($i = 0; $i < $times; $i++) {
            $begin = hrtime(true);
            $do();
            $taken[] = (hrtime(true) - $begin) / 1e6;
        }
        self::spread($what, $taken, 'ms', $aim);
    }

    /** @param  array<float>  $figures */
    public static function spread(string $what, array $figures, string $unit, string $aim = ''): void
    {
        sort($figures);
        $at = static fn (float $share): float => $figures[(int) floor($share * (count($figures) - 1))];
        self::line($what, sprintf('%.2f %s  (%.2f to %.2f, of %d)', $at(0.5), $unit, $at(0.05), $at(0.95), count($figures)), $aim);
    }

    public static function line(string $what, string $figure, string $aim = ''): void
    {
        printf("%-48s %s%s\n", $what, $figure, $aim === '' ? '' : "  [$aim]");
    }

    public static function gzipped(string|false $file): int
    {
        return $file === false ? 0 : strlen((string) gzencode((string) file_get_contents($file), 9));
    }

    /**
     * The script files that a view loads, with the entry's own.
     *
     * @return list<string>
     */
    public static function scriptsOf(string $view): array
    {
        $manifest = json_decode((string) file_get_contents('public/build/manifest.json'), true);
        $files = [];
        $waiting = ['resources/js/main.tsx', $view];
        while (($key = array_pop($waiting)) !== null) {
            $entry = is_array($manifest) && is_array($manifest[$key] ?? null) ? $manifest[$key] : [];
            $file = $entry['file'] ?? null;
            if (is_string($file) && ! isset($files[$file])) {
                $files[$file] = 'public/build/'.$file;
                foreach (is_array($entry['imports'] ?? null) ? $entry['imports'] : [] as $import) {
                    $waiting[] = is_string($import) ? $import : '';
                }
            }
        }

        return array_values($files);
    }

    /**
     * Seconds until a command has written something; it is stopped then.
     *
     * @param  list<string>  $command
     */
    public static function secondsUntil(array $command, string $written): float
    {
        $process = new Process($command, timeout: 600);
        $begin = microtime(true);
        $process->start();
        $process->waitUntil(static fn (string $type, string $output): bool => str_contains($output, $written));
        $seconds = microtime(true) - $begin;
        $process->stop(3, SIGTERM);

        return $seconds;
    }
}
