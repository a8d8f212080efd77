<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** How a film ends at the edge. */
enum Containment: string
{
    /** Flooded over it, rubbed down the sides. */
    case Open = 'open';
    /** Held short of it by its own surface tension. */
    case Held = 'held';
    /** By tape, a frame, a mould wall or a lip. */
    case Dammed = 'dammed';
    /** Laid so thick that it stays where it is put. */
    case Placed = 'placed';
}
