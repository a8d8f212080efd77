<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Amount;

use OpenGlaze\Core\Edge\LaidToStay;
use OpenGlaze\Core\Film\Liquid;
use OpenGlaze\Core\Held\Dome;
use OpenGlaze\Core\Plan\Coat;
use OpenGlaze\Core\Plan\Piece;
use OpenGlaze\Core\Plan\SizeBy;
use OpenGlaze\Core\Quantity\Origin;
use OpenGlaze\Core\Quantity\Sourced;

/** A coat's film, whichever school it was sized by: its mean thickness, and what one piece takes of it. */
final readonly class Sized
{
    /**
     * @param  Sourced|null  $thicknessMm  null where there is no face, and so no mean film
     * @param  float  $filmMl  per piece
     */
    private function __construct(
        public ?Sourced $thicknessMm,
        public float $filmMl,
    ) {
    }

    /** @throws SizingException when the coat's size cannot be worked out for this piece */
    public static function of(Piece $piece, Coat $coat, Face $face, LaidBelow $ground, CoatVolume $volume, Liquid $liquid, float $lipMm, float $shrinkagePct, ?LaidToStay $laidToStay = null): self
    {
        $value = $coat->asked->size->value->value;
        $each = $piece->body?->eachMl();
        if ($each !== null && $coat->asked->size->by === SizeBy::Thickness) {
            // what is counted takes its own amount, whatever its film is
            return $volume->coveredMm2 > 0 ? self::laid($each, $volume) : new self($coat->asked->size->value, $each);
        }

        return match ($coat->asked->size->by) {
            SizeBy::Thickness, SizeBy::TotalDepth => self::thick($coat->asked->size->value, $coat, $volume, $face, $shrinkagePct),
            SizeBy::Stays => self::thick(self::stays($value, $volume, $laidToStay), $coat, $volume, $face, $shrinkagePct),
            SizeBy::EdgeAngle => self::thick(Sourced::from($lipMm + self::domeMm($face, $value, $liquid), Origin::Computed), $coat, $volume, $face, $shrinkagePct),
            SizeBy::RestLeavingMm => self::thick(self::rest($piece, $ground, $value), $coat, $volume, $face, $shrinkagePct),
            SizeBy::RestLeavingMl => self::laid(self::restMl($piece, $ground, $value), $volume),
            SizeBy::SpreadRate => self::amount($value * self::coveredCm2($face, $volume), $coat, $volume),
            SizeBy::PerPiece => self::amount($value, $coat, $volume),
        };
    }

    private static function thick(Sourced $mm, Coat $coat, CoatVolume $volume, Face $face, float $shrinkagePct): self
    {
        if ($face->areaMm2 === null) {
            throw SizingException::noFace();
        }
        $texture = $coat->asked->size->by === SizeBy::Thickness ? $coat->asked->coverage->texture->value : 1.0;

        return new self($mm, $volume->coveredMm2 * $mm->value / 1000 * $texture / (1 - $shrinkagePct / 100));
    }

    /** An amount that was laid, or what is left as a film of what was mixed. */
    private static function amount(float $ml, Coat $coat, CoatVolume $volume): self
    {
        return self::laid($coat->asked->size->isMixed() ? $volume->filmOfMixed($ml, $volume->allSolidMl()) : $ml, $volume);
    }

    private static function laid(float $filmMl, CoatVolume $volume): self
    {
        return new self($volume->coveredMm2 > 0 ? Sourced::from($filmMl * 1000 / $volume->coveredMm2, Origin::Computed) : null, $filmMl);
    }

    private static function coveredCm2(Face $face, CoatVolume $volume): float
    {
        return $face->areaMm2 === null ? throw SizingException::noFace() : $volume->coveredMm2 / 100;
    }

    private static function domeMm(Face $face, float $angleDeg, Liquid $liquid): float
    {
        if ($face->domeEdge === null) {
            throw SizingException::noOutlineToHold();
        }

        return Dome::meetingAt($face->domeEdge, $angleDeg, $liquid->capillaryLengthMm())->meanMm();
    }

    /** With nothing to run over it is what is asked for. */
    private static function stays(float $mm, CoatVolume $volume, ?LaidToStay $laidToStay): Sourced
    {
        $laid = $laidToStay === null ? $mm : $laidToStay->laidMm($mm) ?? throw SizingException::runsOff($laidToStay->mostMm());

        return Sourced::from($laid / (1 + $volume->runoffShare), Origin::Computed);
    }

    private static function rest(Piece $piece, LaidBelow $ground, float $leavingMm): Sourced
    {
        $depth = $piece->rim->recessMm->value ?? throw SizingException::noMould();
        $left = $depth - $ground->belowMm - $leavingMm;
        if ($left <= 0) {
            throw SizingException::nothingLeft($depth - $ground->belowMm, 'mm');
        }

        return Sourced::from($left, Origin::Computed);
    }

    private static function restMl(Piece $piece, LaidBelow $ground, float $leavingMl): float
    {
        $holds = $piece->holdsMl() ?? throw SizingException::noMould();
        $left = $holds - $ground->takenMl - $leavingMl;
        if ($left <= 0) {
            throw SizingException::nothingLeft($holds - $ground->takenMl, 'ml');
        }

        return $left;
    }
}
