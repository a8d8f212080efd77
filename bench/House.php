<?php

declare(strict_types=1);

namespace Bench;

use FilesystemIterator;
use Generator;
use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use Tests\Support\Sentences;

/** How the house stands: what a stranger trips over, counted. */
final class House
{
    private const MOST_VALUES = 7;

    private const MOST_PARAMETERS = 6;

    private const LONGEST_COMPONENT = 150;

    /** @return list<string> of the files that are ours and are read by people */
    public static function files(string $pattern, string ...$rooms): array
    {
        $files = [];
        foreach ($rooms as $room) {
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($room, FilesystemIterator::SKIP_DOTS)) as $file) {
                $path = $file instanceof SplFileInfo ? $file->getPathname() : '';
                if (preg_match($pattern, $path) === 1 && ! str_contains($path, '/vendor/') && ! preg_match('~(FlowTableValues|Spectra)\.php$|/generated/~', $path)) {
                    $files[] = $path;
                }
            }
        }
        sort($files);

        return $files;
    }

    public static function report(): void
    {
        foreach (self::rooms() as $room => [$files, $lines]) {
            printf("  %-32s %3d files %6d lines\n", $room, $files, $lines);
        }
        $php = self::parsed(self::files('/\.php$/', 'core/src', 'app'));
        self::say('constructors of more than '.self::MOST_VALUES.' values', self::wide($php, '__construct', self::MOST_VALUES));
        self::say('other functions of more than '.self::MOST_PARAMETERS.' parameters', self::wide($php, null, self::MOST_PARAMETERS));
        self::say('longest functions', array_slice(self::long($php), 0, 5), null);
        self::say('files of the interface over '.self::LONGEST_COMPONENT.' lines', self::over(self::files('/\.tsx$/', 'resources/js'), self::LONGEST_COMPONENT));
        self::say('mentions of stdClass', self::mentions(self::files('/\.php$/', 'app'), '/\bstdClass\b/'));
        self::say('sentences in PHP, outside the catalogues', Sentences::inPhp());
        self::say('sentences in the interface, outside its catalogue', Sentences::inTheInterface());
        [$tests, $all] = self::share();
        printf("share of tests: %d of %d lines of PHP and TypeScript, %.1f %%\n", $tests, $all, 100 * $tests / $all);
    }

    /** @return array<string, array{int, int}> files and lines by room, the largest first */
    private static function rooms(): array
    {
        $rooms = [];
        foreach (self::files('/\.(php|tsx?)$/', 'core/src', 'app', 'resources/js') as $file) {
            $room = preg_replace('~^(core/src/\w+|app/\w+|resources/js/(?:views/\w+|\w+)).*~', '$1', $file) ?? $file;
            $rooms[$room] ??= [0, 0];
            $rooms[$room][0]++;
            $rooms[$room][1] += count(file($file) ?: []);
        }
        uasort($rooms, static fn (array $a, array $b): int => $b[1] <=> $a[1]);

        return $rooms;
    }

    /**
     * @param  list<string>  $files
     * @return array<string, array<Node>>
     */
    private static function parsed(array $files): array
    {
        $parser = (new ParserFactory)->createForHostVersion();

        return array_combine($files, array_map(static fn (string $file): array => $parser->parse((string) file_get_contents($file)) ?? [], $files));
    }

    /**
     * @param  array<string, array<Node>>  $php
     * @return list<string>
     */
    private static function wide(array $php, ?string $name, int $most): array
    {
        $wide = [];
        foreach (self::methods($php) as [$file, $method]) {
            if (($name === null) === ($method->name->name !== '__construct') && count($method->params) > $most) {
                $wide[] = sprintf('%s %s %d', $file, $method->name->name, count($method->params));
            }
        }

        return $wide;
    }

    /**
     * @param  array<string, array<Node>>  $php
     * @return list<string> the longest first
     */
    private static function long(array $php): array
    {
        $long = [];
        foreach (self::methods($php) as [$file, $method]) {
            $long[sprintf('%s %s', $file, $method->name->name)] = $method->getEndLine() - $method->getStartLine() + 1;
        }
        arsort($long);

        return array_map(static fn (string $what, int $lines): string => "$what $lines", array_keys($long), $long);
    }

    /**
     * @param  array<string, array<Node>>  $php
     * @return Generator<array{string, Node\Stmt\ClassMethod}>
     */
    private static function methods(array $php): Generator
    {
        foreach ($php as $file => $nodes) {
            foreach ((new NodeFinder)->findInstanceOf($nodes, Node\Stmt\ClassMethod::class) as $method) {
                yield [$file, $method];
            }
        }
    }

    /**
     * @param  list<string>  $files
     * @return list<string>
     */
    private static function over(array $files, int $most): array
    {
        $over = [];
        foreach ($files as $file) {
            $lines = count(file($file) ?: []);
            if ($lines > $most) {
                $over[] = "$file $lines";
            }
        }

        return $over;
    }

    /**
     * @param  list<string>  $files
     * @return list<string>
     */
    private static function mentions(array $files, string $pattern): array
    {
        $found = [];
        foreach ($files as $file) {
            foreach (preg_grep($pattern, file($file) ?: []) ?: [] as $line => $text) {
                $found[] = sprintf('%s:%d', $file, $line + 1);
            }
        }

        return $found;
    }

    /** @return array{int, int} lines of tests, of all */
    private static function share(): array
    {
        $tests = self::lines(self::files('/\.(php|tsx?)$/', 'core/tests', 'tests'));

        return [$tests, $tests + self::lines(self::files('/\.(php|tsx?)$/', 'core/src', 'app', 'database', 'routes', 'config', 'standins', 'resources/js', 'bench'))];
    }

    /** @param  list<string>  $files */
    private static function lines(array $files): int
    {
        return array_sum(array_map(static fn (string $file): int => count(file($file) ?: []), $files));
    }

    /** @param  list<string>  $what */
    private static function say(string $title, array $what, ?int $shown = 3): void
    {
        printf("%s%s\n", $title, $shown === null ? '' : ': '.count($what));
        foreach (array_slice($what, 0, $shown ?? 99) as $one) {
            echo "  $one\n";
        }
    }
}
