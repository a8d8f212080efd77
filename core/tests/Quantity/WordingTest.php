<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Quantity;

use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Quantity\Wording;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WordingTest extends TestCase
{
    #[TestWith(['thickness', 1.6, '1.6 mm', '0.063 in'])]
    #[TestWith(['thickness', 0.25, '0.25 mm', '0.01 in'])]
    #[TestWith(['length', 620.0, '620 mm', '24.41 in'])]
    #[TestWith(['length', 2.54, '2.5 mm', '0.1 in'])]
    #[TestWith(['temperature', 21.0, '21 °C', '70 °F'])]
    #[TestWith(['temperature', -10.0, '-10 °C', '14 °F'])]
    #[TestWith(['temperatureDifference', 3.0, '3 °C', '5 °F'])]
    #[TestWith(['slope', 1.0, '1 mm in a metre', '0.012 in in a foot'])]
    #[TestWith(['minutes', 41.6, '42 min', '42 min'])]
    #[TestWith(['percent', 80.4, '80 %', '80 %'])]
    #[TestWith(['soak', 25.0, '25 ml/m²', '0.08 fl oz a square foot'])]
    public function test_a_quantity_is_said_in_the_persons_units(string $of, float $value, string $metric, string $imperial): void
    {
        self::assertSame($metric, (new Wording)->{$of}($value));
        self::assertSame($imperial, (new Wording(UnitSystem::Imperial))->{$of}($value));
    }

    #[TestWith([1.0, 2, '1'])]
    #[TestWith([1.10, 2, '1.1'])]
    #[TestWith([0.005, 2, '0.01'])]
    #[TestWith([1000.0, 0, '1000'])]
    #[TestWith([-0.5, 1, '-0.5'])]
    public function test_numbers_end_without_zeros(float $value, int $decimals, string $text): void
    {
        self::assertSame($text, Wording::number($value, $decimals));
    }
}
