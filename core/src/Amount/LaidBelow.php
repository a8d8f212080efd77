<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Amount;

use OpenGlaze\Core\Plan\Coat;

/** What one coat is laid on: how much lies below it already. */
final readonly class LaidBelow
{
    /**
     * @param  bool  $isRaw  whether it lies in the first layer
     * @param  int  $layer  number of its layer, from 1
     * @param  float  $belowMm  mean thickness of all coats below, over the whole face
     * @param  float  $takenMl  what earlier pours took of one piece's recess or mould, their inclusions with them
     * @param  Coat|null  $below  the coat that it lies on
     * @param  bool  $onOil  whether oil was stirred into that coat
     * @param  Wetted  $wetted  what has drunk already
     */
    public function __construct(
        public bool $isRaw,
        public int $layer,
        public float $belowMm,
        public float $takenMl,
        public ?Coat $below,
        public bool $onOil,
        public Wetted $wetted,
    ) {
    }
}
