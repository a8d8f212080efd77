<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Scale\ScaleFault;
use BackedEnum;
use OpenGlaze\Core\Plan\CoatKind;
use OpenGlaze\Core\Plan\Dam;
use OpenGlaze\Core\Surface\Surface;
use PhpParser\Node;
use PhpParser\NodeFinder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sentences;

/** Every sentence has its code, and every code its sentence, in each language. */
final class CataloguesTest extends TestCase
{
    private const ROOT = __DIR__.'/../../';

    /** Choices of the trade, by the catalogue that names them. */
    private const NAMED = ['surfaces' => Surface::class, 'dams' => Dam::class, 'scale' => ScaleFault::class, 'kinds' => CoatKind::class];

    /** What is written by units and lists, by the room that does it. */
    private const OF_THE_WORDING = ['quantities', 'lists'];

    /** @return iterable<string, array{string}> */
    public static function languages(): iterable
    {
        foreach (glob(self::ROOT.'lang/*', GLOB_ONLYDIR) ?: [] as $directory) {
            yield basename($directory) => [basename($directory)];
        }
    }

    #[DataProvider('languages')]
    public function test_what_is_said_has_a_sentence_with_the_same_names_in_it(string $language): void
    {
        $lines = self::lines($language);
        $faults = [];
        foreach (self::messages() as [$where, $keys, $names]) {
            foreach ($keys as $key) {
                $said = str_ends_with($key, '.') ? array_filter($lines, static fn (string $of): bool => str_starts_with($of, $key), ARRAY_FILTER_USE_KEY) : array_intersect_key($lines, [$key => '']);
                if ($said === []) {
                    $faults[] = "$where: nothing says $key";
                }
                foreach (str_ends_with($key, '.') ? [] : $said as $line) {
                    preg_match_all('/:(\w+)/', $line, $holes);
                    foreach (array_diff(array_map(lcfirst(...), $holes[1]), $names ?? array_map(lcfirst(...), $holes[1])) as $hole) {
                        $faults[] = "$where: nothing fills :$hole of $key";
                    }
                }
            }
        }
        self::assertSame([], $faults);
    }

    #[DataProvider('languages')]
    public function test_no_sentence_is_for_nothing(string $language): void
    {
        $written = [];
        foreach (Sentences::php() as $nodes) {
            foreach ((new NodeFinder)->findInstanceOf($nodes, Node\Scalar\String_::class) as $literal) {
                $written[$literal->value] = true;
            }
            foreach ((new NodeFinder)->findInstanceOf($nodes, Node\InterpolatedStringPart::class) as $literal) {
                $written[$literal->value] = true;
            }
        }
        $prefixes = array_filter(array_keys($written), static fn (int|string $literal): bool => preg_match('/^\w+(\.\w+)*\.$/', (string) $literal) === 1);
        $unused = [];
        foreach (array_keys(self::lines($language)) as $key) {
            $catalogue = explode('.', $key)[0];
            if (isset($written[$key]) || isset(self::NAMED[$catalogue]) || in_array($catalogue, self::OF_THE_WORDING, true)) {
                continue;
            }
            if (array_filter($prefixes, static fn (int|string $prefix): bool => str_starts_with($key, (string) $prefix)) === []) {
                $unused[] = $key;
            }
        }
        self::assertSame([], $unused);
    }

    #[DataProvider('languages')]
    public function test_every_choice_of_the_trade_has_its_name(string $language): void
    {
        foreach (self::NAMED as $catalogue => $enum) {
            self::assertEqualsCanonicalizing(
                array_map(static fn (BackedEnum $case): string => "$catalogue.$case->value", $enum::cases()),
                array_keys(array_filter(self::lines($language), static fn (string $key): bool => explode('.', $key)[0] === $catalogue, ARRAY_FILTER_USE_KEY)),
            );
        }
    }

    #[DataProvider('languages')]
    public function test_why_no_flame_is_said_beside_the_act_as_it_is_in_the_advice(string $language): void
    {
        $reasons = static fn (string $under): array => array_values(preg_filter('/^'.preg_quote($under, '/').'(?!cup_)/', '', array_keys(self::lines($language))));
        self::assertEqualsCanonicalizing(['burns', 'may_burn', 'over', 'polyester', 'thinner', 'thinner_unknown'], $reasons('advice.no_flame.'));
        self::assertEqualsCanonicalizing($reasons('advice.no_flame.'), $reasons('acts.no_flame.'));
    }

    /** What begins like a sentence stands in a catalogue; the console's own help is its own. */
    public function test_no_sentence_stands_in_the_code(): void
    {
        self::assertSame([], Sentences::inPhp());
    }

    /** @return iterable<string, array{string}> */
    public static function languagesOfTheInterface(): iterable
    {
        foreach (glob(self::ROOT.'resources/js/words/*', GLOB_ONLYDIR) ?: [] as $directory) {
            yield basename($directory) => [basename($directory)];
        }
    }

    /** That none is missing is what its types say. */
    #[DataProvider('languagesOfTheInterface')]
    public function test_the_interface_says_all_of_its_words_and_they_are_the_same_in_each_language(string $language): void
    {
        $used = [];
        foreach (Sentences::interface() as $code) {
            preg_match_all("~import \\* as (\\w+) from '@words/(\\w+)'~", $code, $imports, PREG_SET_ORDER);
            foreach ($imports as [, $name, $room]) {
                preg_match_all("/\\b$name\\.(\\w+)/", $code, $words);
                $used[$room] = [...$used[$room] ?? [], ...$words[1]];
            }
        }
        $rooms = glob(self::ROOT."resources/js/words/$language/*.ts") ?: [];
        self::assertSame(count($used), count($rooms));
        foreach ($rooms as $file) {
            preg_match_all('/^export const (\w+)/m', (string) file_get_contents($file), $words);
            self::assertEqualsCanonicalizing(array_values(array_unique($used[basename($file, '.ts')] ?? [])), $words[1], basename($file));
        }
    }

    /** A language puts its figures where it wants them: a word of the catalogue and a figure beside it are one entry. */
    public function test_no_sentence_of_the_interface_is_cut_around_its_figures(): void
    {
        $cut = [];
        foreach (Sentences::interface() as $file => $code) {
            preg_match_all("~\\{(?:texts|words)\\.\\w+\\}(?:[ ,.:;]|\\{' '\\})*\\{(?!' '\\}|/\\*|(?:texts|words)\\.)[a-z][^}]*\\}|\\}(?:[ ,.:;]|\\{' '\\})+\\{(?:texts|words)\\.\\w+\\}~", $code, $found);
            array_push($cut, ...array_map(static fn (string $text): string => "$file: $text", $found[0]));
        }
        self::assertSame([], $cut);
        foreach (glob(self::ROOT.'resources/js/words/*/*.ts') ?: [] as $file) {
            self::assertDoesNotMatchRegularExpression('/^export const \w*\d =/m', (string) file_get_contents($file), basename($file).' names a key by what it means');
        }
    }

    /** Literals, and texts between tags, that begin like a sentence; units and what is sent or pressed are none. */
    public function test_no_sentence_stands_in_the_interface(): void
    {
        self::assertSame([], Sentences::inTheInterface());
    }

    /** Nor a word of one, handed to a sentence, chosen beside one, or joined to what is listed. */
    public function test_no_part_of_a_sentence_stands_in_the_interface(): void
    {
        $parts = [];
        foreach (Sentences::interface() as $file => $code) {
            preg_match_all("~\\b(?:words|texts)\\.\\w+\\([^()\\n]*(?<!=== )(?<!')'[^'\\w\\n]*[a-z]{2,}[^'\\n]*'|\\? '[a-z][a-z ]+' : (?:words|texts)\\.|(?:words|texts)\\.[\\w.()]* : '[a-z][a-z ]+'|['`][,;]? [a-z]{2,}[a-z ]*['`]\\)|\\b(?:aria-label|label|placeholder|title|alt)=\"[a-zA-Z]{2}[^\"]*\"~", $code, $found);
            array_push($parts, ...array_map(static fn (string $text): string => "$file: $text", $found[0]));
        }
        self::assertSame([], $parts);
    }

    /** @return array<string, string> by key */
    private static function lines(string $language): array
    {
        $lines = [];
        foreach (glob(self::ROOT."lang/$language/*.php") ?: [] as $file) {
            foreach (self::flat(require $file, basename($file, '.php')) as $key => $line) {
                $lines[$key] = $line;
            }
        }
        self::assertNotSame([], $lines);

        return $lines;
    }

    /** @return iterable<string, string> */
    private static function flat(mixed $part, string $key): iterable
    {
        if (is_array($part)) {
            foreach ($part as $name => $inner) {
                yield from self::flat($inner, "$key.$name");
            }
        } else {
            yield $key => is_string($part) ? $part : '';
        }
    }

    /**
     * Every place where a message is made: its file and line, the keys that it may have, or what they begin with,
     * and what fills it where that can be read off.
     *
     * @return iterable<array{string, list<string>, list<string>|null}>
     */
    private static function messages(): iterable
    {
        foreach (Sentences::php() as $file => $nodes) {
            foreach ((new NodeFinder)->findInstanceOf($nodes, Node\Expr\StaticCall::class) as $call) {
                if (! $call->class instanceof Node\Name || $call->class->getLast() !== 'Message' || ! $call->name instanceof Node\Identifier || $call->name->name !== 'of') {
                    continue;
                }
                $names = [];
                foreach (array_slice($call->getArgs(), 1) as $arg) {
                    $names = $arg->unpack || $names === null ? null : [...$names, (string) $arg->name];
                }
                $keys = array_values(array_filter(
                    array_map(static fn (Node\Scalar\String_ $literal): string => $literal->value, (new NodeFinder)->findInstanceOf([$call->getArgs()[0]], Node\Scalar\String_::class)),
                    static fn (string $literal): bool => str_contains($literal, '.'),
                ));
                yield [$file.':'.$call->getStartLine(), $keys, $names];
            }
        }
    }
}
