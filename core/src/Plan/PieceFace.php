<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Heat\Base;
use OpenGlaze\Core\Quantity\Sourced;
use OpenGlaze\Core\Surface\Surface;

/** What is coated: what it drinks, and what it stands. */
final readonly class PieceFace
{
    public function __construct(
        public Surface $surface,
        public Sourced $soakMlPerM2,
        /** whether it stands a flame */
        public bool $toleratesHeat,
        /** what it is made of below its face */
        public Base $base,
        /** how deep that is; null for the usual depth */
        public ?Sourced $baseMm,
    ) {
    }
}
