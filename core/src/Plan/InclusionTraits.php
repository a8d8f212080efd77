<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** What something embedded does to its film, and what heat does to it. */
final readonly class InclusionTraits
{
    /**
     * @param  bool  $afterHeat  laid on after the last heat: until then it does not count for it
     */
    public function __construct(
        public bool $floats,
        public bool $drinks,
        public bool $trapsAir,
        public bool $toleratesHeat,
        public bool $afterHeat,
    ) {
    }
}
