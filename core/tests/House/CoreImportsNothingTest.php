<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\House;

use PhpToken;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The core leans on PHP alone: no framework, no input or output, no clock of its own. */
final class CoreImportsNothingTest extends TestCase
{
    private const SOURCE = __DIR__.'/../../src';

    public function test_every_name_used_is_the_cores_or_phps_own(): void
    {
        $outside = [];
        foreach (self::files() as $path => $tokens) {
            foreach ($tokens as $token) {
                if (in_array($token->id, [T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED], true)) {
                    $name = ltrim($token->text, '\\');
                    // PHP's own
                    if (preg_match('/^(?:OpenGlaze\\\\Core|Random)\\\\/', $name) !== 1 && str_contains($name, '\\')) {
                        $outside[] = $path.': '.$name;
                    }
                }
            }
        }
        self::assertSame([], $outside);
    }

    public function test_it_neither_reads_nor_writes_nor_asks_the_time(): void
    {
        $forbidden = '/^(f(open|read|write|gets|puts)|file(_get_contents|_put_contents)?|readfile|include|require|curl_\w+|exec|system|echo|print|date|time|microtime|hrtime|rand|mt_rand|random_int|getenv)$/';
        $found = [];
        foreach (self::files() as $path => $tokens) {
            foreach ($tokens as $index => $token) {
                $isCall = $token->id === T_STRING && ($tokens[$index + 1] ?? null)?->text === '('
                    && ! in_array(($tokens[$index - 1] ?? null)?->text, ['->', '?->', '::', 'function', 'new'], true);
                if (($isCall && preg_match($forbidden, $token->text) === 1) || in_array($token->id, [T_ECHO, T_INCLUDE, T_REQUIRE], true)) {
                    $found[] = $path.': '.$token->text;
                }
            }
        }
        self::assertSame([], $found);
    }

    public function test_every_file_is_strict(): void
    {
        foreach (array_keys(self::files()) as $path) {
            self::assertStringContainsString('declare(strict_types=1);', (string) file_get_contents($path));
        }
    }

    /** @return array<string, list<PhpToken>> */
    private static function files(): array
    {
        $files = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(self::SOURCE)) as $file) {
            if ($file instanceof SplFileInfo && $file->getExtension() === 'php') {
                $code = (string) file_get_contents($file->getPathname());
                $files[$file->getPathname()] = array_values(array_filter(
                    PhpToken::tokenize($code),
                    static fn (PhpToken $token): bool => ! $token->isIgnorable(),
                ));
            }
        }
        self::assertNotSame([], $files);

        return $files;
    }
}
