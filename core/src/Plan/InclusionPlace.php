<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** Where in a film something lies. */
final readonly class InclusionPlace
{
    /**
     * @param  float  $bottomMm  how far above the floor of the coat it begins
     * @param  float|null  $heightMm  from its bottom to its top; null when it lies within whatever film there is
     */
    public function __construct(
        public float $bottomMm,
        public ?float $heightMm,
        public bool $isBall,
        public bool $onTop,
    ) {
    }
}
