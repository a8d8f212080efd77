<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** How a film ends at the edge: flooded over it, or held short of it by its own surface tension. */
enum Containment: string
{
    case Open = 'open';
    case Held = 'held';
}
