<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** What is stirred into a mixed batch. */
final readonly class StirredIn
{
    /**
     * @param  list<ColourCup>  $colours  that it is split into; what they leave stays clear
     */
    public function __construct(
        public array $colours = [],
        public Thinner $thinnedWith = Thinner::None,
    ) {
    }
}
