<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** The shapes that the plan file knows. */
enum Shape: string
{
    case Rectangle = 'rectangle';
    case Circle = 'circle';
    case Ellipse = 'ellipse';
    case Ring = 'ring';
    case Polygon = 'polygon';
    case Path = 'path';
}
