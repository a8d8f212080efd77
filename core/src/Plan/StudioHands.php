<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Measuring\MeasuredBy;
use OpenGlaze\Core\Quantity\Sourced;

/** How its people work. */
final readonly class StudioHands
{
    public function __construct(
        /** until a film is spread */
        public Sourced $spreadMin,
        /** between two passes with the heat */
        public Sourced $secondTorchMin,
        /** mixed on top */
        public Sourced $marginPct,
        /** what clings to a cup */
        public Sourced $residueFilmMm,
        /** how the two parts are measured, until a batch says otherwise; null while nobody said */
        public ?MeasuredBy $measuredBy,
        /** what bubbles are taken out with by habit, where nothing rules it out; null without one */
        public ?HeatTool $heatTool = null,
        /** how often one looks until a film closes, min; null: once, at the end */
        public ?Sourced $lookEveryMin = null,
    ) {
    }
}
