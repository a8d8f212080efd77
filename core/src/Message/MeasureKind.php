<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Message;

/** What a measure is of, and the unit that its value is in. */
enum MeasureKind
{
    /** mm */
    case Thickness;
    /** mm */
    case Length;
    /** ml */
    case Volume;
    /** °C */
    case Temperature;
    /** K */
    case TemperatureDifference;
    /** mm/m */
    case Slope;
    case Minutes;
    case Hours;
    case Percent;
    /** ml/m² */
    case Soak;
    case Count;
    case Number;
}
