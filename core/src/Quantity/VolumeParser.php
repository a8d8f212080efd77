<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Quantity;

/** Reads amounts of liquid as people write them: "38", "2 1/2 tbsp", "1,5 l", "8 imp fl oz", "3 in³". */
final class VolumeParser
{
    private const NUMBER = '([-−]?)\s*(?:(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)|(\d+(?:[.,]\d*)?|[.,]\d+))';

    /** The unit's name, without spaces and points, by what it may be written as. */
    private const UNITS = [
        'ml' => VolumeUnit::Millilitre, 'cl' => VolumeUnit::Centilitre, 'l' => VolumeUnit::Litre, 'litre' => VolumeUnit::Litre, 'litres' => VolumeUnit::Litre, 'liter' => VolumeUnit::Litre,
        'floz' => VolumeUnit::UsFluidOunce, 'oz' => VolumeUnit::UsFluidOunce, 'usfloz' => VolumeUnit::UsFluidOunce,
        'impfloz' => VolumeUnit::ImperialFluidOunce, 'ukfloz' => VolumeUnit::ImperialFluidOunce, 'imperialfloz' => VolumeUnit::ImperialFluidOunce,
        'tbsp' => VolumeUnit::Tablespoon, 'tablespoon' => VolumeUnit::Tablespoon, 'tablespoons' => VolumeUnit::Tablespoon,
        'tsp' => VolumeUnit::Teaspoon, 'teaspoon' => VolumeUnit::Teaspoon, 'teaspoons' => VolumeUnit::Teaspoon,
        'in3' => VolumeUnit::CubicInch, 'in³' => VolumeUnit::CubicInch, 'cuin' => VolumeUnit::CubicInch,
        'gal' => VolumeUnit::UsGallon, 'gallon' => VolumeUnit::UsGallon, 'gallons' => VolumeUnit::UsGallon, 'usgal' => VolumeUnit::UsGallon,
        'impgal' => VolumeUnit::ImperialGallon, 'ukgal' => VolumeUnit::ImperialGallon,
    ];

    /**
     * Ml; without a unit in ml, or US fluid ounces for who reads imperial units. What range it may have is the field's to judge.
     *
     * @throws QuantityException when it is not one volume
     */
    public static function ml(string $written, UnitSystem $units): float
    {
        if (preg_match('/^\s*'.self::NUMBER.'\s*([a-z³.\s]*\d?)\s*$/iu', $written, $found, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw QuantityException::notAVolume(trim($written));
        }
        if (Thousands::mayBeMeant($written)) {
            throw QuantityException::ambiguousComma(trim($written));
        }
        [, $sign, $whole, $above, $below, $decimal, $name] = $found;
        $name = mb_strtolower(preg_replace('/[\s.]+/u', '', $name) ?? '');
        $unit = $name === '' ? $units->volumeUnit() : self::UNITS[$name] ?? null;
        if ($unit === null || ($decimal === null && (float) $below === 0.0)) {
            throw QuantityException::notAVolume(trim($written));
        }
        $number = $decimal === null ? (float) $whole + (float) $above / (float) $below : (float) strtr($decimal, [',' => '.']);

        return ($sign === '' ? 1 : -1) * $number * $unit->ml();
    }
}
