<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Amount;

use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Message\SaidException;

/** A coat whose amount cannot be worked out; names the field of the coat, and says what would do. */
final class SizingException extends SaidException
{
    private function __construct(public readonly string $field, Message $said)
    {
        parent::__construct($said);
    }

    public static function noFace(): self
    {
        return new self('size_by', Message::of('sizing.no_face'));
    }

    public static function noOutlineToHold(): self
    {
        return new self('containment', Message::of('sizing.no_outline_to_hold'));
    }

    public static function noMould(): self
    {
        return new self('size_by', Message::of('sizing.no_mould'));
    }

    public static function nothingLeft(float $left, string $unit): self
    {
        return new self('size_by', Message::of('sizing.nothing_left', left: Measure::number($left, 1), unit: $unit));
    }

    public static function noSuchFilm(float $mm, float $leastMm, float $mostMm): self
    {
        return new self('size_by', Message::of('sizing.no_such_film', film: Measure::number($mm, 3), least: Measure::number($leastMm, 2), most: Measure::number($mostMm, 0)));
    }

    public static function runsOff(float $mostMm): self
    {
        return new self('size_by', Message::of('sizing.runs_off', most: Measure::number(floor($mostMm * 100) / 100, 2)));
    }

    public static function mixedTooLittle(float $neededMl): self
    {
        return new self('size_by', Message::of('sizing.mixed_too_little', needed: Measure::number($neededMl, 1)));
    }

    public static function allInclusion(float $solidMl, float $filmMl): self
    {
        return new self('inclusions', Message::of('sizing.all_inclusions', solid: Measure::number($solidMl, 1), film: Measure::number($filmMl, 1)));
    }

    public static function zoneWithoutFace(): self
    {
        return new self('zone', Message::of('sizing.zone_without_face'));
    }

    public static function zoneOutside(): self
    {
        return new self('zone', Message::of('sizing.zone_outside'));
    }

    public static function zonesOverlap(string $name, int $layer): self
    {
        return new self('zone', Message::of('sizing.zones_overlap', name: $name === '' ? Message::of('sizing.another_zone') : Message::of('sizing.zone_named', name: $name), layer: $layer));
    }

    public static function sharesPastWhole(float $percent): self
    {
        return new self('zone', Message::of('sizing.shares_past_whole', percent: Measure::number($percent, 1)));
    }

    public static function catalyst(Message $said): self
    {
        return new self('size_by', $said);
    }
}
