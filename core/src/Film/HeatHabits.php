<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/** With what heat is brought, and when there is a hand for it. */
final readonly class HeatHabits
{
    /**
     * @param  float  $spreadMin  minutes that the spreading takes
     * @param  float  $betweenMin  least minutes from one pass to the next look or pass
     * @param  bool  $airFromBelow  whether what lies below gives off air: it is looked at again and again then
     * @param  float|null  $lookEveryMin  how often one looks by habit; null: once
     */
    public function __construct(
        public float $spreadMin,
        public float $betweenMin,
        public HeatTool $tool,
        public bool $airFromBelow,
        public ?float $lookEveryMin = null,
    ) {
    }
}
