<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Rehearsal;

/** When an accident comes, and whom it meets: drawn before the evening begins. */
final readonly class Cue
{
    /**
     * @param  float  $afterMin  after the first film is on its piece
     * @param  float  $share  which of the pieces, 0 to 1 in the order of pouring
     * @param  float  $size  how much of what there is, 0 to 1
     */
    public function __construct(
        public Accident $accident,
        public float $afterMin,
        public float $share,
        public float $size,
    ) {
    }

    /** Which of so many it meets, from 0. */
    public function at(int $count): int
    {
        return max(0, min($count - 1, (int) floor($this->share * $count)));
    }
}
