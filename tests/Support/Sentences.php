<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Filesystem\Filesystem;
use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/** Sentences that stand in the code, and should stand in a catalogue: counted for the tests and for the bench. */
final class Sentences
{
    private const ROOT = __DIR__.'/../../';

    /** @return list<string> of PHP, with their places; what the console says of its own commands is its help */
    public static function inPhp(): array
    {
        $found = [];
        foreach (self::php() as $file => $nodes) {
            if (str_starts_with($file, 'app/Console/')) {
                continue;
            }
            $finder = new NodeFinder;
            foreach ([...$finder->findInstanceOf($nodes, Node\Scalar\String_::class), ...$finder->findInstanceOf($nodes, Node\InterpolatedStringPart::class)] as $literal) {
                if (preg_match('/^(\p{Lu}\p{Ll}+|A|I) /u', $literal->value) === 1) {
                    $found[] = "$file:{$literal->getStartLine()} $literal->value";
                }
            }
        }

        return $found;
    }

    /** @return list<string> of the interface: literals, and texts between tags */
    public static function inTheInterface(): array
    {
        $found = [];
        foreach (self::interface() as $file => $code) {
            $code = (string) preg_replace('~/\*.*?\*/|(?<![:\'"])//[^\n]*~s', '', $code);
            preg_match_all('/[\'"`]((?:\p{Lu}\p{Ll}+|A|I) [\p{L}$][^\'"`\n]*)|>\s*(\p{Lu}\p{Ll}+ \p{Ll}[^<>{}()=]*)[<{]/u', $code, $texts);
            foreach ($texts[0] as $text) {
                $found[] = "$file $text";
            }
        }

        // a caption of two caps: "A white, B blue"
        return array_values(array_filter($found, static fn (string $one): bool => ! str_contains($one, '`A ${sheet.cap_a')));
    }

    /** @return array<string, array<Node>> of the application and the core, by file */
    public static function php(): array
    {
        static $code = [];
        if ($code === []) {
            $parser = (new ParserFactory)->createForHostVersion();
            foreach (self::files('/\.php$/', 'app', 'core/src') as $file) {
                $code[$file] = $parser->parse((string) file_get_contents(self::ROOT.$file)) ?? [];
            }
        }

        return $code;
    }

    /** @return iterable<string, string> code of the interface outside its catalogues, by file */
    public static function interface(): iterable
    {
        foreach (self::files('~^(?!.*/words/).*\.tsx?$~', 'resources/js') as $file) {
            yield $file => (string) file_get_contents(self::ROOT.$file);
        }
    }

    /** @return list<string> */
    private static function files(string $pattern, string ...$places): array
    {
        $files = [];
        foreach ($places as $place) {
            foreach ((new Filesystem)->allFiles(self::ROOT.$place) as $file) {
                $path = "$place/".$file->getRelativePathname();
                if (preg_match($pattern, $path) === 1) {
                    $files[] = $path;
                }
            }
        }

        return $files;
    }
}
