<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Body;

/** Which side of a vessel gets coated. */
enum CylinderSide: string
{
    case Inside = 'inside';
    case Outside = 'outside';
    case Both = 'both';
}
