<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** A studio's plan: everything that is needed to compute its coats. */
final readonly class Plan
{
    /**
     * @param  array<string, ResinSheet>  $resins  by id
     * @param  array<string, Piece>  $pieces  by id
     * @param  list<Coat>  $coats  in the order in which they are laid
     * @param  list<Batch>  $batches
     */
    public function __construct(
        public Studio $studio,
        public array $resins,
        public array $pieces,
        public array $coats,
        public array $batches = [],
    ) {
    }
}
