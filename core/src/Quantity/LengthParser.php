<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Quantity;

/**
 * Reads lengths as people write them: 16 in, 2' 6", 3/8, 16 1/2", 40cm, 40,5 cm, 1.2 m.
 *
 * A number without a unit is in the given default unit; a bare fraction is in inches, since
 * nobody writes eighths of a millimetre. A comma is a decimal comma; before exactly three
 * digits it is refused, because it could mean thousands.
 */
final class LengthParser
{
    private const SIGNS = ['′' => "'", '’' => "'", '″' => '"', '”' => '"', '“' => '"', "''" => '"', '⁄' => '/', '−' => '-'];

    private const FRACTIONS = [
        '½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '⅓' => ' 1/3', '⅔' => ' 2/3',
        '⅛' => ' 1/8', '⅜' => ' 3/8', '⅝' => ' 5/8', '⅞' => ' 7/8',
    ];

    private const UNIT = '(?:(mm|millimet(?:re|er)s?)|(cm|centimet(?:re|er)s?)|(m|met(?:re|er)s?)|(inch(?:es)?|in\.?|")|(foot|feet|ft\.?|\'))';

    private const WHOLE_AND_FRACTION = '(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*\/\s*(\d+)';

    private const DECIMAL = '\d+(?:[.,]\d*)?|[.,]\d+';

    private const NUMBER = '(?:'.self::WHOLE_AND_FRACTION.'|('.self::DECIMAL.'))';

    /**
     * Length in millimetres; may be zero or negative, since the range is the field's to judge.
     *
     * @throws QuantityException when it cannot be read as one length
     */
    public static function mm(string $written, LengthUnit $default): float
    {
        $text = trim(strtr(strtr($written, self::FRACTIONS), self::SIGNS));
        if ($text === '') {
            throw QuantityException::emptyLength();
        }
        $sign = 1.0;
        if (str_starts_with($text, '-')) {
            $sign = -1.0;
            $text = ltrim(substr($text, 1));
        }
        if (Thousands::mayBeMeant($text)) {
            throw QuantityException::ambiguousComma(trim($written));
        }

        return $sign * (self::feetAndInches($text, $written) ?? self::single($text, $written, $default));
    }

    private static function feetAndInches(string $text, string $written): ?float
    {
        $pattern = '/^('.self::DECIMAL.')\s*(?:foot|feet|ft\.?|\')\s*-?\s*'.self::NUMBER.'\s*(?:inch(?:es)?|in\.?|")?$/iu';
        if (preg_match($pattern, $text, $found, PREG_UNMATCHED_AS_NULL) !== 1) {
            return null;
        }
        $inches = self::number($found[2] ?? null, $found[3] ?? null, $found[4] ?? null, $found[5] ?? null, $written);

        return self::decimal($found[1]) * LengthUnit::Foot->inMm() + $inches * LengthUnit::Inch->inMm();
    }

    private static function single(string $text, string $written, LengthUnit $default): float
    {
        if (preg_match('/^'.self::NUMBER.'\s*'.self::UNIT.'?$/iu', $text, $found, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw QuantityException::notALength(trim($written));
        }
        $number = self::number($found[1] ?? null, $found[2] ?? null, $found[3] ?? null, $found[4] ?? null, $written);
        $isFraction = ($found[2] ?? null) !== null;
        $unit = match (true) {
            ($found[5] ?? null) !== null => LengthUnit::Millimetre,
            ($found[6] ?? null) !== null => LengthUnit::Centimetre,
            ($found[7] ?? null) !== null => LengthUnit::Metre,
            ($found[8] ?? null) !== null => LengthUnit::Inch,
            ($found[9] ?? null) !== null => LengthUnit::Foot,
            $isFraction => LengthUnit::Inch,
            default => $default,
        };

        return $number * $unit->inMm();
    }

    private static function number(?string $whole, ?string $above, ?string $below, ?string $decimal, string $written): float
    {
        if ($decimal !== null) {
            return self::decimal($decimal);
        }
        if ((float) $below === 0.0) {
            throw QuantityException::zeroBelowTheLine(trim($written));
        }

        return (float) $whole + (float) $above / (float) $below;
    }

    private static function decimal(string $text): float
    {
        return (float) str_replace(',', '.', $text);
    }
}
