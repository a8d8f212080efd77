<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Quantity;

use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Message\SaidException;

/** A quantity that cannot be read. */
final class QuantityException extends SaidException
{
    public static function emptyLength(): self
    {
        return new self(Message::of('typed.empty_length'));
    }

    public static function notAVolume(string $written): self
    {
        return new self(Message::of('typed.no_volume', written: self::short($written)));
    }

    public static function notALength(string $written): self
    {
        return new self(Message::of('typed.no_length', written: self::short($written)));
    }

    public static function ambiguousComma(string $written): self
    {
        $thousands = str_replace(',', '', $written);
        $decimal = str_replace(',', '.', $written);

        return new self(Message::of('typed.ambiguous_comma', written: self::short($written), thousands: self::short($thousands), decimal: self::short($decimal)));
    }

    public static function zeroBelowTheLine(string $written): self
    {
        return new self(Message::of('typed.divides_by_zero', written: self::short($written)));
    }

    public static function notANumber(string $written): self
    {
        return new self(Message::of('typed.no_number', written: self::short($written)));
    }

    public static function notATemperature(string $written): self
    {
        return new self(Message::of('typed.no_temperature', written: self::short($written)));
    }

    public static function notATime(string $written): self
    {
        return new self(Message::of('typed.no_time', written: self::short($written)));
    }

    public static function notAThickness(string $written): self
    {
        return new self(Message::of('typed.no_viscosity', written: self::short($written)));
    }

    public static function outOfRange(string $written, float $least, float $most): self
    {
        return new self(Message::of('typed.out_of_range', written: self::short(trim($written)), least: Measure::count($least), most: Measure::count($most)));
    }

    public static function noDensity(): self
    {
        return new self(Message::of('typed.no_density'));
    }

    private static function short(string $written): string
    {
        return mb_strlen($written) > 40 ? mb_substr($written, 0, 40).'…' : $written;
    }
}
