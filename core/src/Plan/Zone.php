<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Outline\Outline;
use OpenGlaze\Core\Outline\Point;
use OpenGlaze\Core\Quantity\Sourced;
use OpenGlaze\Core\Surface\Surface;

/** The part of the face that one coat covers: by its own outline and place, or by its share. */
final readonly class Zone
{
    /** @param  int|null  $layer  number of the layer that it says it belongs to, from 1 */
    public function __construct(
        public string $name,
        public ?Outline $outline,
        public ?Point $at,
        public ?Sourced $sharePct,
        public ?Surface $surface,
        public ?Sourced $soakMlPerM2,
        public ?int $layer,
    ) {
    }
}
