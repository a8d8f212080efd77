<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Amount;

use DomainException;
use OpenGlaze\Core\Wording\Wording;

/** A coat whose amount cannot be worked out; names the field of the coat, and says what would do. */
final class SizingException extends DomainException
{
    private function __construct(public readonly string $field, string $sentence)
    {
        parent::__construct($sentence);
    }

    public static function noFace(): self
    {
        return new self('size_by', 'This piece has no outline, and so no face to spread a film on: size the coat by ml_per_piece, or by rest_leaving_ml in a mould.');
    }

    public static function noOutlineToHold(): self
    {
        return new self('containment', 'A film is held by an outline: give the piece one, or the zone its own, or write dammed.');
    }

    public static function noMould(): self
    {
        return new self('size_by', 'Only a piece with a recess, or one measured by water, can be filled up: give it recess_mm or water_g.');
    }

    public static function nothingLeft(float $left, string $unit): self
    {
        return new self('size_by', sprintf('Nothing is left to fill: the earlier coats leave %s %s.', Wording::number($left, 1), $unit));
    }

    public static function runsOff(float $mostMm): self
    {
        return new self('size_by', sprintf(
            'So much cannot stay on this face: at most about %s mm do, however much is laid. Lay it in several coats, hold it at the edge, or make the edge sharper.',
            Wording::number(floor($mostMm * 100) / 100, 2),
        ));
    }

    public static function mixedTooLittle(float $neededMl): self
    {
        return new self('size_by', sprintf(
            'So little would all go into edges, soak, cups and margin: more than %s ml a piece leave a film.',
            Wording::number($neededMl, 1),
        ));
    }

    public static function allInclusion(float $solidMl, float $filmMl): self
    {
        return new self('inclusions', sprintf(
            'The inclusions take %s ml of a layer of %s ml: nothing would be left to pour. Plan fewer, or a deeper layer.',
            Wording::number($solidMl, 1),
            Wording::number($filmMl, 1),
        ));
    }

    public static function zoneWithoutFace(): self
    {
        return new self('zone', 'A zone lies on a face: give the piece an outline.');
    }

    public static function zoneOutside(): self
    {
        return new self('zone', 'This zone lies outside the piece: move it onto the face.');
    }

    public static function zonesOverlap(string $name, int $layer): self
    {
        return new self('zone', sprintf('This zone lies over %s in layer %d: zones of one layer do not overlap. Move it, or put it in the next layer.', $name === '' ? 'another one' : '"'.$name.'"', $layer));
    }

    public static function sharesPastWhole(float $percent): self
    {
        return new self('zone', sprintf('The zones of this layer add up to %s %%: make them 100 %% or less.', Wording::number($percent, 1)));
    }

    public static function catalyst(string $sentence): self
    {
        return new self('size_by', $sentence);
    }
}
