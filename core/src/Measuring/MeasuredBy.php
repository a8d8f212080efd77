<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Measuring;

/** How the two parts are measured; the values are those of the plan file. */
enum MeasuredBy: string
{
    case Cups = 'cups';
    case OneCup = 'one_cup';
    case PenLines = 'pen_lines';
    case Fills = 'fills';
    case Scale = 'scale';
    case ScaleUntared = 'scale_untared';

    /** By the marks of a vessel, in ml; else by a scale, in g. */
    public function isByVolume(): bool
    {
        return match ($this) {
            self::Cups, self::OneCup, self::PenLines, self::Fills => true,
            self::Scale, self::ScaleUntared => false,
        };
    }

    /** The second part is what two readings differ by, not a reading of its own. */
    public function isByDifference(): bool
    {
        return match ($this) {
            self::OneCup, self::PenLines, self::ScaleUntared => true,
            self::Cups, self::Fills, self::Scale => false,
        };
    }

    /** Both parts are read as they stand in the cup that they are mixed in. */
    public function isInTheCup(): bool
    {
        return $this === self::OneCup || $this === self::PenLines;
    }
}
