<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

/** The colours of a batch, and how they come out. */
final readonly class ColouredBatch
{
    /**
     * @param  list<ColourShare>  $shares  in the order to colour in
     * @param  list<Swatch>  $swatches  of each colour on each coat that it is poured on
     */
    public function __construct(
        public array $shares = [],
        public array $swatches = [],
    ) {
    }
}
