<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tracing;

use OpenGlaze\Core\Outline\Point;

/** Where a point of a photo lies on the piece, in mm. */
interface PhotoScale
{
    public function onPiece(Point $pixel): Point;
}
