<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Plan\Laying;
use OpenGlaze\Core\Plan\PieceKind;
use OpenGlaze\Core\Plan\ResinSheet;

/**
 * How long the hands need, in min: a studio's first guess, until its own log says better.
 *
 * Source: the studio's practice; an estimate.
 */
final class Hands
{
    /** Pouring together, changing cups and looking, on top of the maker's time for stirring. */
    public const MIXING_MORE_MIN = 1.0;

    /** Stirring where no label says how long: until it is clear, and half a minute more. */
    public const STIR_MIN = 3.0;

    /** Splitting off and stirring one colour. */
    public const COLOUR_CUP_MIN = 3.0;

    /** What is left to do at a cup that is half weighed, or being stirred. */
    public const GO_ON_MIN = 4.0;

    /** Weighing both parts out. */
    private const WEIGH_MIN = 2.0;

    /** Share of the open time at which the last piece must be spread. */
    public const SPREAD_BY = 0.8;

    private const EACH_MIN = 1.0;

    private const EACH_POUR_MIN = 0.15;

    private const ML_PER_MIN = 400.0;

    private const CM2_PER_MIN = 250.0;

    private const BEZEL_MIN = 3.0;

    private const TAG_WITH_HOLES_MIN = 2.0;

    /** Taking the cup to a piece and pouring so many ml on it. */
    public static function pourMin(float $ml): float
    {
        return self::EACH_POUR_MIN + $ml / self::ML_PER_MIN;
    }

    /** Stirring both parts; null when the label gives no time. */
    public static function mixingMin(ResinSheet $resin): ?float
    {
        return $resin->times->mixMin === null ? null : $resin->times->mixMin->value + self::MIXING_MORE_MIN;
    }

    /** Weighing out, pouring together and stirring, until a cup can be poured. */
    public static function readyMin(ResinSheet $resin): float
    {
        return self::WEIGH_MIN + (self::mixingMin($resin) ?? self::STIR_MIN + self::MIXING_MORE_MIN);
    }

    /** Splitting off and stirring so many colours, one after the other. */
    public static function colouringMin(int $colours): float
    {
        return $colours * self::COLOUR_CUP_MIN;
    }

    /** Laying and spreading this coat on one piece. */
    public static function layingMin(CoatCase $case): float
    {
        $piece = $case->piece;
        $each = match (true) {
            $piece->kind === PieceKind::Bezel => self::BEZEL_MIN,
            $piece->kind === PieceKind::Pendant && ($piece->outline?->holePerimeterMm() ?? 0.0) > 0 => self::TAG_WITH_HOLES_MIN,
            default => self::EACH_MIN + $case->volume->coveredMm2 / 100 / self::CM2_PER_MIN,
        };

        return $each * self::slowness($case);
    }

    /** How much longer its way of laying takes; parts that are laid in ways of their own count by their share. */
    private static function slowness(CoatCase $case): float
    {
        $parts = $case->coat->manner->parts;
        $all = array_sum(array_map(static fn ($part): float => $part->sharePct, $parts));
        if ($all <= 0) {
            return self::factor($case->coat->manner->laying);
        }

        return array_sum(array_map(static fn ($part): float => $part->sharePct * self::factor($part->laying ?? $case->coat->manner->laying), $parts)) / $all;
    }

    private static function factor(Laying $laying): float
    {
        return match ($laying) {
            Laying::Ribbons, Laying::Stripes => 2.0,
            Laying::Cups => 1.3,
            Laying::Drops, Laying::Lines, Laying::Lacing => 3.0,
            Laying::Centre, Laying::Skim, Laying::Brush => 1.0,
        };
    }
}
