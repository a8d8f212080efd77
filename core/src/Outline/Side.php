<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/** A side of a rectangle, as it lies before the person. */
enum Side: string
{
    case Top = 'top';
    case Right = 'right';
    case Bottom = 'bottom';
    case Left = 'left';
}
