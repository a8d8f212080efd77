<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** How a hard film is made ready for the next coat. */
enum OverHard: string
{
    case Sand = 'sand';
    case Wipe = 'wipe';
}
