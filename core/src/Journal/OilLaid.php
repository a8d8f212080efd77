<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

/** How effect oil came into a wet film. */
enum OilLaid: string
{
    case Drops = 'drops';
    case Touches = 'touches';
}
