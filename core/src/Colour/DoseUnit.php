<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Colour;

/** What a colourant is counted in; the values are the names of the plan file's fields. */
enum DoseUnit: string
{
    case Ml = 'ml';
    case G = 'g';
    case Drops = 'drops';
    case Dips = 'dips';
    case Scoops = 'scoops';
}
