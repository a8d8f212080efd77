<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Quantity;

use OpenGlaze\Core\Quantity\LabelParser;
use OpenGlaze\Core\Quantity\QuantityException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LabelParserTest extends TestCase
{
    /** @return iterable<array{string, float, float}> written, minutes at the earliest and at the latest */
    public static function times(): iterable
    {
        yield ['30', 30, 30];
        yield ['30 min', 30, 30];
        yield ['30 Minutes.', 30, 30];
        yield ['45m', 45, 45];
        yield ['1.5 h', 90, 90];
        yield ['1,5 hrs', 90, 90];
        yield ['1 day', 1440, 1440];
        yield ['3-4 h', 180, 240];
        yield ['3 h – 4 h', 180, 240];
        yield ['30 min - 1 h', 30, 60];
        yield ['20 to 30', 20, 30];
        yield ['90 s', 1.5, 1.5];
        yield ['2 weeks', 20160, 20160];
    }

    #[DataProvider('times')]
    public function test_times_as_they_are_printed(string $written, float $earliest, float $latest): void
    {
        self::assertEqualsWithDelta($earliest, LabelParser::minutes($written), 1e-9);
        self::assertEqualsWithDelta($latest, LabelParser::minutes($written, true), 1e-9);
    }

    public function test_a_number_alone_is_in_the_unit_of_its_field(): void
    {
        self::assertSame(4.0, LabelParser::hours('4'));
        self::assertSame(24.0, LabelParser::hours('1 day'));
        self::assertSame(0.5, LabelParser::hours('30 min'));
        self::assertSame([18.0, 24.0], [LabelParser::hours('18-24'), LabelParser::hours('18-24', true)]);
    }

    /** @return iterable<array{string, float}> */
    public static function thicknesses(): iterable
    {
        yield ['1.1', 1.1];
        yield ['900 cps', 0.9];
        yield ['900 cP', 0.9];
        yield ['900 mPas', 0.9];
        yield ['900 mPa·s', 0.9];
        yield ['0.9 Pa s', 0.9];
        yield ['9 poise', 0.9];
        yield ['800-1000 cps', 0.9];
    }

    #[DataProvider('thicknesses')]
    public function test_thicknesses_as_they_are_printed(string $written, float $paS): void
    {
        self::assertEqualsWithDelta($paS, LabelParser::pascalSeconds($written), 1e-9);
    }

    /** @return iterable<array{string}> */
    public static function neither(): iterable
    {
        yield from [[''], ['soon'], ['-3 h'], ['4-3 h'], ['3 4 h'], ['3 bananas'], ['1,500']];
    }

    #[DataProvider('neither')]
    public function test_what_is_neither_is_refused(string $written): void
    {
        $refused = 0;
        foreach ([LabelParser::minutes(...), LabelParser::hours(...), LabelParser::pascalSeconds(...)] as $parser) {
            try {
                $parser($written);
            } catch (QuantityException) {
                $refused++;
            }
        }
        self::assertSame(3, $refused);
    }
}
