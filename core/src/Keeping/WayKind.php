<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Keeping;

/** How a film can be kept on a face that it would run off. */
enum WayKind: string
{
    case AsAsked = 'as_asked';
    case Coats = 'coats';
    case Held = 'held';
    case Older = 'older';
    case More = 'more';
    case Sharper = 'sharper';
    case Resin = 'resin';
}
