<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Quantity;

use DomainException;

/** A quantity that cannot be read; the message is a sentence for the person who typed it. */
final class QuantityException extends DomainException
{
    public static function emptyLength(): self
    {
        return new self('Write a length, such as 40 cm, 16 in or 2\' 6".');
    }

    public static function notAVolume(string $written): self
    {
        return new self(sprintf('"%s" is not an amount of liquid. Write it as 38 ml, 1.5 l, 5 fl oz, 2 1/2 tbsp or 3 in³.', self::short($written)));
    }

    public static function notALength(string $written): self
    {
        return new self(sprintf('"%s" is not a length. Write it as 40 cm, 16 in, 2\' 6" or 3/8.', self::short($written)));
    }

    public static function ambiguousComma(string $written): self
    {
        $thousands = str_replace(',', '', $written);
        $decimal = str_replace(',', '.', $written);

        return new self(sprintf('"%s" can mean two numbers. Write %s or %s.', self::short($written), self::short($thousands), self::short($decimal)));
    }

    public static function zeroBelowTheLine(string $written): self
    {
        return new self(sprintf('"%s" divides by zero. Write a fraction such as 3/8.', self::short($written)));
    }

    public static function notANumber(string $written): self
    {
        return new self(sprintf('"%s" is not a number. Write digits, such as 21 or 21.5.', self::short($written)));
    }

    public static function notATemperature(string $written): self
    {
        return new self(sprintf('"%s" is not a temperature. Write it as 21, 21 °C or 70 °F.', self::short($written)));
    }

    public static function notATime(string $written): self
    {
        return new self(sprintf('"%s" is not a time. Write it as 30 min, 3 h, 3-4 h or 1 day.', self::short($written)));
    }

    public static function notAThickness(string $written): self
    {
        return new self(sprintf('"%s" is not a thickness. Write it as 900 cps or 0.9 Pa·s.', self::short($written)));
    }

    public static function outOfRange(string $written, float $least, float $most): self
    {
        return new self(sprintf('%s is out of range: write a number from %s to %s.', self::short(trim($written)), number_format($least), number_format($most)));
    }

    public static function noDensity(): self
    {
        return new self('The label gives no density of this part: write it down in ml.');
    }

    private static function short(string $written): string
    {
        return mb_strlen($written) > 40 ? mb_substr($written, 0, 40).'…' : $written;
    }
}
