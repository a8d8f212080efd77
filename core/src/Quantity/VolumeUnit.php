<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Quantity;

/** What people measure liquids in. */
enum VolumeUnit: string
{
    case Millilitre = 'ml';
    case Centilitre = 'cl';
    case Litre = 'l';
    case UsFluidOunce = 'fl oz';
    case ImperialFluidOunce = 'imp fl oz';
    case Tablespoon = 'tbsp';
    case Teaspoon = 'tsp';
    case CubicInch = 'in³';
    case UsGallon = 'gal';
    case ImperialGallon = 'imp gal';

    /** Spoons and ounces without more said are the US ones: 16 tablespoons, 48 teaspoons to a cup of 8 fl oz. */
    public function ml(): float
    {
        return match ($this) {
            self::Millilitre => 1.0,
            self::Centilitre => 10.0,
            self::Litre => 1000.0,
            self::UsFluidOunce => 29.5735295625,
            self::ImperialFluidOunce => 28.4130625,
            self::Tablespoon => 14.78676478125,
            self::Teaspoon => 4.92892159375,
            self::CubicInch => 16.387064,
            self::UsGallon => 3785.411784,
            self::ImperialGallon => 4546.09,
        };
    }
}
