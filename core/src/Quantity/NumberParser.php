<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Quantity;

/** Reads plain numbers and temperatures as people write them, with a decimal point or comma. */
final class NumberParser
{
    private const NUMBER = '[-+−]?(?:\d+(?:[.,]\d*)?|[.,]\d+)';

    /** @throws QuantityException when it is not one plain number */
    public static function number(string $written): float
    {
        if (preg_match('/^\s*('.self::NUMBER.')\s*%?\s*$/u', $written, $found) !== 1) {
            throw QuantityException::notANumber(trim($written));
        }

        return self::decimal($found[1]);
    }

    /**
     * Temperature in °C; a number without a unit is °F for a person who reads imperial units.
     *
     * @throws QuantityException when it is not one temperature
     */
    public static function celsius(string $written, UnitSystem $units): float
    {
        if (preg_match('/^\s*('.self::NUMBER.')\s*(?:°?\s*([CF]))?\s*$/iu', $written, $found) !== 1) {
            throw QuantityException::notATemperature(trim($written));
        }
        $degrees = self::decimal($found[1]);
        $scale = strtoupper($found[2] ?? ($units === UnitSystem::Metric ? 'C' : 'F'));

        return $scale === 'C' ? $degrees : ($degrees - 32) / 1.8;
    }

    private static function decimal(string $text): float
    {
        return (float) strtr($text, [',' => '.', '−' => '-']);
    }
}
