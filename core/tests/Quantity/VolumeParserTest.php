<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Quantity;

use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Quantity\VolumeParser;
use OpenGlaze\Core\Quantity\VolumeUnit;
use OpenGlaze\Core\Tests\Support\English;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class VolumeParserTest extends TestCase
{
    #[TestWith(['38', 38.0])]
    #[TestWith(['38 ml', 38.0])]
    #[TestWith(['1,5 l', 1500.0])]
    #[TestWith(['.5 L', 500.0])]
    #[TestWith(['2 1/2 tbsp', 36.966911953])]
    #[TestWith(['1/2 tsp', 2.464460797])]
    #[TestWith(['5 fl. oz.', 147.867647813])]
    #[TestWith(['5 imp fl oz', 142.0653125])]
    #[TestWith(['3 in³', 49.161192])]
    #[TestWith(['3 cu in', 49.161192])]
    #[TestWith(['3in3', 49.161192])]
    #[TestWith(['1 gal', 3785.411784])]
    #[TestWith(['1 imp gal', 4546.09])]
    #[TestWith(['-4', -4.0])]
    public function test_amounts_as_people_write_them(string $written, float $ml): void
    {
        self::assertEqualsWithDelta($ml, VolumeParser::ml($written, UnitSystem::Metric), 1e-6);
    }

    public function test_a_bare_number_is_in_the_persons_unit(): void
    {
        self::assertEqualsWithDelta(2 * 29.5735295625, VolumeParser::ml('2', UnitSystem::Imperial), 1e-9);
        self::assertEqualsWithDelta(2.0, VolumeParser::ml('2 ml', UnitSystem::Imperial), 1e-9);
    }

    #[TestWith([''])]
    #[TestWith(['some'])]
    #[TestWith(['3 kg'])]
    #[TestWith(['1/0 tsp'])]
    #[TestWith(['3 4 ml'])]
    public function test_what_is_no_amount_is_refused(string $written): void
    {
        self::assertStringContainsString('is not an amount of liquid', English::refusal(static fn () => VolumeParser::ml($written, UnitSystem::Metric)));
    }

    public function test_units_fit_together(): void
    {
        self::assertEqualsWithDelta(2 * VolumeUnit::Tablespoon->ml(), VolumeUnit::UsFluidOunce->ml(), 1e-9);
        self::assertEqualsWithDelta(3 * VolumeUnit::Teaspoon->ml(), VolumeUnit::Tablespoon->ml(), 1e-9);
        self::assertEqualsWithDelta(128 * VolumeUnit::UsFluidOunce->ml(), VolumeUnit::UsGallon->ml(), 1e-6);
        self::assertEqualsWithDelta(160 * VolumeUnit::ImperialFluidOunce->ml(), VolumeUnit::ImperialGallon->ml(), 1e-6);
        self::assertEqualsWithDelta(231 * VolumeUnit::CubicInch->ml(), VolumeUnit::UsGallon->ml(), 1e-6);
    }
}
