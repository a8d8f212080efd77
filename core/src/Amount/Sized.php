<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Amount;

use OpenGlaze\Core\Edge\LaidToStay;
use OpenGlaze\Core\Held\Dome;
use OpenGlaze\Core\Plan\SizeBy;
use OpenGlaze\Core\Quantity\Origin;
use OpenGlaze\Core\Quantity\Sourced;

/** A coat's film, whichever school it was sized by: its mean thickness, and what one piece takes of it. */
final readonly class Sized
{
    private const MOST_ROUNDS = 50;

    private const NEAR = 1e-12;

    /**
     * @param  Sourced|null  $thicknessMm  null where there is no face, and so no mean film
     * @param  float  $filmMl  per piece
     *
     * @throws SizingException when it comes to a film that no file could ask for
     */
    private function __construct(
        public ?Sourced $thicknessMm,
        public float $filmMl,
    ) {
        [$least, $most] = SizeBy::Thickness->range();
        if ($thicknessMm !== null && ! ($thicknessMm->value >= $least && $thicknessMm->value <= $most)) {
            throw SizingException::noSuchFilm($thicknessMm->value, $least, $most);
        }
    }

    /**
     * @param  float  $lipMm  how high the lip stands that a held film fills, mm
     * @param  LaidToStay|null  $laidToStay  how much is laid for so much to stay; null where nothing runs over an edge
     *
     * @throws SizingException when the coat's size cannot be worked out for this piece
     */
    public static function of(CoatVolume $volume, float $lipMm, float $shrinkagePct, ?LaidToStay $laidToStay = null): self
    {
        $size = $volume->coat->asked->size;
        $value = $size->value->value;
        $each = $volume->piece->body?->eachMl();
        if ($each !== null && $size->by === SizeBy::Thickness) {
            // what is counted takes its own amount, whatever its film is
            return $volume->coveredMm2 > 0 ? self::laid($each, $volume) : new self($size->value, $each);
        }

        return match ($size->by) {
            SizeBy::Thickness, SizeBy::TotalDepth => self::thick($size->value, $volume, $shrinkagePct),
            SizeBy::Stays => self::thick(self::stays($value, $volume, $laidToStay), $volume, $shrinkagePct),
            SizeBy::EdgeAngle => self::thick(Sourced::from($lipMm + self::domeMm($volume, $value), Origin::Computed), $volume, $shrinkagePct),
            SizeBy::RestLeavingMm => self::thick(self::rest($volume, $value), $volume, $shrinkagePct),
            SizeBy::RestLeavingMl => self::laid(self::restMl($volume, $value), $volume),
            SizeBy::SpreadRate => self::amount($value * self::coveredCm2($volume), $volume),
            SizeBy::PerPiece => self::amount($value, $volume),
        };
    }

    private static function thick(Sourced $mm, CoatVolume $volume, float $shrinkagePct): self
    {
        if ($volume->face->areaMm2 === null) {
            throw SizingException::noFace();
        }
        $asked = $volume->coat->asked;
        $texture = $asked->size->by === SizeBy::Thickness ? $asked->coverage->texture->value : 1.0;

        return new self($mm, $volume->coveredMm2 * $mm->value / 1000 * $texture / (1 - $shrinkagePct / 100));
    }

    /** An amount that was laid, or what is left as a film of what was mixed. */
    private static function amount(float $ml, CoatVolume $volume): self
    {
        return self::laid($volume->coat->asked->size->isMixed() ? $volume->filmOfMixed($ml, $volume->allSolidMl()) : $ml, $volume);
    }

    private static function laid(float $filmMl, CoatVolume $volume): self
    {
        return new self($volume->coveredMm2 > 0 ? Sourced::from($filmMl * 1000 / $volume->coveredMm2, Origin::Computed) : null, $filmMl);
    }

    private static function coveredCm2(CoatVolume $volume): float
    {
        return $volume->face->areaMm2 === null ? throw SizingException::noFace() : $volume->coveredMm2 / 100;
    }

    private static function domeMm(CoatVolume $volume, float $angleDeg): float
    {
        if ($volume->face->domeEdge === null) {
            throw SizingException::noOutlineToHold();
        }

        return Dome::meetingAt($volume->face->domeEdge, $angleDeg, $volume->liquid->capillaryLengthMm())->meanMm();
    }

    /** With nothing to run over it is what is asked for; what stands in the film is no resin. */
    private static function stays(float $mm, CoatVolume $volume, ?LaidToStay $laidToStay): Sourced
    {
        $laid = $laidToStay === null ? $mm : $laidToStay->laidMm($mm) ?? throw SizingException::runsOff($laidToStay->mostMm());
        $film = $laid / (1 + $volume->runoffShare);
        // more of what stands in it lies below the surface of a thicker film
        for ($i = 0; $volume->coveredMm2 > 0 && $i < self::MOST_ROUNDS; $i++) {
            $before = $film;
            $film = ($laid + $volume->solidMl(0.0, $film, $film) * 1000 / $volume->coveredMm2) / (1 + $volume->runoffShare);
            if (abs($film - $before) <= self::NEAR * $film) {
                break;
            }
        }

        return Sourced::from($film, Origin::Computed);
    }

    private static function rest(CoatVolume $volume, float $leavingMm): Sourced
    {
        $depth = $volume->piece->rim->recessMm->value ?? throw SizingException::noMould();
        $left = $depth - $volume->ground->belowMm - $leavingMm;
        if ($left <= 0) {
            throw SizingException::nothingLeft($depth - $volume->ground->belowMm, 'mm');
        }

        return Sourced::from($left, Origin::Computed);
    }

    private static function restMl(CoatVolume $volume, float $leavingMl): float
    {
        $holds = $volume->piece->holdsMl() ?? throw SizingException::noMould();
        $left = $holds - $volume->ground->takenMl - $leavingMl;
        if ($left <= 0) {
            throw SizingException::nothingLeft($holds - $volume->ground->takenMl, 'ml');
        }

        return $left;
    }
}
