<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/** What holds a pour in, and how the piece lies. */
final readonly class PieceRim
{
    public function __construct(
        /** depth of the recess or mould that its pours lie in */
        public ?Sourced $recessMm,
        /** lowest point of the lip round its face */
        public ?Sourced $lipMm,
        public bool $faceDown,
        /** of the whole stack */
        public ?Sourced $targetThicknessMm,
        /** what was last sprayed in its mould */
        public ?string $release,
    ) {
    }
}
