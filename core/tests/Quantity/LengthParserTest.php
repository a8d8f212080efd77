<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Quantity;

use OpenGlaze\Core\Quantity\LengthParser;
use OpenGlaze\Core\Quantity\LengthUnit;
use OpenGlaze\Core\Tests\Support\English;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LengthParserTest extends TestCase
{
    /** @return iterable<string, array{string, float}> */
    public static function written(): iterable
    {
        yield from [
            'inches' => ['16 in', 406.4],
            'inches by sign' => ['16"', 406.4],
            'feet and inches' => ['2\' 6"', 762.0],
            'feet and inches by words' => ['2 ft 6 in', 762.0],
            'feet and inches with typographic signs' => ['2′6″', 762.0],
            'feet with a fraction of inches' => ['2\' 6 1/2"', 774.7],
            'feet and inches without the last sign' => ['2\' 6', 762.0],
            'feet alone' => ['2.5ft', 762.0],
            'a bare fraction is inches' => ['3/8', 9.525],
            'whole and fraction' => ['16 1/2 in', 419.1],
            'whole and fraction with a hyphen' => ['16-1/2"', 419.1],
            'fraction sign' => ['5½ in', 139.7],
            'centimetres without a space' => ['40cm', 400.0],
            'decimal comma' => ['40,5 cm', 405.0],
            'metres' => ['1.2 m', 1200.0],
            'millimetres' => ['36mm', 36.0],
            'no unit' => ['620', 620.0],
            'leading point' => ['.5 in', 12.7],
            'negative, for the field to judge' => ['-3 mm', -3.0],
            'zero' => ['0', 0.0],
            'huge' => ['1000000000', 1e9],
            'three decimals after zero' => ['0,125 mm', 0.125],
            'spaces around' => ["  98 mm\t", 98.0],
        ];
    }

    #[DataProvider('written')]
    public function test_it_reads_lengths_as_people_write_them(string $written, float $mm): void
    {
        self::assertEqualsWithDelta($mm, LengthParser::mm($written, LengthUnit::Millimetre), 1e-9);
    }

    public function test_a_number_without_a_unit_is_in_the_persons_unit(): void
    {
        self::assertEqualsWithDelta(406.4, LengthParser::mm('16', LengthUnit::Inch), 1e-9);
        self::assertEqualsWithDelta(9.525, LengthParser::mm('3/8', LengthUnit::Inch), 1e-9);
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        yield from [
            'nothing' => ['  ', 'Write a length'],
            'words' => ['abc', '"abc" is not a length'],
            'a unit alone' => ['cm', 'is not a length'],
            'exponent' => ['1e9', '"1e9" is not a length'],
            'not a number' => ['NaN', 'is not a length'],
            'two lengths' => ['40 cm 20 cm', 'is not a length'],
            'thousands or decimals' => ['1,200 mm', 'Write 1200 mm or 1.200 mm'],
            'division by zero' => ['3/0', 'divides by zero'],
            'unknown unit' => ['3 parsec', 'is not a length'],
        ];
    }

    #[DataProvider('unreadable')]
    public function test_it_refuses_the_rest_with_a_sentence(string $written, string $sentence): void
    {
        self::assertStringContainsString($sentence, English::refusal(static fn () => LengthParser::mm($written, LengthUnit::Millimetre)));
    }

    public function test_every_decimal_survives_every_unit(): void
    {
        foreach (LengthUnit::cases() as $unit) {
            foreach ([0.1, 1.0, 7.25, 999.5] as $number) {
                self::assertEqualsWithDelta(
                    $number * $unit->inMm(),
                    LengthParser::mm($number.' '.$unit->value, LengthUnit::Metre),
                    1e-9,
                );
            }
        }
    }
}
