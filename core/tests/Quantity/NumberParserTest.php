<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Quantity;

use OpenGlaze\Core\Quantity\NumberParser;
use OpenGlaze\Core\Quantity\QuantityException;
use OpenGlaze\Core\Quantity\UnitSystem;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class NumberParserTest extends TestCase
{
    #[TestWith(['21', 21.0])]
    #[TestWith(['21,5', 21.5])]
    #[TestWith(['−4', -4.0])]
    #[TestWith(['5 %', 5.0])]
    public function test_it_reads_plain_numbers(string $written, float $number): void
    {
        self::assertSame($number, NumberParser::number($written));
    }

    #[TestWith(['21', UnitSystem::Metric, 21.0])]
    #[TestWith(['21 °C', UnitSystem::Imperial, 21.0])]
    #[TestWith(['70', UnitSystem::Imperial, 21.1111])]
    #[TestWith(['70F', UnitSystem::Metric, 21.1111])]
    public function test_it_reads_temperatures_in_the_persons_scale(string $written, UnitSystem $units, float $celsius): void
    {
        self::assertEqualsWithDelta($celsius, NumberParser::celsius($written, $units), 1e-4);
    }

    #[TestWith(['warm'])]
    #[TestWith(['NaN'])]
    #[TestWith(['1e9'])]
    #[TestWith([''])]
    public function test_it_refuses_the_rest(string $written): void
    {
        $this->expectException(QuantityException::class);
        NumberParser::celsius($written, UnitSystem::Metric);
    }
}
